package waypost.app.week;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import waypost.app.work.DayOfVisit;
import waypost.core.block.DaySays;
import waypost.core.block.WeekBoard;
import waypost.library.words.Dates;
import waypost.library.words.Terms;
import waypost.library.words.Words;

/** Says what a week comes to. */
record WeekWords(DayOfVisit day) {

    /** What would not hold, in the order of the days; the same reason of the same exercise once. */
    List<String> told(WeekBoard board) {
        LinkedHashSet<String> closed = new LinkedHashSet<>();
        List<String> broken = new ArrayList<>();
        for (WeekBoard.Day shown : board.days()) {
            for (WeekBoard.Slot slot : board.broken(shown)) {
                broken.add(broken(slot, shown.on()));
            }
            shown.slots().stream()
                    .filter(slot -> !slot.placed() && slot.says() instanceof DaySays.Closed)
                    .map(slot -> title(slot) + " is closed. " + why((DaySays.Closed) slot.says()))
                    .forEach(closed::add);
        }
        broken.addAll(closed);
        if (board.contacts().isTooMany()) {
            broken.add("Ground contacts: " + board.contacts().meant() + " meant, "
                    + board.contacts().before() + " the week before; a tenth more is "
                    + board.contacts().most().getAsInt() + ". Take a day out, or write a smaller dose.");
        }
        return broken;
    }

    private String broken(WeekBoard.Slot slot, LocalDate on) {
        String which = title(slot) + " on " + Dates.say(on);
        DaySays says = slot.says();
        if (says instanceof DaySays.Rests rests) {
            return which + " rests: the day before works the " + Terms.plain(rests.tissue()) + " hard ("
                    + day.signs().title(rests.because()) + "). A day between.";
        }
        if (says instanceof DaySays.Less less) {
            return which + " is open with less than prescribed. " + words().why(less.verdict());
        }
        return which + " is closed. " + (says instanceof DaySays.Closed closed ? why(closed) : "");
    }

    private String why(DaySays.Closed closed) {
        return words().why(closed.verdict());
    }

    private Words words() {
        return Words.of(day.standing().course().resolved());
    }

    private String title(WeekBoard.Slot slot) {
        return day.signs().title(slot.role());
    }

    static String often(WeekBoard.Tally tally) {
        String days = tally.days() + (tally.days() == 1 ? " day" : " days");
        if (tally.wanted().isEmpty()) {
            return tally.isTooSeldom() ? days + "; every day by its dose" : "every day";
        }
        int wanted = tally.wanted().getAsInt();
        return tally.days() + " of " + wanted + (wanted == 1 ? " day" : " days")
                + (tally.isTooOften() ? ": more often than its dose says" : "");
    }

    static String contacts(WeekBoard.Contacts contacts) {
        return contacts.meant() == 0 && contacts.before() == 0
                ? ""
                : "Ground contacts of all exercises: " + contacts.meant() + " this week, " + contacts.before()
                        + " the week before.";
    }
}
