package waypost.app.work;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.RoleKey;
import waypost.core.followup.StrengthProfile;
import waypost.core.followup.StrengthRatio;
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
        List<Ladder> ladders = day.course().bundle().ladders();
        Set<RoleKey> planned = Set.copyOf(day.plan().roles());
        return Stream.concat(
                        StrengthProfile.of(day.standing(), ladders, planned).lines().stream()
                                .map(line -> line(day, line)),
                        StrengthRatio.of(day.standing(), ladders, planned).stream()
                                .map(ratio -> line(day, ratio)))
                .toList();
    }

    private static Line line(DayOfVisit day, StrengthProfile.Line line) {
        return new Line(
                line.measure().title(),
                StrengthWords.say(line),
                line.kind().name().toLowerCase(Locale.ROOT),
                line.kind().timesAWeek(),
                accessories(day, line.accessories()));
    }

    /** What is too weak for its counterpart is worked at as often as what is weak. */
    private static Line line(DayOfVisit day, StrengthRatio ratio) {
        StrengthProfile.Kind kind = ratio.weaker().isPresent() ? StrengthProfile.Kind.WEAK : StrengthProfile.Kind.EVEN;
        return new Line(
                ratio.asked().measure().title(),
                StrengthWords.say(ratio),
                kind.name().toLowerCase(Locale.ROOT),
                kind.timesAWeek(),
                accessories(day, ratio.accessories()));
    }

    private static List<Accessory> accessories(DayOfVisit day, List<RoleKey> roles) {
        return roles.stream()
                .map(role -> new Accessory(
                        role.toString(),
                        day.signs().title(role),
                        day.plan().roles().contains(role)))
                .toList();
    }
}
