package waypost.app.work;

import java.util.List;
import java.util.stream.Collectors;
import waypost.core.followup.LimitedRange;
import waypost.library.words.LimitedWords;

/** Lays out which ranges fall short, and what the patient does alone to hold what the hands gain. */
final class LimitedRanges {

    private static final int IN_SIGHT = 3;

    private LimitedRanges() {}

    /**
     * One range.
     *
     * @param holds titles of exercises; empty where none is open
     */
    record Line(String title, String says, String holds) {}

    static List<Line> of(DayOfVisit day) {
        return LimitedRange.of(day.standing()).stream()
                .map(limited -> new Line(
                        limited.measure().title(),
                        LimitedWords.say(limited),
                        limited.holds().stream()
                                .map(day.signs()::title)
                                .limit(IN_SIGHT)
                                .collect(Collectors.joining("; "))))
                .toList();
    }
}
