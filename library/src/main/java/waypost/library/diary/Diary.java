package waypost.library.diary;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.protocol.Phase;
import waypost.core.question.Question;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;
import waypost.library.words.Words;

/**
 * The course as text, a paragraph for each day on which anything changes. Up to {@code known} it is told as it was; after
 * that as if all went to plan.
 */
public final class Diary {

    private final Course course;
    private final LocalDate known;
    private final Bundle bundle;
    private final Dates dates;

    private Diary(Course course, LocalDate known, Bundle bundle) {
        this.course = course;
        this.known = known;
        this.bundle = bundle;
        this.dates = new Dates(course.resolved().dayZero());
    }

    /** The diary of a course; {@code name} stands in its first line. */
    public static String of(String name, Course course, LocalDate known, Bundle bundle) {
        return new Diary(course, known, bundle).text(name);
    }

    private String text(String name) {
        List<String> lines = new ArrayList<>(head(name));
        Standing before = on(firstDay().minusDays(1));
        for (LocalDate date : days()) {
            Standing now = on(date);
            List<String> said = new DiaryDay(before, now, bundle).lines();
            if (!said.isEmpty()) {
                lines.add("");
                lines.add(now.day() + " · " + Dates.say(date) + " · " + Dates.bothCountings(now.day()));
                said.forEach(line -> lines.add("  " + line));
            }
            before = now;
        }
        lines.add("");
        lines.add("The therapist decides; the operating surgeon's written instructions govern.");
        return String.join("\n", lines) + "\n";
    }

    private List<String> head(String name) {
        List<String> lines = new ArrayList<>();
        lines.add(name + ": " + course.resolved().protocol().face() + " ("
                + course.resolved().protocol().review() + ")");
        lines.add("Day 0 is " + Dates.say(dates.dayZero()) + ". Known up to " + Dates.say(known)
                + "; after that, if all goes to plan.");
        course.resolved().protocol().questions().stream()
                .filter(course.resolved()::asks)
                .forEach(question -> lines.add(answer(question)));
        course.resolved()
                .pain()
                .ifPresent(pain ->
                        lines.add(Words.say(pain) + " (" + pain.rule().head().title() + ")"));
        return lines;
    }

    private String answer(Question question) {
        String values = course.resolved().answers().possible(question).stream()
                .map(question::titleOf)
                .collect(Collectors.joining(" or "));
        String said = Words.plainName(question.id()) + ": ";
        if (course.resolved().answers().usesDefault(question)) {
            return said + values + " (school by default)";
        }
        if (!course.resolved().answers().leavesOpen(question)) {
            return said + values;
        }
        return said + "not stated (" + values + "), "
                + (question.isDecisive() ? "nothing opens until it is" : "the stricter rule applies");
    }

    private LocalDate firstDay() {
        return course.resolved().protocol().begins(dates.dayZero()).dateFrom(dates.dayZero());
    }

    /** The first day and every later day on which time, a phase or a hold changes anything. */
    private SortedSet<LocalDate> days() {
        SortedSet<LocalDate> days = new TreeSet<>(course.timeline());
        days.add(firstDay());
        for (Phase phase : course.resolved().protocol().phases()) {
            days.add(phase.expected().from(dates.dayZero()).dateFrom(dates.dayZero()));
        }
        course.history().signed().forEach(signed -> days.add(signed.from()));
        course.history().readings().all().forEach(reading -> days.add(reading.date()));
        return days.tailSet(firstDay());
    }

    private Standing on(LocalDate date) {
        LocalDate today = date.isAfter(known) ? known : date;
        return course.on(date, today, Outlook.TO_PLAN);
    }
}
