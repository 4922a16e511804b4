package waypost.app.teach;

import java.util.Optional;
import waypost.app.figure.Figures;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.limit.MotionLimit;
import waypost.core.teach.Example;

/** The movement that a precaution means and the one that it does not. */
record Pictures(Optional<Taught.Picture> meant, Optional<Taught.Picture> notMeant) {

    /** Where it is about an angle, the joint alone shows what is meant: how far. */
    static Pictures of(Standing standing, Precaution<?> precaution, Side side) {
        Optional<Example> example = Example.of(standing, precaution);
        return new Pictures(
                angle(precaution, side)
                        .or(() -> example.flatMap(Example::meant)
                                .or(() -> Example.left(standing, precaution))
                                .map(shown -> drawn(shown, precaution, side))),
                example.map(found -> drawn(found.notMeant(), precaution, side)).or(() -> beyond(precaution, side)));
    }

    private static Optional<Taught.Picture> angle(Precaution<?> precaution, Side side) {
        return precaution.limit().limit() instanceof MotionLimit limit
                ? allowed(precaution)
                        .flatMap(arc -> Figures.ofLimit(limit.motion(), arc, side))
                        .map(figure -> new Taught.Picture(Optional.empty(), "as far as this", figure))
                : Optional.empty();
    }

    /** Where no exercise goes too far, the joint alone does. */
    private static Optional<Taught.Picture> beyond(Precaution<?> precaution, Side side) {
        return precaution.limit().limit() instanceof MotionLimit limit
                ? allowed(precaution)
                        .flatMap(arc -> Figures.beyondLimit(limit.motion(), arc, side))
                        .map(figure -> new Taught.Picture(Optional.empty(), "further than this", figure))
                : Optional.empty();
    }

    private static Optional<Arc> allowed(Precaution<?> precaution) {
        return precaution.step().value().most().filter(Arc.class::isInstance).map(Arc.class::cast);
    }

    private static Taught.Picture drawn(Example.Shown shown, Precaution<?> precaution, Side side) {
        Motion leading = Figures.leading(shown.role());
        Optional<Arc> limited = precaution.limit().limit() instanceof MotionLimit limit && limit.motion() == leading
                ? allowed(precaution)
                : Optional.empty();
        return new Taught.Picture(
                Optional.of(shown.exercise().id()),
                shown.exercise().title(),
                Figures.of(shown.exercise(), shown.role(), limited, side));
    }
}
