package waypost.library.words;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import waypost.core.demand.Load;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Response;
import waypost.core.measure.Plain;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.Brake;
import waypost.core.progression.Ground;
import waypost.core.progression.GroundVisitor;
import waypost.core.progression.PainLimit;
import waypost.core.progression.ProgramGround;
import waypost.core.progression.Way;

/** Says a dose, which way it goes, and why. */
public final class ProgressionWords implements GroundVisitor<String> {

    private final Words words;
    private final Function<RoleKey, String> titles;

    /**
     * @param words of the course
     * @param titles the name of an exercise by one of its roles
     */
    public ProgressionWords(Words words, Function<RoleKey, String> titles) {
        this.words = words;
        this.titles = titles;
    }

    public String say(Ground ground) {
        return ground.accept(this);
    }

    public String say(List<Ground> grounds) {
        return grounds.stream().map(this::say).collect(Collectors.joining(" "));
    }

    /** "3 × 8 to 12 reps, 5 kg". */
    public static String dose(WorkingDose dose) {
        return dose.sets() + " × " + dose.aim()
                + dose.load().map(load -> ", " + load(load)).orElse("")
                + (dose.setUp().equals(Arrangement.UNSAID) ? "" : ", " + setUp(dose.setUp()));
    }

    /** "hand support free, step height 15 cm". */
    public static String setUp(Arrangement setUp) {
        return setUp.chosen().entrySet().stream()
                .map(each -> each.getKey() + " " + each.getValue())
                .collect(Collectors.joining(", "));
    }

    public static String load(Load load) {
        return Terms.load(load);
    }

    /** "up", "the same", "one rung down". */
    public static String way(Way way) {
        return switch (way) {
            case NEW -> "new";
            case PRESCRIBED -> "as prescribed";
            case NEXT_RUNG -> "next rung";
            case UP -> "up";
            case SAME -> "the same";
            case DOWN -> "down";
            case RUNG_BEFORE -> "one rung back";
            case REST -> "rest";
        };
    }

    /** How much pain a set may give today, and where that comes from. */
    public static String pain(PainLimit limit) {
        String most = limit.most() == 0 ? "No pain in a set" : "Pain in a set at most " + limit.most() + " of 10";
        return most
                + switch (limit.from()) {
                    case PROTOCOL -> ", by the protocol's rule.";
                    case BASELINE -> ", from the day's baseline.";
                    case PRESCRIPTION -> ", as prescribed.";
                };
    }

    private static String days(int days) {
        return days + (days == 1 ? " day" : " days");
    }

    @Override
    public String firstTime() {
        return "First time: the usual dose on the lightest load.";
    }

    @Override
    public String reached(Ground.Reached ground) {
        return ground.sessions() >= ground.needed()
                ? "Done as wanted, " + ground.sessions() + " of " + ground.needed() + "."
                : "Done as wanted " + ground.sessions() + " of " + ground.needed() + " times needed.";
    }

    @Override
    public String inRange(Ground.InRange ground) {
        return "Least set " + ground.least() + ", the top is " + ground.top() + ".";
    }

    @Override
    public String underRange(Ground.UnderRange ground) {
        return "Least set " + ground.found() + ", under the range that begins at " + ground.bottom() + ".";
    }

    @Override
    public String fewerSets(Ground.FewerSets ground) {
        return ground.done() + " of " + ground.asked() + " sets done.";
    }

    @Override
    public String moreSets(Ground.MoreSets ground) {
        return ground.done() + " sets done, " + ground.asked() + " asked: more than asked is no reason to go up.";
    }

    @Override
    public String staysFor(Ground.StaysFor ground) {
        return "The next phase asks for it: " + ground.criterion().title() + ".";
    }

    @Override
    public String painOver(Ground.PainOver ground) {
        return "Pain " + ground.found() + when(ground.when()) + ", allowed: at most " + ground.most() + ".";
    }

    private static String when(Ground.PainOver.When when) {
        return switch (when) {
            case IN_A_SET -> " in a set";
            case AFTERWARDS -> " afterwards";
            case NEXT_MORNING -> " the next morning";
        };
    }

    @Override
    public String stopped(Ground.Stopped ground) {
        return "Stopped today for " + ground.felt() + ".";
    }

    @Override
    public String flared(Ground.Flared ground) {
        Response response = ground.response();
        String morning = response.nextMorning()
                .map(pain -> "pain " + pain + " the next morning, " + response.baseline() + " before")
                .orElse("no word on the next morning");
        return "Flared after last time: " + morning + (response.swollen() ? ", more swollen" : "") + ".";
    }

