package waypost.library.secondjudge;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.exercise.Role;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.log.Change;
import waypost.core.log.Decisions;
import waypost.core.log.Event;
import waypost.core.log.Hold;
import waypost.core.log.Narrowing;
import waypost.core.log.Order;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.time.Clocks;
import waypost.library.bundle.Bundle;

/** A course on a shipped protocol, made from a seed: answers, clocks, orders, holds, what is met and measured. */
record GeneratedCourse(
        Protocol protocol,
        Bundle bundle,
        Answers answers,
        Clocks clocks,
        Decisions decisions,
        LocalDate date,
        Phase phase,
        Set<String> met,
        Side side,
        List<Hold> holds,
        List<Event> unlooked,
        Readings readings,
        boolean assumeRange) {

    static GeneratedCourse of(Bundle bundle, int seed) {
        Random random = new Random(seed * 7919L + 17);
        Protocol protocol = random.nextInt(3) == 0 ? bundle.protocol("test.hard") : pick(random, bundle.protocols());
        LocalDate dayZero = LocalDate.of(2031, 1, 1).plusDays(random.nextInt(365));
        return of(bundle, random, protocol, dayZero, dayZero.plusDays(dayNear(random, protocol, dayZero)), Side.RIGHT);
    }

    /** A course of somebody who has another one: on this date, of this side. */
    static GeneratedCourse beside(Bundle bundle, int seed, LocalDate date, Side side) {
        Random random = new Random(seed * 104729L + 5);
        Protocol protocol = random.nextInt(6) == 0 ? bundle.protocol("test.hard") : pick(random, bundle.protocols());
        LocalDate dayZero = date.minusDays(dayNear(random, protocol, date));
        return of(bundle, random, protocol, dayZero, date, side);
    }

    private static GeneratedCourse of(
            Bundle bundle, Random random, Protocol protocol, LocalDate dayZero, LocalDate date, Side side) {
        Set<String> met = new HashSet<>();
        int metShare = random.nextInt(5);
        protocol.criteria().stream().filter(c -> random.nextInt(4) < metShare).forEach(c -> met.add(c.id()));
        List<Hold> holds = random.nextInt(8) == 0
                ? List.of(new Hold(
                        pick(random, List.of(Hold.Kind.FLARE, Hold.Kind.RED_FLAG)),
                        "flare",
                        date,
                        date.plusDays(2),
                        Optional.empty(),
                        "tester"))
                : List.of();
        return new GeneratedCourse(
                protocol,
                bundle,
                answers(random, protocol),
                new Clocks(dayZero, clocks(random, protocol, date)),
                decisions(random, protocol, bundle, date),
                date,
                pick(random, protocol.phases()),
                met,
                side,
                holds,
                random.nextInt(8) == 0
                        ? List.of(new Event(Event.FALL, date.minusDays(1), "fell", "tester", Optional.empty()))
                        : List.of(),
                readings(random, bundle, date, side),
                random.nextInt(3) == 0);
    }

    /** Half of the days lie on a day on which a limit changes, or beside one. */
    private static int dayNear(Random random, Protocol protocol, LocalDate dayZero) {
        if (random.nextBoolean()) {
            return random.nextInt(330) - 20;
        }
        Limit<?> limit = pick(random, protocol.limits());
        var entries = limit.schedule().entries();
        LocalDate change =
                SecondJudge.dateOf(entries.get(random.nextInt(entries.size())).from(), dayZero);
        return (int) (change.toEpochDay() - dayZero.toEpochDay()) + random.nextInt(3) - 1;
    }

    private static <T> T pick(Random random, List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    private static Answers answers(Random random, Protocol protocol) {
        Map<String, Set<String>> stated = new HashMap<>();
        int known = random.nextInt(4);
        for (Question question : protocol.questions()) {
            Set<String> values = new LinkedHashSet<>(question.valueIds());
            if (random.nextInt(3) < known) {
                values = new LinkedHashSet<>(List.of(pick(random, question.valueIds())));
            } else {
                values.removeIf(value -> random.nextInt(3) == 0);
            }
            if (!values.isEmpty() && random.nextInt(6) != 0) {
                stated.put(question.id(), values);
            }
        }
        return new Answers(stated);
    }

    private static Map<String, List<LocalDate>> clocks(Random random, Protocol protocol, LocalDate date) {
        Map<String, List<LocalDate>> clocks = new HashMap<>();
        for (String clock : protocol.scope().clocks()) {
            if (random.nextInt(3) == 0) {
                List<LocalDate> starts = new ArrayList<>(List.of(date.minusDays(random.nextInt(40) - 5)));
                if (random.nextBoolean()) {
                    starts.add(date.minusDays(random.nextInt(100)));
                }
                clocks.put(clock, starts);
            }
        }
        return clocks;
    }

    private static Decisions decisions(Random random, Protocol protocol, Bundle bundle, LocalDate date) {
        List<Order> orders = new ArrayList<>();
        List<Narrowing> narrowings = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            LocalDate from = date.minusDays(random.nextInt(7) - 1);
            boolean signed = random.nextBoolean();
            orders.add(new Order(
                    "order-" + i,
                    "words",
                    "surgeon",
                    from.minusDays(random.nextInt(3)),
                    from,
                    random.nextBoolean() ? Optional.of(from.plusDays(random.nextInt(9))) : Optional.empty(),
                    signed ? Optional.of(from) : Optional.empty(),
                    Optional.of("therapist"),
                    List.of(change(random, protocol, bundle, true))));
        }
        if (random.nextInt(3) == 0) {
            LocalDate since = date.minusDays(random.nextInt(5) - 1);
            Change narrower = change(random, protocol, bundle, false);
            narrowings.add(new Narrowing(
                    "narrowing",
                    "therapist",
                    since,
                    random.nextBoolean() ? Optional.of(since.plusDays(random.nextInt(4))) : Optional.empty(),
                    "why",
                    narrower));
        }
        return new Decisions(orders, narrowings);
    }

    private static Change change(Random random, Protocol protocol, Bundle bundle, boolean mayOpen) {
        List<Role> roles = bundle.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .toList();
        return switch (random.nextInt(mayOpen ? 4 : 3)) {
            case 0, 1 -> newValue(random, pick(random, protocol.limits()));
            case 2 -> new Change.Bars(Set.of(pick(random, roles).key().activity()));
            default ->
                new Change.Opens(
                        random.nextBoolean()
                                ? pick(random, roles).key()
                                : pick(random, protocol.openings()).role());
        };
    }

    private static <T> Change newValue(Random random, Limit<T> limit) {
        Allowed<T> allowed = switch (random.nextInt(3)) {
            case 0 -> Allowed.free();
            case 1 -> Allowed.nothing();
            default ->
                limit.schedule()
                        .entries()
                        .get(random.nextInt(limit.schedule().entries().size()))
                        .value();
        };
        return new Change.NewValue<>(limit, allowed);
    }

    private static Readings readings(Random random, Bundle bundle, LocalDate date, Side side) {
        List<Reading> readings = new ArrayList<>();
        for (Measure measure : bundle.measures()) {
            if (measure.motion().isPresent() && random.nextInt(4) != 0) {
                readings.add(new Reading(
                        measure.id(),
                        random.nextInt(5) == 0 ? side.other() : side,
                        random.nextBoolean() ? Mode.PASSIVE : Mode.ACTIVE,
                        measure.amount(Math.max(measure.least(), measure.most() - random.nextInt(100))),
                        date.minusDays(random.nextInt(18)),
                        random.nextInt(6) != 0,
                        "tester",
                        Optional.empty(),
                        Optional.empty()));
            }
        }
        return new Readings(readings);
    }

    LocalDate dayZero() {
        return clocks.dayZero();
    }

    /** The range measured lately and strictly on the operated side; active counts as the least there is. */
    Optional<Double> rangeOf(Motion motion) {
        return bundle.measures().stream()
                .filter(m -> m.motion().equals(Optional.of(motion)) && m.end().equals(Optional.of(Direction.POSITIVE)))
                .reduce((first, second) -> second)
                .flatMap(measure -> readings.all().stream()
                        .filter(r -> r.measure().equals(measure.id()) && r.side() == side && r.strict())
                        .filter(r -> date.toEpochDay() - r.date().toEpochDay() <= measure.validDays())
                        .map(r -> r.amount().value())
                        .findFirst());
    }

    /** Every combination of the answers that are still possible. */
    List<Map<String, String>> combinations() {
        return combined(question -> answers.stated()
                .getOrDefault(
                        question.id(), question.usual().map(Set::of).orElseGet(() -> Set.copyOf(question.valueIds()))));
    }

    /** Every combination of answers at all. */
    List<Map<String, String>> allCombinations() {
        return combined(question -> Set.copyOf(question.valueIds()));
    }

    private List<Map<String, String>> combined(java.util.function.Function<Question, Set<String>> values) {
        List<Map<String, String>> combinations = List.of(Map.of());
        for (Question question : protocol.questions()) {
            List<Map<String, String>> longer = new ArrayList<>();
            for (Map<String, String> combination : combinations) {
                for (String value : values.apply(question)) {
                    Map<String, String> next = new HashMap<>(combination);
                    next.put(question.id(), value);
                    longer.add(next);
                }
            }
            combinations = longer;
        }
        return combinations;
    }
}
