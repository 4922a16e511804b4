package waypost.app.note;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import waypost.app.checkin.CheckIns;
import waypost.app.diary.Diary;
import waypost.app.diary.DiaryWeek;
import waypost.app.observation.Observations;
import waypost.app.rack.Signs;
import waypost.app.store.SetRow;
import waypost.app.treatment.HandTreatments;
import waypost.app.work.DayOfVisit;
import waypost.app.work.StopLog;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.followup.Behind;
import waypost.core.followup.VisitAdvice;
import waypost.core.gate.Verdict;
import waypost.core.log.SetDone;
import waypost.core.measure.Measure;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.library.words.AdviceWords;
import waypost.library.words.BehindWords;
import waypost.library.words.BlockWords;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/** Drafts a note from what was logged on a day; it adds nothing of its own. */
@Component
class Drafts {

    private final CheckIns checkIns;
    private final StopLog stops;
    private final HandTreatments treatments;
    private final Observations observations;
    private final Diary diary;

    Drafts(CheckIns checkIns, StopLog stops, HandTreatments treatments, Observations observations, Diary diary) {
        this.checkIns = checkIns;
        this.stops = stops;
        this.treatments = treatments;
        this.observations = observations;
        this.diary = diary;
    }

    Draft of(DayOfVisit day) {
        return new Draft(subjective(day), objective(day), assessment(day), plan(day));
    }

    private List<String> subjective(DayOfVisit day) {
        UUID courseId = day.course().row().id();
        List<String> lines = new ArrayList<>(checkIns.told(courseId, day.date()));
        DiaryWeek week = diary.week(courseId, day.date());
        if (!week.isEmpty()) {
            lines.add("At home in the last seven days: " + week.says() + ".");
            week.tooMuch().stream()
                    .map(RoleKey::of)
                    .filter(day.signs()::knows)
                    .forEach(
                            role -> lines.add("Too much at home: " + day.signs().title(role) + "."));
            week.notes().forEach(note -> lines.add("Written from home: " + note));
        }
        return lines;
    }

    private List<String> objective(DayOfVisit day) {
        List<String> lines = new ArrayList<>();
        day.standing().facts().readings().all().stream()
                .filter(reading -> reading.date().equals(day.date()))
                .map(reading -> reading(day.course().bundle().measure(reading.measure()), reading, day))
                .forEach(lines::add);
        lines.addAll(observations.told(day.course().row().id(), day.date()));
        lines.addAll(treatments.told(day.course(), day.date()));
        Map<RoleKey, List<SetRow>> byRole = day.sets().stream()
                .filter(set -> set.doneOn().equals(day.date()))
                .collect(Collectors.groupingBy(SetRow::key, LinkedHashMap::new, Collectors.toList()));
        byRole.forEach((role, sets) -> lines.add(work(role, sets, day)));
        stops.on(day.course().row().id(), day.date())
                .forEach(stop -> lines.add(day.signs().title(stop.role()) + ": stopped for " + stop.why() + "."));
        return lines;
    }

    private static String reading(Measure measure, Reading reading, DayOfVisit day) {
        String side = reading.side().name().toLowerCase(Locale.ROOT);
        String mode = measure.end().isPresent() ? ", " + reading.mode().name().toLowerCase(Locale.ROOT) : "";
        return measure.title() + ", " + side + mode + ": " + MilestoneWords.reading(measure, reading.amount())
                + (reading.strict() ? "" : ", compensated")
                + change(measure, reading, day).orElse("") + ".";
    }

    /** Only what is beyond the error is told as a change. */
    private static Optional<String> change(Measure measure, Reading reading, DayOfVisit day) {
        return day.standing().facts().readings().all().stream()
                .filter(earlier -> earlier.measure().equals(measure.id())
                        && earlier.date().isBefore(reading.date())
                        && earlier.side() == reading.side()
                        && earlier.mode() == reading.mode()
                        && earlier.strict() == reading.strict())
                .reduce((one, later) -> later)
                .map(before -> changed(measure, before, reading));
    }

    private static String changed(Measure measure, Reading before, Reading now) {
        double gain = measure.gain(before.amount(), now.amount());
        String since = " since " + Dates.say(before.date());
        if (!measure.isChange(before, now)) {
            return gain == 0 ? ", as" + since.substring(6) + " before" : ", no change beyond the error" + since;
        }
        return ", " + Plain.number(Math.abs(gain)) + measure.unit().suffix() + (gain > 0 ? " better" : " worse")
                + since;
    }

    private static String work(RoleKey role, List<SetRow> sets, DayOfVisit day) {
        Signs signs = day.signs();
        if (!signs.knows(role) || !(signs.activity(role) instanceof Activity.Exercise exercise)) {
            return role + ": " + sets.size() + " sets.";
        }
        String amounts = sets.stream().map(set -> String.valueOf(set.amount())).collect(Collectors.joining(", "));
        int worst = sets.stream().mapToInt(SetRow::pain).max().orElse(0);
        String load = sets.stream()
                .flatMap(set -> set.load().stream())
                .reduce((one, later) -> later)
                .map(held -> ", " + day.bands().in(ProgressionWords.load(held)))
                .orElse("");
        Set<String> besides = new LinkedHashSet<>();
        sets.stream().filter(set -> set.form() != SetDone.Form.GOOD).forEach(set -> besides.add(form(set.form())));
        sets.stream().map(SetRow::faults).filter(faults -> !faults.isEmpty()).forEach(besides::add);
        Verdict verdict = day.standing().verdict(role);
        String open = verdict.kind().isOpen() ? "" : " Done though it was not open.";
        String asked =
                sets.get(0).asked().isEmpty() ? "" : " (asked " + sets.get(0).asked() + ")";
        return signs.title(role) + ": " + amounts + " "
                + exercise.dose().aim().counted().word() + load + asked + ", pain at most " + worst
                + (besides.isEmpty() ? "" : "; " + String.join("; ", besides)) + "." + open;
    }

    private static String form(SetDone.Form form) {
        return form == SetDone.Form.LOST ? "form lost" : "helped along";
    }

    private static List<String> assessment(DayOfVisit day) {
        Standing standing = day.standing();
        Words words = Words.of(standing.course().resolved());
        List<String> lines = new ArrayList<>();
        lines.add(
                "Day " + standing.day().number() + ", phase " + standing.phase().title() + ".");
        standing.facts().holds().forEach(hold -> lines.add("On hold: " + hold.why() + "."));
        standing.next()
                .ifPresent(next -> lines.add("Milestones met: "
                        + next.milestones().stream().filter(Milestone::isMet).count()
                        + " of " + next.milestones().size() + "."));
        lines.add(new BlockWords(new MilestoneWords(words.dates())).say(standing));
        day.visit().day().brake().ifPresent(brake -> lines.add(ProgressionWords.brake(brake)));
        BehindWords behind = new BehindWords(words);
        for (Behind late : Behind.of(standing)) {
            lines.add(behind.say(late));
        }
        return lines;
    }

    private static List<String> plan(DayOfVisit day) {
        Words words = Words.of(day.standing().course().resolved());
        VisitAdvice advice = day.visit().advice();
        List<String> lines = new ArrayList<>();
        lines.add(AdviceWords.title(advice) + ". " + new AdviceWords(words).why(advice));
        day.plan()
                .block()
                .ifPresent(block -> lines.add("Block of " + block.weeks() + " weeks until "
                        + Dates.say(block.endsBefore().minusDays(1)) + "."));
        return lines;
    }
}
