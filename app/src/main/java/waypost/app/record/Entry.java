package waypost.app.record;

import java.util.Locale;
import java.util.function.Function;

/** The kinds of entries of a record, each with its words; the order of its parts is that of {@link RecordMapper}. */
enum Entry {
    SIGNED(said -> said.at(0), said -> said.at(1), said -> said.at(2)),
    HOLD(said -> "Hold placed", said -> said.at(0) + ", review on " + said.day(1) + "\n" + said.at(2)),
    MESSAGE(
            said -> "Message to the surgeon",
            said -> said.at(0) + "\n\nShown with it:\n" + said.at(1),
            said -> said.at(2)),
    CHECK_IN(
            said -> said.has(0) ? "Checked in: " + said.plain(0) : "Checked in",
            said -> Said.joined(
                    "Pain now " + said.at(1),
                    said.with(", after last time ", 2),
                    said.with(", next morning ", 3),
                    "; swelling " + said.plain(4),
                    said.has(5) ? "; sleep " + said.plain(5) : "",
                    said.at(6).equals("NONE") ? "" : "; joint sore " + said.plain(6),
                    said.with("; home sessions ", 7),
                    said.with("\nYes to: ", 8),
                    said.with("\nSaid: ", 9))),
    SET(said -> said.is(0) ? "Set taken back" : "Set", Entry::set),
    STOP(said -> "Exercise stopped", said -> said.at(0) + ": " + said.at(1)),
    TEACH_BACK(Entry::taught, said -> said.at(0) + said.with(": ", 1)),
    HAND_TREATMENT(said -> "Treated by hand: " + said.at(0), Entry::treated),
    MOVEMENT(said -> "Movement watched: " + said.plain(0), Entry::watched),
    TRICK(said -> said.has(1) ? "What works" : "No longer works", said -> said.at(0) + said.with(": ", 1)),
    OTHER_SIDE(
            said -> "The other side alone: " + said.at(0),
            said -> said.at(1) + " × " + said.at(2) + said.with(", ", 3) + ", pain " + said.at(4) + said.with(", ", 5)),
    SPORT_GOAL(
            said -> "Trained for: " + said.at(0),
            said -> "on " + said.day(1) + ", a week's load of " + said.at(2) + ", rising by at most " + said.at(3)
                    + " %"),
    BLOCK(said -> "Block of " + said.at(0) + " weeks", said -> "from " + said.day(1)),
    PLAN_CHANGE(
            Entry::planned, said -> said.at(1) + said.with(" in place of ", 2) + said.with(", ", 3) + weekdays(said)),
    PRESCRIPTION(said -> said.is(0) ? "Back to the library's dose" : "Prescribed", Entry::prescribed),
    HANDED_IN(said -> "Note handed in for countersigning", said -> said.at(0)),
    BENCH(said -> "Worked out at the bench", said -> said.at(0)),
    ORDER(said -> said.is(0) ? "Order withdrawn: " + said.at(1) : "Order of " + said.at(2), Entry::order),
    EVENT(
            said -> said.is(0) ? "Event taken back: " + said.at(1) : "Event: " + said.plain(2),
            said -> said.at(3) + ", on " + said.day(4)),
    LOOKED_AFTER(said -> "Looked after: " + said.plain(0), said -> said.at(1) + ", on " + said.day(2)),
    NARROWING(
            said -> (said.is(0) ? "Narrowing taken back: " : "Narrowed: ") + said.at(1),
            said -> said.plain(2) + " " + said.at(3) + " " + said.at(4) + ", from " + said.day(5) + lastDay(said, 6)),
    ENDED(said -> "Course ended", said -> said.at(0) + ", from " + said.day(1)),
    ATTESTATION(said -> "Said, not measured: " + said.at(0), said -> said.at(1)),
    READING(
            said -> said.is(6) ? "Reading withdrawn" : said.is(7) ? "Reading corrected" : "Reading",
            said -> said.at(0));