    @Override
    public String formNotGood(Ground.FormNotGood ground) {
        return ground.lost() ? "Form was lost." : "Another part of the body helped.";
    }

    @Override
    public String daysOnLevel(Ground.DaysOnLevel ground) {
        return days(ground.days()) + " on this level, at least " + days(ground.needed()) + " wanted.";
    }

    @Override
    public String sore(Ground.Sore ground) {
        return switch (ground.soreness()) {
            case NONE -> "No soreness of the joint.";
            case WARM_UP_THEN_GONE -> "Sore in the warm-up, then gone: stay.";
            case WARM_UP_AND_STAYED -> "Sore in the warm-up and it stayed: two days off, one level down.";
            case WENT_AND_CAME_BACK -> "Soreness went and came back: two days off, one level down.";
            case DAY_AFTER -> "Sore the day after: one day off, do not advance.";
        };
    }

    @Override
    public String contactsBefore(Ground.ContactsBefore ground) {
        return "It asks about " + ground.asked() + " ground contacts; "
                + (ground.most() == 0
                        ? "none were counted in the last two weeks."
                        : "the most in one session of the last two weeks were " + ground.most() + ".")
                + " Skips and hops come nearer to that first.";
    }

    @Override
    public String alreadyToday(Ground.AlreadyToday ground) {
        return ground.amount() + " " + ground.counted().word() + " were done today already"
                + (ground.atHome() > 0 ? ", " + ground.atHome() + " of them at home" : "")
                + "; a day has them all together.";
    }

    @Override
    public String weeksShare(Ground.WeeksShare ground) {
        return ground.lastWeek() + " last week allow " + ground.allowed() + " in this one.";
    }

    @Override
    public String afterHold(Ground.AfterHold ground) {
        return "After a hold at most " + ground.percent() + " % of the last dose, until " + Dates.say(ground.until())
                + ".";
    }

    @Override
    public String underTheGate(Ground.UnderTheGate ground) {
        return "No more than the gate allows today. " + words.why(ground.verdict());
    }

    @Override
    public String nextRungClosed(Ground.NextRungClosed ground) {
        String why = words.why(ground.next());
        return "Next is " + titles.apply(ground.next().role()) + ", not today." + (why.isEmpty() ? "" : " " + why);
    }

    @Override
    public String endOfLadder(Ground.EndOfLadder ground) {
        return ground.top() ? "The ladder has no harder rung." : "The rung before is not open or there is none.";
    }

    @Override
    public String progressHeld(Ground.ProgressHeld ground) {
        return brake(ground.brake());
    }

    /** Why nothing goes up today. */
    public static String brake(Brake brake) {
        return switch (brake) {
            case PAIN_ON_ARRIVAL -> "More pain on coming in than a set may give: nothing goes up today.";
            case FLAG_HOLDS_PROGRESS -> "A red flag holds progress today.";
            case FLAG_STEPS_BACK -> "A red flag asks to stop what brings it on: nothing goes up today.";
            case MORE_SWELLING -> "More swelling than last time: nothing goes up today.";
            case EFFUSION -> "Knee effusion of 2+ or more: no progress in load.";
            case FLARED_LAST_TIME -> "The joint flared after the last session: nothing goes up today.";
        };
    }

    @Override
    public String longBreak(Ground.LongBreak ground) {
        return "Not done for " + days(ground.days()) + ": begin where it was left, not above it.";
    }

    @Override
    public String tissueRests(Ground.TissueRests ground) {
        return capital(Terms.plain(ground.tissue())) + " worked hard on " + Dates.say(ground.on()) + " ("
                + titles.apply(ground.worked()) + "): a day between.";
    }

    @Override
    public String sportRose(Ground.SportRose ground) {
        return "Sport rose from " + Plain.number(ground.before()) + " to " + Plain.number(ground.now())
                + " min a week: one set less.";
    }

    @Override
    public String prescribed(Ground.Prescribed ground) {
        return "Prescribed on " + Dates.say(ground.on()) + ".";
    }

    @Override
    public String asWritten() {
        return "It stays as prescribed until somebody changes it.";
    }

    @Override
    public String otherDay(Ground.OtherDay ground) {
        return "Meant for " + PrescriptionWords.days(ground.meant())
                + ground.today()
                        .map(kind -> "; today is for " + PrescriptionWords.day(kind))
                        .orElse("")
                + ".";
    }

    @Override
    public String eventNear(Ground.EventNear ground) {
        return "The event is on " + Dates.say(ground.on())
                + ": half the sets of strength at the same weight, and nothing" + " goes up until then.";
    }

    @Override
    public String ofProgram(ProgramGround ground) {
        return ground.accept(new ProgramWords());
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
