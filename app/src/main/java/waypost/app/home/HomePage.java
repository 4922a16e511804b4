package waypost.app.home;

import java.util.List;
import waypost.app.course.CourseHead;

/**
 * The page on which a program for home is written.
 *
 * @param standing what stands, in words
 * @param ends what of it ends before it is over, and why
 * @param words the therapist's to the patient
 */
public record HomePage(
        CourseHead head,
        String programId,
        String seen,
        String until,
        String wakes,
        String sleeps,
        String language,
        String words,
        String standing,
        List<String> ends,
        List<Row> rows) {

    /** A value and how it is called. */
    public record Choice(String value, String says) {}

    /**
     * An exercise that may go home.
     *
     * @param unit what is counted of a set
     * @param closed why it is not open today; empty when it is
     */
    public record Row(
            String role,
            String title,
            boolean goes,
            String sets,
            String amount,
            String unit,
            String load,
            String rhythm,
            String growth,
            List<String> days,
            String say,
            String closed) {}

    /** How often, as it is chosen. */
    public static final List<Choice> RHYTHMS = List.of(
            new Choice("1", "once a day"),
            new Choice("2", "2 a day"),
            new Choice("3", "3 a day"),
            new Choice("4", "4 a day"),
            new Choice("5", "5 a day"),
            new Choice("6", "6 a day"),
            new Choice("8", "8 a day"),
            new Choice("10", "10 a day"),
            new Choice("h60", "every hour"),
            new Choice("h120", "every 2 hours"));

    /** How the dose grows, as it is chosen; never above twice what it began with. */
    public static final List<Choice> GROWTHS = List.of(
            new Choice("", "stays as it is"),
            new Choice("1/1", "1 more each day"),
            new Choice("1/2", "1 more every 2 days"),
            new Choice("1/3", "1 more every 3 days"),
            new Choice("2/7", "2 more each week"));

    /** Weekdays, Monday first. */
    public static final List<Choice> DAYS = List.of(
            new Choice("MONDAY", "Mo"),
            new Choice("TUESDAY", "Tu"),
            new Choice("WEDNESDAY", "We"),
            new Choice("THURSDAY", "Th"),
            new Choice("FRIDAY", "Fr"),
            new Choice("SATURDAY", "Sa"),
            new Choice("SUNDAY", "Su"));
}
