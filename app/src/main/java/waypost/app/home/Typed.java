package waypost.app.home;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.course.Course;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Dose;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.home.HomeGrowth;
import waypost.core.home.HomeLine;
import waypost.core.home.Rhythm;
import waypost.core.prescription.WorkingDose;

/**
 * One line of a program as it was typed.
 *
 * @param amount "10" or "8 to 10", counted as the exercise counts
 * @param load "2 kg" or "band 2"; blank for none
 */
record Typed(
        String role,
        boolean goes,
        String sets,
        String amount,
        String load,
        String rhythm,
        String growth,
        List<String> days,
        String say) {

    private static final Pattern RANGE = Pattern.compile("(\\d{1,4})(?:\\s*(?:to|-|–)\\s*(\\d{1,4}))?");
    private static final Pattern GROWTH = Pattern.compile("(\\d{1,2})/(\\d{1,2})");
    private static final String HOURLY = "h";

    /** @throws FormProblem under the role */
    HomeLine read(Course course) {
        RoleKey key = Entered.role(role, "Found '" + role + "', allowed: an exercise.");
        Activity.Exercise exercise = course.activities().stream()
                .filter(activity -> activity.id().equals(key.activity()) && activity instanceof Activity.Exercise)
                .map(Activity.Exercise.class::cast)
                .filter(each ->
                        each.roles().stream().anyMatch(part -> part.key().equals(key)))
                .findFirst()
                .orElseThrow(() -> new FormProblem(role, "Found '" + role + "', allowed: an exercise of the library."));
        try {
            WorkingDose dose = dose(exercise, key);
            return new HomeLine(key, dose, readRhythm(), readDays(), readGrowth(dose), say.strip());
        } catch (IllegalArgumentException refused) {
            throw new FormProblem(role, exercise.title() + ": " + FormWords.sentence(refused));
        }
    }

    private WorkingDose dose(Activity.Exercise exercise, RoleKey key) {
        WorkingDose usual = WorkingDose.usual(exercise, exercise.role(key));
        int wanted = Entered.whole(role, sets, Dose.MOST_SETS)
                .orElseThrow(() -> new IllegalArgumentException("sets: found none, allowed: 1 to " + Dose.MOST_SETS));
        Optional<Load> held = load.isBlank() ? Optional.empty() : Optional.of(Load.parse(load.strip()));
        return new WorkingDose(wanted, aim(usual.aim()), held, usual.setUp());
    }

    private SetAim aim(SetAim usual) {
        Matcher typed = RANGE.matcher(amount.strip());
        if (!typed.matches()) {
            throw new IllegalArgumentException("a set: found '" + amount + "', allowed: such as '10' or '8 to 10'");
        }
        int least = Integer.parseInt(typed.group(1));
        int most = typed.group(2) == null ? least : Integer.parseInt(typed.group(2));
        return new SetAim(least, most, usual.counted(), usual.holdSeconds(), usual.each(), usual.remark());
    }

    private Rhythm readRhythm() {
        boolean hourly = rhythm.startsWith(HOURLY);
        String number = hourly ? rhythm.substring(HOURLY.length()) : rhythm;
        if (!number.matches("\\d{1,3}")) {
            throw new IllegalArgumentException("how often: found '" + rhythm + "', allowed: one of the list");
        }
        int read = Integer.parseInt(number);
        return hourly ? new Rhythm.Hourly(read) : new Rhythm.Times(read);
    }

    private Set<DayOfWeek> readDays() {
        return days.stream()
                .map(each -> Entered.choice(DayOfWeek.class, role, each))
                .collect(Collectors.toSet());
    }

    private Optional<HomeGrowth> readGrowth(WorkingDose begun) {
        if (growth.isBlank()) {
            return Optional.empty();
        }
        Matcher typed = GROWTH.matcher(growth);
        if (!typed.matches()) {
            throw new IllegalArgumentException("growth: found '" + growth + "', allowed: one of the list");
        }
        return Optional.of(HomeGrowth.from(begun, Integer.parseInt(typed.group(1)), Integer.parseInt(typed.group(2))));
    }

    /** A line as it stands, to be typed over. */
    static Typed of(HomeLine line, boolean goes) {
        SetAim aim = line.begun().aim();
        return new Typed(
                line.role().toString(),
                goes,
                String.valueOf(line.begun().sets()),
                aim.least() < aim.most() ? aim.least() + " to " + aim.most() : String.valueOf(aim.most()),
                line.begun().load().map(Load::toString).orElse(""),
                line.rhythm() instanceof Rhythm.Hourly hourly
                        ? HOURLY + hourly.everyMinutes()
                        : String.valueOf(((Rhythm.Times) line.rhythm()).aDay()),
                line.growth().map(each -> each.more() + "/" + each.everyDays()).orElse(""),
                line.days().stream().sorted().map(DayOfWeek::name).toList(),
                line.words());
    }
}
