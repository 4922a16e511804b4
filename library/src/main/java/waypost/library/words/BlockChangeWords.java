package waypost.library.words;

import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import waypost.core.block.BlockChange;
import waypost.core.block.BlockDone;
import waypost.core.block.MeasuredAcross;
import waypost.core.body.Mode;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;

/** Says what a block changed and what came of it. */
public record BlockChangeWords(Function<RoleKey, String> titles) {

    /** "stays", "new", "left out", "in place of Squat: load: a heavier bar", "easier, in place of Squat". */
    public String say(BlockChange change) {
        if (change instanceof BlockChange.Harder harder) {
            return "in place of " + titles.apply(harder.before()) + "; "
                    + harder.steps().stream().map(BlockChangeWords::step).collect(Collectors.joining(", then "));
        }
        if (change instanceof BlockChange.Easier easier) {
            return "easier, in place of " + titles.apply(easier.before());
        }
        if (change instanceof BlockChange.New) {
            return "new";
        }
        return change instanceof BlockChange.LeftOut ? "left out" : "stays";
    }

    private static String step(Activity.Exercise rung) {
        return rung.rises().name().toLowerCase(Locale.ROOT) + ": " + rung.harder();
    }

    /** "9 of 12 sets, 75 %"; "3 sets" where none was meant; nothing where none was meant or done. */
    public static String done(BlockDone done) {
        if (done.percent().isEmpty()) {
            return done.setsDone() == 0 ? "" : done.setsDone() + (done.setsDone() == 1 ? " set" : " sets");
        }
        return done.setsDone() + " of " + done.setsMeant() + " sets, "
                + done.percent().getAsInt() + " %";
    }

    public static String change(MeasuredAcross.Change change) {
        return switch (change) {
            case BETTER -> "better";
            case WORSE -> "worse";
            case WITHIN_ERROR -> "no more than measuring errs by";
            case FIRST -> "measured first";
        };
    }

    public static String mode(Mode mode) {
        return mode.name().toLowerCase(Locale.ROOT);
    }

    /** "94°", "120 N m". */
    public static String amount(Measure measure, Reading reading) {
        return Plain.number(reading.amount().value()) + measure.unit().suffix();
    }
}
