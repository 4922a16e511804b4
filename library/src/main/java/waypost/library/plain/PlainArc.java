package waypost.library.plain;

import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.limit.MotionLimit;

/** Says how far a joint may be moved. */
record PlainArc(PlainText words, MotionLimit limit) {

    /** @param allowed empty where nothing is */
    String say(Optional<Arc> allowed) {
        return allowed.map(this::within).orElseGet(() -> {
            PlainMotion move = move();
            return words.say("arc.none", move.verb(), move.object(), "", way());
        });
    }

    private String within(Arc arc) {
        Arc possible = limit.motion().possible();
        if (arc.least().equals(possible.least())) {
            return end(Direction.POSITIVE, arc.most());
        }
        if (arc.most().equals(possible.most())) {
            return end(Direction.NEGATIVE, arc.least());
        }
        if (arc.least().equals(arc.most())) {
            return words.say("arc.still", move().verb(), move().object(), move().angle(arc.most()));
        }
        boolean aroundNeutral = arc.least().value() < 0;
        return aroundNeutral
                ? end(Direction.POSITIVE, arc.most()) + " " + end(Direction.NEGATIVE, arc.least())
                : between(arc);
    }

    private String between(Arc arc) {
        PlainMotion move = move();
        return words.say(
                "arc.between", move.verb(), move.object(), move.angle(arc.least()), way(), move.angle(arc.most()));
    }

    /** One end of an arc: not past it, or short of neutral. */
    private String end(Direction direction, Degrees edge) {
        PlainMotion move = PlainMotion.of(words, limit.motion(), direction);
        double beyond = direction == Direction.POSITIVE ? edge.value() : -edge.value();
        if (beyond < 0) {
            return words.say(
                    "arc.short", move.verb(), move.object(), PlainMotion.degrees(words, edge), way(), move.neutral());
        }
        if (beyond == 0) {
            return words.say("arc.past.neutral", move.verb(), move.object(), move.toNeutral(), way());
        }
        String way = way();
        String angle = way.isEmpty() ? move.pictured(edge) : move.angle(edge);
        return words.say("arc.past", move.verb(), move.object(), angle, way);
    }

    private PlainMotion move() {
        return PlainMotion.of(words, limit.circumstance());
    }

    private String way() {
        return PlainWay.of(words, limit.circumstance());
    }
}
