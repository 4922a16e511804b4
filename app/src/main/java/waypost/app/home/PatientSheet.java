package waypost.app.home;

import java.util.List;
import waypost.app.figure.Figure;
import waypost.library.plain.PlainFlag;
import waypost.library.plain.PlainText;
import waypost.library.plain.Told;

/**
 * A program as the patient reads it, in the patient's language.
 *
 * @param t every label of it
 * @param says the therapist's own words; blank for none
 * @param days those that are shown on its grid, the first ones of a long program
 * @param leftOut what was on the program and is not done today, with why
 * @param duties what to wear and how to set up
 * @param opens what may come meanwhile, only announced
 * @param goals what it takes for the next stage
 * @param phone the clinic's; blank while nobody has set it
 */
public record PatientSheet(
        PlainText t,
        String valid,
        String by,
        String says,
        List<Day> days,
        List<Line> lines,
        List<Told> leftOut,
        List<Told> duties,
        List<Told> notYet,
        String pain,
        List<PlainFlag> emergency,
        List<PlainFlag> today,
        List<String> opens,
        String week,
        List<String> goals,
        String phone,
        String surgeon) {

    /** A column of the grid. */
    public record Day(String weekday, String date) {}

    /**
     * An exercise.
     *
     * @param mark new or changed, in words; blank where it is as before
     * @param hours when it is due, where it is done by the hour; empty otherwise
     * @param only how its way is limited today
     * @param holdSeconds how long one hold or set takes by the clock; 0 where none is needed
     * @param onDays every day from today to the program's last
     * @param ticks for each day of the grid how many boxes it has; 0 where it rests or is left out
     */
    public record Line(
            String role,
            String title,
            String dose,
            String often,
            String mark,
            String grows,
            String ends,
            String says,
            List<String> hours,
            List<String> only,
            List<String> cues,
            List<String> easier,
            String stop,
            Figure figure,
            int holdSeconds,
            List<Integer> ticks,
            List<OnDay> onDays) {}

    /**
     * An exercise on one day that is still to come.
     *
     * @param on ISO date
     * @param due whether it is done on it: what is closed then is not
     * @param slots how many times
     */
    public record OnDay(String on, boolean due, String dose, List<String> only, int slots) {}
}