    private final Function<Said, String> what;
    private final Function<Said, String> detail;
    private final Function<Said, String> hash;

    Entry(Function<Said, String> what, Function<Said, String> detail) {
        this(what, detail, said -> "");
    }

    Entry(Function<Said, String> what, Function<Said, String> detail, Function<Said, String> hash) {
        this.what = what;
        this.detail = detail;
        this.hash = hash;
    }

    String what(Said said) {
        return what.apply(said);
    }

    String detail(Said said) {
        return detail.apply(said);
    }

    /** Of what was signed; empty where nothing was. */
    String hash(Said said) {
        return hash.apply(said);
    }

    private static String set(Said said) {
        String unit = unit(said.at(4));
        String form = switch (said.at(6)) {
            case "GOOD" -> "";
            case "LOST" -> ", form lost";
            default -> ", helped along";
        };
        return Said.joined(
                said.at(1) + ": " + said.at(2),
                said.has(3) ? ", " + said.number(3) + unit : "",
                ", pain " + said.at(5),
                form,
                (said.has(8) ? ", " + said.at(8) : "") + (said.has(7) ? " (asked " + said.at(7) + ")" : ""));
    }

    private static String unit(String stored) {
        return switch (stored) {
            case "KILOGRAMS" -> " kg";
            case "BAND_STEP" -> " band";
            default -> " % of maximum";
        };
    }

    private static String prescribed(Said said) {
        if (said.is(0)) {
            return said.at(1);
        }
        return Said.joined(
                said.at(1) + ": " + said.at(2) + " × " + said.at(3),
                said.has(4) ? ", " + said.number(4) + unit(said.at(5)) : "",
                said.with(", ", 6) + said.with(", tempo ", 7),
                said.has(8) ? ", rest " + said.at(8) + " s" : "",
                said.at(9).equals("BOTH") ? ", both sides" : "",
                said.with(", ", 10) + said.with(", pain at most ", 11),
                "; " + said.plain(12) + said.with("\n", 13));
    }

    private static String treated(Said said) {
        return Said.joined(
                said.plain(1) + said.with(" (", 2) + (said.has(2) ? ")" : "") + ", " + said.at(3) + " min, ",
                said.number(4) + "° before, " + said.number(5) + "° after",
                said.with("\nHeld by ", 6),
                said.with("\nDone although: ", 7),
                said.with("\nBecause: ", 8));
    }

    private static String watched(Said said) {
        return Said.joined(
                "Operated side, other side: " + said.plain(1).replace(":", " ").replace(" none none", " none"),
                said.at(2).equals("0") ? "" : "\nPain " + said.at(2) + " of 10" + said.with(", from ", 3),
                said.with("\nSaid: ", 4));
    }

    private static String taught(Said said) {
        if (said.has(1)) {
            return "Precaution lapsed";
        }
        if (said.is(2)) {
            return said.is(3) ? "Precaution taught back" : "Precaution said";
        }
        return "Precaution shown";
    }

    private static String weekdays(Said said) {
        return said.at(0).equals("PLACE")
                ? ": " + (said.has(4) ? said.at(4).toLowerCase(Locale.ROOT).replace(",", ", ") : "as its dose says")
                : "";
    }

    private static String planned(Said said) {
        return switch (said.at(0)) {
            case "ADD" -> "Into the plan";
            case "SWAP" -> "Swapped in the plan";
            case "PLACE" -> "Placed on weekdays";
            default -> "Out of the plan";
        };
    }

    private static String order(Said said) {
        if (said.is(0)) {
            return said.at(3);
        }
        return Said.joined(
                said.at(3) + ", " + said.plain(4) + " " + said.at(5) + " " + said.at(6) + ", from " + said.day(7),
                lastDay(said, 8),
                said.has(9) ? ", signed " + said.day(9) : ", by phone, read back");
    }

    private static String lastDay(Said said, int place) {
        return said.has(place) ? " to " + said.day(place) : "";
    }
}
