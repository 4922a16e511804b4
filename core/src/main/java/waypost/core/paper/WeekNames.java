package waypost.core.paper;

import waypost.core.time.CourseDay;

/** How a paper names weeks: asked once, with both days. */
public final class WeekNames {

    public static final String QUESTION = "week-names";
    static final String COMPLETED = "completed";
    static final String NTH = "nth";

    private WeekNames() {}

    static PaperQuestion question(int week) {
        int nth = CourseDay.ofNthWeek(week).number();
        return PaperQuestion.of(
                QUESTION,
                "What does this surgeon call week " + week + "?",
                COMPLETED,
                "When " + week + " weeks are over: day "
                        + CourseDay.ofCompletedWeeks(week).number(),
                NTH,
                "As week " + week + " begins: day " + nth);
    }
}
