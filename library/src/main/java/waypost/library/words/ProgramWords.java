package waypost.library.words;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import waypost.core.program.Program;
import waypost.core.program.Stage;
import waypost.core.progression.ProgramGround;
import waypost.core.progression.ProgramToday;

/** Says the rules and the stages of a program, and why a dose follows it. */
public final class ProgramWords implements ProgramGround.Visitor<String> {

    ProgramWords() {}

    /** "6 x 1 min, then 2 min walk". */
    public static String dose(Stage stage) {
        return (stage.sets() == 1 ? "" : stage.sets() + " \u00d7 ") + stage.aim();
    }

    /** "2 clean sessions, 1 done". */
    public static String clean(ProgramToday.At at) {
        String wanted = at.stage().clean() + (at.stage().clean() == 1 ? " clean session" : " clean sessions");
        return at.place() == ProgramToday.Place.HERE
                ? wanted + ", " + Math.min(at.cleanRunning(), at.stage().clean()) + " done"
                : wanted;
    }

    public static String rest(LocalDate until) {
        return "Not before " + Dates.say(until) + ".";
    }

    /** What holds for all of its stages, a sentence each. */
    public static List<String> rules(Program program) {
        List<String> rules = new ArrayList<>();
        if (program.daysBetween() > 0) {
            rules.add(days(program.daysBetween()) + " without it between two sessions.");
        }
        rules.add("Pain over the rule, a flare or lost form: " + stages(program.flareBack()) + " back.");
        program.missed()
                .forEach(missed -> rules.add("Away for " + days(missed.days()) + ": "
                        + (missed.back() >= program.stages().size()
                                ? "from the beginning."
                                : stages(missed.back()) + " back.")));
        program.lighter()
                .ifPresent(week -> rules.add(
                        "Every " + ordinal(week.every()) + " week is lighter: " + week.percent() + " % of the stage."));
        program.after()
                .ifPresent(after ->
                        rules.add(after.title() + ", where it is trained, begins " + days(after.days()) + " earlier."));
        return rules;
    }

    @Override
    public String stageOfProgram(ProgramGround.StageOfProgram ground) {
        return ground.program() + ": stage " + ground.stage() + " of " + ground.of() + ".";
    }

    @Override
    public String awayFromProgram(ProgramGround.AwayFromProgram ground) {
        return "Away from the program for " + days(ground.days()) + ": " + ground.back()
                + (ground.back() == 1 ? " stage" : " stages") + " back.";
    }

    @Override
    public String lighterWeek(ProgramGround.LighterWeek ground) {
        return "Week " + ground.every() + " of " + ground.every() + " is the lighter one: " + ground.percent()
                + " % of the stage, and nothing goes up.";
    }

    @Override
    public String betweenSessions(ProgramGround.BetweenSessions ground) {
        return days(ground.days()) + " without it lie between two sessions.";
    }

    @Override
    public String beginsAfter(ProgramGround.BeginsAfter ground) {
        return ground.other() + " begins " + days(ground.days()) + " before it: not before " + Dates.say(ground.from())
                + ".";
    }

    @Override
    public String endOfProgram() {
        return "The last stage is reached: it is kept.";
    }

    @Override
    public String programBegins() {
        return "Never begun: the first stage, on the lightest load.";
    }

    private static String days(int days) {
        return days + (days == 1 ? " day" : " days");
    }

    private static String stages(int stages) {
        return stages + (stages == 1 ? " stage" : " stages");
    }

    private static String ordinal(int number) {
        return number
                + switch (number) {
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
    }
}
