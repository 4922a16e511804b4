package waypost.library.review;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Duty;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Included;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;
import waypost.library.bundle.Bundle;
import waypost.library.words.PrecautionWords;

/** Gathers what a protocol says under the day from which it says it. */
final class WeekByWeek implements Duty.Visitor<Stream<WeekByWeek.Said>> {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);
    private static final int DAYS_A_WEEK = 7;

    /** What is said on a day of a clock. */
    private record Day(
            List<String> limits, List<String> opens, List<String> duties, List<String> tests, List<String> phases) {
        Day() {
            this(new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        }
    }

    /** A part of a rule, from a moment on its clock. */
    record Said(RuleHead head, Moment from, String text) {}

    private final Protocol protocol;
    private final Bundle bundle;
    private final Codes codes;
    private static final Moment BEGINNING = Moment.parse("day 0");

    private final Map<String, Map<Integer, Day>> clocks = new TreeMap<>();

    WeekByWeek(Protocol protocol, Bundle bundle, Codes codes) {
        this.protocol = protocol;
        this.bundle = bundle;
        this.codes = codes;
        protocol.phases().forEach(this::phase);
        protocol.parts().forEach(this::anew);
        protocol.limits().forEach(this::limit);
        protocol.openings().forEach(this::opening);
        protocol.duties().forEach(duty -> duties(duty.accept(this)));
        protocol.rules().setUps().forEach(rule -> duties(steps(rule.head(), rule.schedule())));
        followUp();
    }

    /** On the course's own clock. */
    List<Row> rows() {
        return rows("");
    }

    /** On the clocks of a fall, an injection and the like. */
    List<Row> otherClocks() {
        return clocks.keySet().stream()
                .filter(clock -> !clock.isEmpty())
                .flatMap(clock -> rows(clock).stream())
                .toList();
    }

    private List<Row> rows(String clock) {
        List<Row> rows = new ArrayList<>();
        clocks.getOrDefault(clock, Map.of())
                .forEach((number, day) -> rows.add(new Row(
                        "day " + number + (clock.isEmpty() ? "" : " of " + clock),
                        weeks(number),
                        String.join("; ", day.phases()),
                        day.limits(),
                        day.opens(),
                        day.duties(),
                        day.tests())));
        return rows;
    }

    private static String weeks(int day) {
        return day == 0 || day % DAYS_A_WEEK != 0 ? "" : day / DAYS_A_WEEK + " wk";
    }

    private Day on(String clock, Moment moment) {
        return clocks.computeIfAbsent(clock, key -> new TreeMap<>())
                .computeIfAbsent(moment.from(ANY).number(), key -> new Day());
    }

    private void phase(Phase phase) {
        on("", phase.expected())
                .phases()
                .add(phase.title() + (phase.leave().isEmpty() ? "" : ", leave" + codes.needs(phase.leave())));
    }

    private void anew(Included part) {
        String code = codes.parts().getOrDefault(part.face(), part.title());
        part.anew().forEach(event -> on(event, BEGINNING).limits().add("all of " + code + " holds anew"));
    }

    private <T> void limit(Limit<T> limit) {
        RuleHead head = limit.head();
        String about = AnatomicalTerm.behind(limit);
        for (Schedule.Entry<Allowed<T>> step : limit.schedule().entries()) {
            on(head.clock(), step.from())
                    .limits()
                    .add(title(head) + about + ": " + PrecautionWords.left(limit, step.value())
                            + codes.needs(step.needs()) + codes.when(head.when()));
            about = "";
        }
    }

    private String title(RuleHead head) {
        return head.title() + (head.surgeonOnly() ? " §" : "") + codes.part(head);
    }

    private void opening(Opening opening) {
        boolean test = bundle.findActivity(opening.role().activity())
                .filter(Activity.Test.class::isInstance)
                .isPresent();
        String title = title(opening.role()) + (opening.surgeonOnly() ? " §" : "");
        for (Opening.Case written : new OpeningCases(opening).printed()) {
            Day day = on(written.clock(), written.from());
            String said = title + codes.needs(written.needs()) + codes.when(written.when());
            (test ? day.tests() : day.opens()).add(said);
            written.until()
                    .ifPresent(until -> on(written.clock(), until).opens().add("no longer " + title));
        }
    }

    private String title(RoleKey key) {
        Activity activity = bundle.findActivity(key.activity()).orElseThrow();
        return activity.roles().size() == 1
                ? activity.title()
                : activity.title() + " ("
                        + activity.roles().stream()
                                .filter(role -> role.key().equals(key))
                                .findFirst()
                                .orElseThrow()
                                .title()
                        + ")";
    }

    /** Adds what is said of a rule to the duties of its days. */
    private void duties(Stream<Said> told) {
        told.forEach(said -> on(said.head().clock(), said.from())
                .duties()
                .add(title(said.head()) + said.text() + codes.when(said.head().when())));
    }

    @Override
    public Stream<Said> wear(Duty.Wear duty) {
        return steps(duty.head(), duty.schedule());
    }

    @Override
    public Stream<Said> practise(Duty.Practise duty) {
        return steps(duty.head(), duty.schedule());
    }

    @Override
    public Stream<Said> begin(Duty.Begin duty) {
        return Stream.of(new Said(duty.head(), duty.by(), " by now, else " + duty.otherwise()));
    }

    @Override
    public Stream<Said> reach(Duty.Reach duty) {
        return Stream.of(new Said(duty.head(), duty.by(), " by now, else " + duty.otherwise()));
    }

    private static <T> Stream<Said> steps(RuleHead head, Schedule<Allowed<T>> schedule) {
        return schedule.entries().stream()
                .map(step -> new Said(
                        head,
                        step.from(),
                        ": " + step.value().most().map(Object::toString).orElse("ends")));
    }

    private void followUp() {
        FollowUp followUp = protocol.followUp();
        Map<Moment, Map<Integer, List<String>>> due = new LinkedHashMap<>();
        for (FollowUp.Measuring measuring : followUp.measuring()) {
            due.computeIfAbsent(measuring.from(), moment -> new TreeMap<>())
                    .computeIfAbsent(measuring.everyDays(), days -> new ArrayList<>())
                    .add(bundle.measure(measuring.measure()).title() + codes.when(measuring.when()));
        }
        due.forEach((moment, often) -> often.forEach((days, measures) ->
                on("", moment).tests().add("every " + days + " days: " + String.join(", ", measures))));
        followUp.visits().forEach(stretch -> on("", stretch.from()).duties().add("visits " + stretch.often()));
        followUp.home().forEach(stretch -> on("", stretch.from()).duties().add("home " + stretch.often()));
    }
}
