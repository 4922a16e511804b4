package waypost.library.words;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import waypost.core.battery.EarlyReturn;
import waypost.core.battery.Margin;
import waypost.core.battery.Mark;
import waypost.core.battery.Result;
import waypost.core.battery.ReturnSheet;
import waypost.core.battery.Station;
import waypost.core.criterion.Criterion;
import waypost.core.followup.MeasuringSheet;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.measure.Unit;
import waypost.core.milestone.Milestone;

/** Says how a return stands: each station, and the three questions beside each other. */
public record ReturnWords(Words words) {

    /** The mark's word. */
    public static String mark(Mark mark) {
        return switch (mark) {
            case PASS -> "passed";
            case JUST -> "just";
            case NEAR -> "near";
            case FAIL -> "failed";
            case OLD -> "too old";
            case NOT_TAKEN -> "not done";
            case CLOSED -> "not open";
        };
    }

    /** How it is taken: "2 to practise, 3 that count each side, 30 s between". */
    public static String taking(Station station) {
        String practice = station.practice() == 0 ? "" : station.practice() + " to practise, ";
        String sides = station.wants().measure().bothSides() ? " each side" : "";
        String rest = station.restSeconds() == 0 ? "" : ", " + station.restSeconds() + " s between";
        String tries = station.tries() == 1 ? "1 that counts" : station.tries() + " that count";
        return practice + tries + sides + rest;
    }

    /** What was found; blank where nothing was. */
    public static String found(Result result) {
        Milestone milestone = result.milestone();
        return milestone
                .found()
                .map(found -> MilestoneWords.foundIn(milestone, found))
                .orElse("");
    }

    /** Each side's reading behind a share or a difference: "184 cm, other side 200 cm"; blank where there is only one. */
    public static String sides(Result result) {
        if (result.milestone().evidence().size() < 2) {
            return "";
        }
        Reading mine = result.milestone().evidence().get(0);
        Reading other = result.milestone().evidence().get(1);
        return said(result, mine) + ", other side " + said(result, other);
    }

    private static String said(Result result, Reading reading) {
        return MilestoneWords.reading(result.station().wants().measure(), reading.amount());
    }

    /** How finely it can be told, in the unit of what was found; blank where no error is known. */
    public static String error(Result result) {
        return result.margin()
                .map(Margin::error)
                .filter(error -> error > 0)
                .map(error -> "± " + Plain.number(Math.round(error * 10) / 10.0) + unit(result))
                .orElse("");
    }

    private static String unit(Result result) {
        Unit unit = result.milestone().found().orElseThrow().unit();
        boolean share = result.station().wants() instanceof Criterion.SymmetryAtLeast
                || result.station().wants() instanceof Criterion.RatioBetween;
        return share ? " points" : unit.suffix();
    }

    /** What the mark means here, and what to do. */
    public String say(Result result) {
        return switch (result.mark()) {
            case PASS -> "Reached" + on(result) + ".";
            case JUST -> "Reached by less than the error" + on(result) + ": it counts once a second day shows it.";
            case NEAR ->
                "Missed by less than the error" + on(result) + ": it can't be told from what is wanted. Test again.";
            case FAIL -> "Missed" + on(result) + ".";
            case OLD ->
                "Tested" + on(result) + "; it counts for "
                        + result.station().wants().validDays() + " days. Test again.";
            case NOT_TAKEN -> "";
            case CLOSED -> closed(result);
        };
    }

    private static String on(Result result) {
        return result.on().map(date -> " on " + SignWords.date(date)).orElse("");
    }

    private String closed(Result result) {
        Optional<MeasuringSheet.ClosedTest> closed = result.closed();
        return closed.map(test -> words.why(test.verdict())).orElse("The test is not open today.");
    }

    /** Whether the day has come. */
    public String time(ReturnSheet sheet) {
        LocalDate dayZero = sheet.standing().course().resolved().dayZero();
        LocalDate from = sheet.earliest().dateFrom(dayZero);
        String later = sheet.battery()
                .early()
                .filter(early -> dayZero.plusMonths(early.untilMonth()).isAfter(from))
                .map(early -> "; " + early.sport() + " not before " + Dates.say(dayZero.plusMonths(early.untilMonth())))
                .orElse("");
        return "The last phase, " + sheet.last().title() + ", begins on " + Dates.say(from) + " at the earliest" + later
                + ".";
    }

    /** What returning today would risk; blank when it is not early or nothing is known of it. */
    public String early(ReturnSheet sheet) {
        return sheet.battery().early().map(early -> early(early, sheet)).orElse("");
    }

    private static String early(EarlyReturn early, ReturnSheet sheet) {
        LocalDate dayZero = sheet.standing().course().resolved().dayZero();
        LocalDate today = sheet.standing().date();
        OptionalDouble times = early.timesAsOften(dayZero, today);
        return times.isEmpty()
                ? ""
                : "Who returned to " + early.sport() + " " + monthsBefore(early.monthsEarly(dayZero, today)) + " month "
                        + early.untilMonth() + " was hurt again about " + Plain.number(Math.round(times.getAsDouble()))
                        + " times as often as who waited. " + early.source() + ".";
    }

    private static String monthsBefore(int months) {
        return months == 1 ? "up to a month before" : "up to " + months + " months before";
    }

    /** What the surgeon has said. */
    public String surgeon(ReturnSheet sheet) {
        return sheet.clearance()
                .map(milestone ->
                        milestone.criterion().title() + ": " + new MilestoneWords(words.dates()).say(milestone))
                .orElse("This protocol has no clearance of its own for it: ask, and enter the answer as an order.");
    }

    /** How the tests stand together: "7 of 10 passed, 1 just, 1 near". */
    public static String tests(ReturnSheet sheet) {
        StringBuilder said = new StringBuilder(
                sheet.count(Mark.PASS) + " of " + sheet.results().size() + " passed");
        for (Mark mark : Mark.values()) {
            if (mark != Mark.PASS && sheet.count(mark) > 0) {
                said.append(", ").append(sheet.count(mark)).append(' ').append(mark(mark));
            }
        }
        long open =
                sheet.besides().stream().filter(milestone -> !milestone.isMet()).count();
        return said + (open == 0 ? "." : "; besides, " + open + " of the protocol's own not met.");
    }
}
