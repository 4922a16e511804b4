package waypost.app.whatif;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.measure.ReadingForm;
import waypost.app.order.OrderForm;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.log.Decisions;
import waypost.core.log.Evidence;
import waypost.core.log.Order;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.library.words.Dates;

/**
 * What is tried, all of it together.
 *
 * @param answers the course's answers with those that are tried
 * @param readings tried for today
 */
record Trial(LocalDate on, Outlook outlook, Answers answers, List<Reading> readings, Optional<Order> order) {

    static final String ANSWER = "answer.";
    static final String NOT_STATED = "not-stated";

    /** Reads what was typed; what is blank is not tried. */
    static Trial of(
            LoadedCourse course,
            Staff staff,
            LocalDate today,
            Map<String, String> all,
            ReadingForm reading,
            OrderForm order) {
        String day = all.getOrDefault("on", "");
        LocalDate on = day.isBlank() ? today : Entered.date("on", day);
        if (on.isBefore(today)) {
            throw new FormProblem("on", "Found " + Dates.say(on) + ", allowed: today or later.");
        }
        if (on.isAfter(course.course().latest())) {
            throw new FormProblem(
                    "on",
                    "Found " + Dates.say(on) + ", allowed: up to "
                            + Dates.say(course.course().latest()) + ".");
        }
        return new Trial(
                on,
                Entered.choice(Outlook.class, "outlook", all.getOrDefault("outlook", Outlook.TIME_ONLY.name())),
                answers(course, all),
                reading.said() == null || reading.said().isBlank()
                        ? List.of()
                        : readings(course, staff, today, reading),
                order.isPresent()
                        ? Optional.of(order.tried(course, staff, today).order(course.protocol()))
                        : Optional.empty());
    }

    private static Answers answers(LoadedCourse course, Map<String, String> all) {
        Map<String, Set<String>> stated =
                new LinkedHashMap<>(course.course().resolved().answers().stated());
        for (Question question : course.protocol().questions()) {
            String value = all.getOrDefault(ANSWER + question.id(), "");
            if (value.equals(NOT_STATED)) {
                stated.remove(question.id());
            } else if (question.valueIds().contains(value)) {
                stated.put(question.id(), Set.of(value));
            } else if (!value.isEmpty()) {
                throw new FormProblem(
                        ANSWER + question.id(),
                        "Found '" + value + "', allowed: " + String.join(", ", question.valueIds()) + ".");
            }
        }
        return new Answers(stated);
    }

    private static List<Reading> readings(LoadedCourse course, Staff staff, LocalDate today, ReadingForm form) {
        return form.readAmounts(course).entrySet().stream()
                .map(entry -> new Reading(
                        entry.getKey().id(),
                        form.readSide(),
                        form.readMode(entry.getKey()),
                        entry.getValue(),
                        today,
                        true,
                        staff.name(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
    }

    /** Whether the answers are others than those on record. */
    boolean changesAnswers(LoadedCourse course) {
        return !answers.equals(course.course().resolved().answers());
    }

    /** Where the course would stand. */
    Standing standing(LoadedCourse loaded, LocalDate today) {
        Course course = loaded.course();
        Decisions made = course.resolved().decisions();
        Decisions decisions = new Decisions(
                Stream.concat(made.orders().stream(), order.stream()).toList(), made.narrowings());
        return course.with(answers, decisions)
                .with(history(course, course.history(), today))
                .on(on, today, outlook);
    }

    private History history(Course course, History history, LocalDate today) {
        Evidence evidence = history.evidence();
        return history.with(new Evidence(
                new Readings(Stream.concat(withoutDerived(course, evidence, today), readings.stream())
                        .toList()),
                evidence.attestations(),
                evidence.sessions()));
    }

    /** What was derived today follows anew from the readings that are tried. */
    private static Stream<Reading> withoutDerived(Course course, Evidence evidence, LocalDate today) {
        Set<String> derived = course.measures().stream()
                .filter(measure -> measure.taken().derivation().isPresent())
                .map(Measure::id)
                .collect(Collectors.toSet());
        return evidence.readings().all().stream()
                .filter(reading -> !reading.date().equals(today) || !derived.contains(reading.measure()));
    }
}
