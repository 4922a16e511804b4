package waypost.app.sport;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import waypost.core.course.Standing;
import waypost.core.measure.Plain;
import waypost.core.sport.LoadWeek;
import waypost.core.sport.SportGoal;
import waypost.core.sport.SportPlan;
import waypost.core.sport.TooEarly;
import waypost.library.words.Dates;

/**
 * The weeks up to an event as they are drawn and told.
 *
 * @param says what is trained for
 * @param early why the event is too early; empty where it is not
 * @param told what would not hold, and what the last two weeks are for
 * @param height of the picture
 */
record SportWeeks(String says, String early, List<String> told, List<Bar> bars, int width, int height) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final int STEP = 44;
    private static final int HEIGHT = 150;
    private static final int BELOW = 34;
    private static final int ABOVE = 16;

    /** A week as a bar. */
    record Bar(int x, int y, int height, String load, String week, String kind) {}

    static SportWeeks of(SportPlan plan, Standing standing) {
        SportGoal goal = plan.goal();
        List<LoadWeek> weeks =
                Stream.concat(plan.done().stream(), plan.ahead().stream()).toList();
        double most = Math.max(
                goal.load(), weeks.stream().mapToDouble(LoadWeek::load).max().orElse(0));
        List<Bar> bars = new ArrayList<>();
        for (int nth = 0; nth < weeks.size(); nth++) {
            bars.add(bar(weeks.get(nth), nth, most));
        }
        return new SportWeeks(
                goal.name() + " on " + Dates.say(goal.on()) + ": a week's load of " + Plain.number(goal.load())
                        + ", rising by at most " + goal.mostRisePercent() + " % a week.",
                TooEarly.of(goal, standing).map(early -> tooEarly(goal, early)).orElse(""),
                told(plan, standing),
                bars,
                STEP * Math.max(1, weeks.size()),
                HEIGHT + BELOW + ABOVE);
    }

    private static Bar bar(LoadWeek week, int nth, double most) {
        int height = (int) Math.round(HEIGHT * week.load() / most);
        return new Bar(
                nth * STEP,
                ABOVE + HEIGHT - height,
                height,
                Plain.number(Math.round(week.load())),
                DAY.format(week.monday()),
                switch (week.kind()) {
                    case DONE -> "done";
                    case BUILD -> "build";
                    case TAPER -> "taper";
                });
    }

    private static List<String> told(SportPlan plan, Standing standing) {
        List<String> told = new ArrayList<>();
        if (plan.ahead().isEmpty()) {
            told.add(
                    plan.goal().on().isBefore(standing.date())
                            ? "The day is over. Say what is trained for next."
                            : "No sport is known of the last four weeks, so nothing is planned: enter a week first.");
            return told;
        }
        plan.weeksMissing()
                .ifPresent(missing -> told.add("The weeks do not suffice: at this rise the load of "
                        + Plain.number(plan.goal().load()) + " is " + missing + (missing == 1 ? " week" : " weeks")
                        + " further off. Choose a later day or less load; a steeper rise is not made up for."));
        plan.reached()
                .ifPresent(week -> told.add("Reached in the week of " + Dates.say(week) + ", if no week is missed."));
        told.add(
                "In the last two weeks: half the sport at the same effort, half the sets of strength at the same weight."
                        + " None of it opens an exercise: the protocol does.");
        return told;
    }

    private static String tooEarly(SportGoal goal, TooEarly early) {
        return "The event is on " + Dates.say(goal.on()) + ", allowed by the protocol: not before "
                + Dates.say(early.allowed()) + ", the first day of its last phase, "
                + early.phase().title() + ". Ask the surgeon, or choose a later one.";
    }
}
