package waypost.app.home;

import java.util.ArrayList;
import java.util.List;
import waypost.app.work.DayOfVisit;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.reason.Reason;
import waypost.library.plain.PlainDates;
import waypost.library.plain.PlainDose;
import waypost.library.plain.PlainDuties;
import waypost.library.plain.PlainExercises;
import waypost.library.plain.PlainGoals;
import waypost.library.plain.PlainReasons;
import waypost.library.plain.PlainRules;
import waypost.library.plain.PlainText;

/** Everything that says something of one course to its patient, in one language. */
record PatientWords(
        PlainText text,
        PlainDates dates,
        PlainRules rules,
        PlainGoals goals,
        PlainDuties duties,
        PlainReasons reasons,
        PlainExercises exercises,
        PlainDose dose) {

    static PatientWords of(DayOfVisit day, WrittenProgram written) {
        PlainText text = PlainText.in(written.language());
        PlainExercises exercises = new PlainExercises(text, id -> titled(day, id));
        PlainDates dates =
                new PlainDates(text, day.standing().course().resolved().dayZero());
        PlainRules rules = new PlainRules(text, dates, day.course().row().protocolId());
        PlainGoals goals = new PlainGoals(text, exercises);
        PlainDuties duties = new PlainDuties(rules, goals, exercises);
        List<String> bands = day.bands().names();
        PlainDose dose = new PlainDose(
                text,
                written.program().waking(),
                step -> step >= 1 && step <= bands.size() ? bands.get(step - 1) : text.number(step));
        return new PatientWords(
                text, dates, rules, goals, duties, new PlainReasons(rules, goals, duties), exercises, dose);
    }

    private static String titled(DayOfVisit day, String id) {
        return day.course().bundle().findActivity(id).map(each -> each.title()).orElse(id);
    }

    /** What it is called, and which part of it where it has several. */
    String title(RoleKey role) {
        return exercises.title(role.activity());
    }

    /** Why it is closed. */
    List<String> why(Verdict verdict) {
        return verdict.reasons().stream()
                .filter(reason -> !reason.kind().isOpen())
                .flatMap(reason -> reasons.say(reason).stream())
                .distinct()
                .toList();
    }

    /** In which way alone it is open: how far, and how it is set up. */
    List<String> only(Verdict verdict) {
        List<String> only = new ArrayList<>();
        for (Reason reason : verdict.reasons()) {
            Reason inner = reason instanceof Reason.InOtherCourse other ? other.reason() : reason;
            if (inner instanceof Reason.Exceeded<?> exceeded) {
                only.add(rules.what(exceeded.limit(), exceeded.allowed()));
            } else if (inner.kind().isOpen()) {
                only.addAll(reasons.say(inner));
            }
        }
        return only.stream().distinct().toList();
    }
}
