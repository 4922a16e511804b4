package waypost.core.paper;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.body.Limb;
import waypost.core.demand.BodyShare;

/** Weight on the leg, and what the arm may lift. */
final class WeightSubjects {

    private static final double KILOGRAMS_PER_POUND = 0.45359237;
    /** Toes that touch for balance: common practice, no source. */
    private static final int TOUCH_PERCENT = 20;

    private static final String SHARE = "(\\d{1,3})(?: to (\\d{1,3}))? percent(?: of)?";
    private static final Pattern NONE = Pattern.compile("no weight bearing|no weight");
    private static final Pattern TOUCH =
            Pattern.compile("(?:touch down|toe touch|foot flat|feather touch) weight bearing");
    private static final Pattern PARTIAL = Pattern.compile("(?:" + SHARE
            + " (?:body weight|partial weight bearing|weight bearing|weight)"
            + "|(?:partial )?weight bearing (?:at most |up to |to |at |limited to )?" + SHARE + "(?: body weight)?)");
    private static final Pattern UNSAID = Pattern.compile("(?:partial |protected )?weight bearing");
    private static final Pattern FREE = Pattern.compile("weight bearing as tolerated|full weight bearing|full weight");
    private static final Pattern NO_LIFTING = Pattern.compile("no (?:heavy )?lifting");
    private static final Pattern LIFTING = Pattern.compile(
            "(?:no )?(?:lifting|lift|lifting limit|lifting limited to)(?: (?:over|more than|at most|under|less than|up to|to))? "
                    + Grammar.NUMBER + " (pounds|kilograms)");

    private WeightSubjects() {}

    /** An arm carries no weight in these words: what is said of one stays open. */
    static Optional<Subject> of(String rest, Limb limb, Asking asking) {
        return (limb == Limb.LEG ? weight(rest, asking) : Optional.<Subject>empty()).or(() -> lifting(rest, asking));
    }

    private static Optional<Subject> weight(String rest, Asking asking) {
        Matcher share = PARTIAL.matcher(rest);
        if (NONE.matcher(rest).matches()) {
            return Optional.of(carrying(0));
        } else if (TOUCH.matcher(rest).matches()) {
            return Optional.of(carrying(TOUCH_PERCENT));
        } else if (FREE.matcher(rest).matches()) {
            return Optional.of(new Subject(List.of(new What.Weight(BodyShare.ofPercent(100))), Subject.How.FREES));
        } else if (share.matches()) {
            return share(share, asking);
        } else if (UNSAID.matcher(rest).matches()) {
            return asking.answer(HOW_MUCH).map(percent -> carrying(Integer.parseInt(percent)));
        }
        return Optional.empty();
    }

    private static final PaperQuestion HOW_MUCH = PaperQuestion.of(
            "weight-share",
            "How much of the body's weight may the leg carry?",
            "20",
            "Toes touch, 20 %",
            "25",
            "25 %",
            "50",
            "50 %",
            "75",
            "75 %");

    private static Optional<Subject> share(Matcher share, Asking asking) {
        String first = share.group(1) == null ? share.group(3) : share.group(1);
        String second = share.group(1) == null ? share.group(4) : share.group(2);
        if (Integer.parseInt(first) > 100 || second != null && Integer.parseInt(second) > 100) {
            return Optional.empty();
        }
        if (second == null) {
            return Optional.of(carrying(Integer.parseInt(first)));
        }
        PaperQuestion which = PaperQuestion.of(
                "weight-of-two",
                "Between " + first + " and " + second + " % of the body's weight: how much at most?",
                "less",
                first + " %",
                "more",
                second + " %");
        return asking.answer(which).map(id -> carrying(Integer.parseInt(id.equals("less") ? first : second)));
    }

    private static Subject carrying(int percent) {
        return Subject.holding(new What.Weight(BodyShare.ofPercent(percent)));
    }

    private static Optional<Subject> lifting(String rest, Asking asking) {
        Matcher lifting = LIFTING.matcher(rest);
        if (lifting.matches()) {
            double number = Double.parseDouble(lifting.group(1));
            double kilograms = lifting.group(2).equals("pounds") ? number * KILOGRAMS_PER_POUND : number;
            return Optional.of(Subject.holding(new What.Lifts(Math.floor(kilograms * 10) / 10)));
        }
        if (rest.equals("no heavy lifting")) {
            PaperQuestion heavy = PaperQuestion.of(
                    "heavy", "What is heavy here?", "1", "Over 1 kg", "2", "Over 2 kg", "5", "Over 5 kg");
            return asking.answer(heavy).map(id -> Subject.holding(new What.Lifts(Double.parseDouble(id))));
        }
        return NO_LIFTING.matcher(rest).matches() ? Optional.of(Subject.holding(new What.Lifts(0))) : Optional.empty();
    }
}
