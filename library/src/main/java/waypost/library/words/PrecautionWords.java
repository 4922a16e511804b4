package waypost.library.words;

import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.course.Precaution;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Level;
import waypost.core.protocol.Allowed;
import waypost.core.protocol.BearingLimit;
import waypost.core.protocol.Limit;
import waypost.core.protocol.LoadingLimit;
import waypost.core.protocol.MotionLimit;
import waypost.core.protocol.StrainLimit;
import waypost.core.protocol.TissueLimit;

/** Says what a precaution leaves, as short as it stands on the strip: "Bend on one leg: at most 60°". */
public record PrecautionWords(Allowed<?> allowed) implements Limit.Visitor<String> {

    public static String say(Precaution<?> precaution) {
        Limit<?> limit = precaution.limit().limit();
        String left = limit.accept(new PrecautionWords(precaution.step().value()));
        String title = limit.head().title();
        return left.isEmpty() || title.startsWith("No ") && left.startsWith("none") ? title : title + ": " + left;
    }

    @Override
    public String motion(MotionLimit limit) {
        return bound(Arc.class)
                .map(arc -> arc(arc, limit.circumstance().motion()))
                .orElse("none");
    }

    private static String arc(Arc arc, Motion motion) {
        Arc possible = motion.possible();
        if (arc.least().equals(possible.least())) {
            return "at most " + Terms.degrees(arc.most()) + " of " + motion.name(Direction.POSITIVE);
        }
        return Terms.degrees(arc.most()) + " to " + Terms.degrees(arc.least()) + " only";
    }

    @Override
    public String loading(LoadingLimit limit) {
        return "";
    }

    @Override
    public String tissue(TissueLimit limit) {
        return bound(Level.class).map(level -> "at most " + Terms.effort(level)).orElse("none");
    }

    @Override
    public String bearing(BearingLimit limit) {
        return bound(BodyShare.class)
                .map(share -> "at most " + Terms.share(share))
                .orElse("none");
    }

    @Override
    public String strain(StrainLimit limit) {
        return bound(Level.class).map(level -> "at most " + Terms.plain(level)).orElse("none");
    }

    private <T> Optional<T> bound(Class<T> type) {
        return allowed.most().map(type::cast);
    }
}
