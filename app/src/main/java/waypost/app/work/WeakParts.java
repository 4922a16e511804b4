package waypost.app.work;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import waypost.core.followup.StrengthProfile;
import waypost.library.words.StrengthWords;

/** Lays out what is weak, and what may be put into the plan for it. */
final class WeakParts {

    private WeakParts() {}

    /**
     * One strength.
     *
     * @param kind weak, behind or even
     * @param times on how many days a week it is worked at
     */
    record Line(String title, String says, String kind, int times, List<Accessory> accessories) {}

    /** An exercise for it; {@code planned} where it is in the plan. */
    record Accessory(String role, String title, boolean planned) {}

    static List<Line> of(DayOfVisit day) {
        return StrengthProfile.of(
                        day.standing(),
                        day.course().bundle().ladders(),
                        Set.copyOf(day.plan().roles()))
                .lines()
                .stream()
                .map(line -> line(day, line))
                .toList();
    }

    private static Line line(DayOfVisit day, StrengthProfile.Line line) {
        return new Line(
                line.measure().title(),
                StrengthWords.say(line),
                line.kind().name().toLowerCase(Locale.ROOT),
                line.kind().timesAWeek(),
                line.accessories().stream()
                        .map(role -> new Accessory(
                                role.toString(),
                                day.signs().title(role),
                                day.plan().roles().contains(role)))
                        .toList());
    }
}
