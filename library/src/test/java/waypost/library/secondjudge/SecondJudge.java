package waypost.library.secondjudge;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import waypost.core.body.Mode;
import waypost.core.body.Region;
import waypost.core.criterion.Criterion;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Lasting;
import waypost.core.demand.Level;
import waypost.core.demand.Posture;
import waypost.core.demand.Pressed;
import waypost.core.demand.Reaching;
import waypost.core.demand.RunningSteps;
import waypost.core.demand.StrainKind;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Change;
import waypost.core.log.Hold;
import waypost.core.log.Narrowing;
import waypost.core.log.Order;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.protocol.SetUp;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/**
 * A second, slow judge, written against the records that the reader makes and nothing above them: no resolver, no gate,
 * no course day. It looks at every combination of possible answers and counts with calendar dates.
 */
final class SecondJudge {

    private static final List<String> KINDS =
            List.of("BARRED", "ON_HOLD", "NOT_COVERED", "NOT_YET", "OPEN_WITH_LIMIT", "OPEN");

    /** What was decided: the kind and everything that speaks against the role. */
    record Opinion(String kind, Set<String> against) {}

    /** A limit's value on the day, and where it comes from. */
    private record Value(Limit<?> limit, Allowed<?> allowed) {}

    private final GeneratedCourse course;
    private final LocalDate date;
    private final List<Map<String, String>> combinations;
    private final List<Value> values = new ArrayList<>();
    private final Map<Demand, Boolean> asked = new HashMap<>();

    SecondJudge(GeneratedCourse course) {
        this.course = course;
        this.date = course.date();
        this.combinations = course.combinations();
        course.protocol().limits().forEach(this::addWritten);
        course.decisions()
                .orders()
                .forEach(order -> order.changes().stream()
                        .filter(change -> holds(change, order))
                        .forEach(change -> addChange(change, order.id())));
        course.decisions().narrowings().stream().filter(this::runs).forEach(n -> addChange(n.change(), n.id()));
    }

    private boolean mayHold(Condition when) {
        return combinations.stream().anyMatch(answers -> holds(when, answers));
    }

    private static boolean holds(Condition when, Map<String, String> answers) {
        return when.oneOf().entrySet().stream().allMatch(e -> e.getValue().contains(answers.get(e.getKey())));
    }

    /** Whether what an order loosens holds on the day: by phone for three days, counted from its first one. */
    private boolean loosens(Order order) {
        LocalDate first = order.from().isBefore(order.given()) ? order.given() : order.from();
        LocalDate fallsBack = order.signed().isPresent() ? LocalDate.MAX : first.plusDays(3);
        return tightens(order) && date.isBefore(fallsBack);
    }

    /** Whether what an order takes away holds on the day: until its last one, however it came. */
    private boolean tightens(Order order) {
        LocalDate end = order.lastDay().map(day -> day.plusDays(1)).orElse(LocalDate.MAX);
        return !date.isBefore(order.from()) && date.isBefore(end);
    }

    /** Whether a new value leaves no more than any value that may be written for the order's first day does. */
    private boolean takesAway(Change.NewValue<?> value, LocalDate first) {
        RuleHead head = value.limit().head();
        Limit<?> written = course.protocol().limits().stream()
                .filter(limit -> limit.head().id().equals(head.id()))
                .findFirst()
                .orElseThrow();
        if (!mayHold(head.when())) {
            return true;
        }
        Set<String> all = course.protocol().criteria().stream().map(c -> c.id()).collect(Collectors.toSet());
        return starts(head).stream()
                .allMatch(start -> List.of(Set.<String>of(), all).stream()
                        .allMatch(met -> valueOf(written.schedule(), start, first, met)
                                .map(allowed -> leavesNoMore(value, (Allowed<?>) allowed))
                                .orElse(true)));
    }

    @SuppressWarnings("unchecked")
    private static <T> boolean leavesNoMore(Change.NewValue<T> value, Allowed<?> written) {
        if (written instanceof Allowed.Free<?> || value.allowed() instanceof Allowed.Nothing<T>) {
            return true;
        }
        return value.allowed() instanceof Allowed.Within<T> inner
                && written instanceof Allowed.Within<?> outer
                && value.limit().within(inner.bound(), (T) outer.bound());
    }

    private boolean holds(Change change, Order order) {
        boolean takes = change instanceof Change.Bars
                || change instanceof Change.NewValue<?> value && takesAway(value, order.from());
        return takes ? tightens(order) : loosens(order);
    }

    private boolean runs(Narrowing narrowing) {
        return !date.isBefore(narrowing.since())
                && narrowing.lastDay().map(day -> !date.isAfter(day)).orElse(true);
    }

    private List<LocalDate> starts(RuleHead head) {
        List<LocalDate> starts = new ArrayList<>(starts(head.clock()));
        head.anew().forEach(event -> starts.addAll(starts(event)));
        return starts;
    }

    private List<LocalDate> starts(String clock) {
        return clock.isEmpty()
                ? List.of(course.dayZero())
                : course.clocks().others().getOrDefault(clock, List.of());
    }

    private void addWritten(Limit<?> limit) {
        RuleHead head = limit.head();
        boolean lifted = course.decisions().orders().stream()
                .filter(this::loosens)
                .filter(order -> order.signed().isPresent() || !head.surgeonOnly())
                .anyMatch(order -> order.changes().stream()
                        .anyMatch(c -> c instanceof Change.NewValue<?> v
                                && v.limit().head().id().equals(head.id())
                                && !takesAway(v, order.from())));
        if (lifted || !mayHold(head.when())) {
            return;
        }
        for (LocalDate start : starts(head)) {
            valueOf(limit.schedule(), start).ifPresent(allowed -> values.add(new Value(limit, (Allowed<?>) allowed)));
        }
    }

    private <T> Optional<T> valueOf(Schedule<T> schedule, LocalDate start) {
        return valueOf(schedule, start, date, course.met());
    }

    private static <T> Optional<T> valueOf(Schedule<T> schedule, LocalDate start, LocalDate date, Set<String> met) {
        Optional<T> found = Optional.empty();
        for (Schedule.Entry<T> entry : schedule.entries()) {
            boolean begun = !date.isBefore(dateOf(entry.from(), start));
            if (begun && met.containsAll(entry.needs())) {
                found = Optional.of(entry.value());
            }
        }
        return found;
    }

    private void addChange(Change change, String id) {
        if (change instanceof Change.NewValue<?> value) {
            values.add(new Value(value.limit(), value.allowed()));
        } else if (change instanceof Change.Bars bars) {
            values.add(new Value(
                    new waypost.core.limit.ActivityLimit(
                            RuleHead.of(id, "x"),
                            bars.activities(),
                            new Schedule<>(List.of(new Schedule.Entry<>(new Moment.Day(0), Allowed.nothing())))),
                    Allowed.nothing()));
        }
    }

    /** Reads the moment from what it writes, with calendar arithmetic. */
    static LocalDate dateOf(Moment moment, LocalDate start) {
        String text = moment.toString();
        int number = Integer.parseInt(text.replaceAll("[^0-9-]", ""));
        if (text.startsWith("day")) {
            return start.plusDays(number);
        }
        if (text.startsWith("month")) {
            return start.plusMonths(number);
        }
        return text.startsWith("nth") ? start.plusWeeks(number).minusWeeks(1) : start.plusWeeks(number);
    }

    Opinion judge(Role role) {
        return judge(role, more(role));
    }

    /** What is said of what a role asks of the other side. */
    Opinion judgeTurned(Role turned) {
        return judge(turned, List.of());
    }

    private Opinion judge(Role role, List<Demand> more) {
        Set<String> against = new TreeSet<>();
        List<String> kinds = new ArrayList<>(List.of("OPEN"));
        boolean ordered = isOrdered(role);
        boolean spokenFor = isSpokenFor(role);
        List<Demand> besides = besides(role);
        course.holds().stream()
                .filter(hold -> spokenFor || !besides.isEmpty() || hold.kind() == Hold.Kind.RED_FLAG)
                .forEach(hold -> note("hold", "ON_HOLD", against, kinds));
        closedByEvents(role, against, kinds);
        if (!spokenFor && !besides.stream().allMatch(this::isAskedToday)) {
            note("not-covered", "NOT_COVERED", against, kinds);
        }
        if (spokenFor && !more.stream().allMatch(this::isAskedToday)) {
            note("not-covered", "NOT_COVERED", against, kinds);
        }
        if (spokenFor && !ordered) {
            opening(role, against, kinds);
        }
        setUps(role, against, kinds);
        List<Demand> left = limits(role, against, kinds);
        range(role, left, against, kinds);
        return new Opinion(worst(kinds), against);
    }

    private boolean isSpokenFor(Role role) {
        return course.protocol().openings().stream().anyMatch(o -> o.role().equals(role.key()))
                || isOrdered(role)
                || orderedEver(role)
                || asksOfRegion(role);
    }

    /** What a form asks of the region that the role as it is written does not. */
    private List<Demand> more(Role role) {
        List<Role> same = course.bundle().findActivity(role.key().activity()).stream()
                .flatMap(activity -> activity.roles().stream())
                .filter(one -> one.key().equals(role.key()))
                .toList();
        if (same.stream().anyMatch(one -> one == role)) {
            return List.of();
        }
        List<Demand> written = same.stream()
                .flatMap(one -> WholeBody.of(one).demands().stream())
                .toList();
        return WholeBody.of(role).demands().stream()
                .filter(demand -> demand instanceof Demand.Movement
                        || demand instanceof Demand.TissueLoad
                        || demand instanceof Demand.Bearing
                        || demand instanceof Kneeling)
                .filter(demand -> written.stream().noneMatch(before -> WholeBody.coversIt(before, demand)))
                .filter(this::concerns)
                .filter(demand -> !isCarried(demand))
                .toList();
    }

    /** What doing it asks of the region beside what it says, other than being held so. */
    private List<Demand> besides(Role role) {
        return role.besides().operated().stream()
                .filter(this::concerns)
                .filter(demand -> !isCarried(demand))
                .toList();
    }

    /** Whether a role that the protocol speaks of asks as much and is open as it is. */
    boolean isAskedToday(Demand demand) {
        return asked.computeIfAbsent(demand, this::isAskedBySome);
    }

    private boolean isAskedBySome(Demand demand) {
        return course.bundle().activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .filter(this::isSpokenFor)
                .filter(role ->
                        WholeBody.of(role).demands().stream().anyMatch(more -> WholeBody.coversIt(more, demand)))
                .anyMatch(role -> judge(role).kind().equals("OPEN"));
    }

    /** After a fall that nobody has looked after: only carried motion, and walking about without impact. */
    private void closedByEvents(Role role, Set<String> against, List<String> kinds) {
        if ((asksOfRegion(role) || !besides(role).isEmpty())
                && !course.unlooked().isEmpty()
                && !isGentle(role)) {
            note("not-looked-after", "ON_HOLD", against, kinds);
        }
    }

    private boolean isGentle(Role role) {
        Optional<Activity> activity = course.bundle().findActivity(role.key().activity());
        if (activity.isEmpty() || !(activity.get() instanceof Activity.Exercise exercise)) {
            return false;
        }
        boolean lands = role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Contacts
                        || demand instanceof Demand.Strain strain
                                && strain.kind() == StrainKind.IMPACT
                                && strain.level() != Level.NONE);
        return exercise.purpose() == Purpose.GAIT && !lands
                || role.demands().stream().allMatch(SecondJudge::isCarried);
    }

    static boolean isCarried(Demand demand) {
        if (demand instanceof Demand.Movement movement) {
            return Set.of(Mode.PASSIVE, Mode.ASSISTED).contains(movement.mode())
                    && Set.of(EndRange.SHORT_OF_IT, EndRange.FIRST_RESISTANCE).contains(movement.end());
        }
        if (demand instanceof Demand.TissueLoad load) {
            return load.effort() == Level.NONE || load.effort() == Level.LOW && load.mode() == Mode.PASSIVE;
        }
        if (demand instanceof Demand.Placed placed) {
            return placed.posture() != Posture.ON_OPERATED_SIDE;
        }
        return demand instanceof Demand.Bearing bearing && bearing.share().percent() == 0
                || demand instanceof Demand.Strain strain && strain.level() == Level.NONE
                || demand instanceof Demand.Contacts contacts
                        && contacts.count().number() == 0
                || demand instanceof Kneeling kneeling && kneeling.share().percent() == 0
                || demand instanceof RunningSteps steps && steps.count().number() == 0
                || demand instanceof Demand.Held held && held.load().amount() == 0
                || demand instanceof Lasting
                || demand instanceof Pressed
                || demand instanceof Demand.Lever
                || demand instanceof Reaching;
    }

    /** What is said of a limb that only lies or carries while the other side exercises. */
    Opinion judgeMeanwhile(Role role, boolean covered) {
        Set<String> against = new TreeSet<>();
        List<String> kinds = new ArrayList<>(List.of("OPEN"));
        boolean spokenFor = isSpokenFor(role);
        course.holds().stream()
                .filter(hold -> spokenFor || hold.kind() == Hold.Kind.RED_FLAG)
                .forEach(hold -> note("hold", "ON_HOLD", against, kinds));
        closedByEvents(role, against, kinds);
        if (spokenFor && !covered) {
            note("not-covered", "NOT_COVERED", against, kinds);
        }
        limits(role, against, kinds);
        return new Opinion(worst(kinds), against);
    }

    /** Whether a demand asks something of the operated region. */
    boolean concerns(Demand demand) {
        return Asking.concerns(demand, region());
    }

    static String worst(List<String> kinds) {
        return kinds.stream().min((a, b) -> KINDS.indexOf(a) - KINDS.indexOf(b)).orElseThrow();
    }

    private static void note(String rule, String kind, Set<String> against, List<String> kinds) {
        against.add(rule);
        kinds.add(kind);
    }

    private boolean opens(Order order, Role role) {
        boolean surgeonOnly =
                course.protocol().openings().stream().anyMatch(o -> o.role().equals(role.key()) && o.surgeonOnly());
        return (order.signed().isPresent() || !surgeonOnly)
                && order.changes().stream()
                        .anyMatch(c -> c instanceof Change.Opens o && o.role().equals(role.key()));
    }

    private boolean isOrdered(Role role) {
        return course.decisions().orders().stream().filter(this::loosens).anyMatch(order -> opens(order, role));
    }

    /** An order that names a role makes the protocol speak of it on every day, if it ever runs. */
    private boolean orderedEver(Role role) {
        return course.decisions().orders().stream()
                .filter(SecondJudge::everRuns)
                .anyMatch(o -> opens(o, role));
    }

    private static boolean everRuns(Order order) {
        return order.lastDay().map(day -> !day.isBefore(order.from())).orElse(true);
    }

    private boolean asksOfRegion(Role role) {
        Set<Object> region = region();
        return role.demands().stream().anyMatch(demand -> Asking.concerns(demand, region));
    }

    private Set<Object> region() {
        Set<Object> region = new java.util.HashSet<>();
        addAll(course.protocol().scope().region(), region);
        course.protocol().scope().besides().stream()
                .filter(besides -> mayHold(besides.when()))
                .forEach(besides -> addAll(besides.region(), region));
        return region;
    }

    private static void addAll(Region part, Set<Object> region) {
        region.addAll(part.joints());
        region.addAll(part.tissues());
        region.addAll(part.limbs());
        region.addAll(part.through());
    }

    private void opening(Role role, Set<String> against, List<String> kinds) {
        Optional<Opening> opening = course.protocol().openings().stream()
                .filter(o -> o.role().equals(role.key()))
                .findFirst();
        boolean decided = course.protocol().questions().stream()
                .filter(Question::isDecisive)
                .filter(q -> mayHold(q.asked()))
                .allMatch(q -> combinations.stream()
                                .map(answers -> answers.get(q.id()))
                                .distinct()
                                .count()
                        == 1);
        boolean outside = course.protocol().questions().stream()
                .filter(q -> mayHold(q.asked()))
                .anyMatch(q -> q.values().stream()
                        .filter(value -> value.outside())
                        .anyMatch(value -> combinations.stream()
                                .anyMatch(answers -> value.id().equals(answers.get(q.id())))));
        boolean covered = decided
                && !outside
                && opening.isPresent()
                && combinations.stream()
                        .allMatch(answers -> opening.get().cases().stream().anyMatch(c -> holds(c.when(), answers)));
        boolean partsSpeak = opening.isEmpty() || opening.get().parts().stream().allMatch(this::speaks);
        if (!covered || !partsSpeak) {
            note("not-covered", "NOT_COVERED", against, kinds);
            return;
        }
        for (Opening.Case written : opening.get().cases()) {
            oneCase(written, Set.of(), role, against, kinds);
        }
        for (Opening.OfPart said : opening.get().parts()) {
            for (Opening.Case written : said.cases()) {
                oneCase(written, said.part().anew(), role, against, kinds);
            }
        }
    }

    /** Whether a part says when, under every combination under which it belongs to the operation. */
    private boolean speaks(Opening.OfPart said) {
        return combinations.stream()
                .filter(answers -> holds(said.part().when(), answers))
                .allMatch(answers -> said.cases().stream().anyMatch(c -> holds(c.when(), answers)));
    }

    private void oneCase(Opening.Case written, Set<String> anew, Role role, Set<String> against, List<String> kinds) {
        if (!mayHold(written.when())) {
            return;
        }
        String rule = "opening." + role.key();
        List<LocalDate> starts = new ArrayList<>(starts(written.clock()));
        if (written.clock().isEmpty()) {
            anew.forEach(event -> starts.addAll(starts(event)));
        }
        Optional<LocalDate> start = starts.stream().max(LocalDate::compareTo);
        boolean tooEarly = start.isEmpty() || date.isBefore(dateOf(written.from(), start.get()));
        boolean phaseLacks = written.phase()
                .map(phase -> position(course.phase().id()) < position(phase))
                .orElse(false);
        boolean regardless = start.isPresent()
                && written.regardless()
                        .map(moment -> !date.isBefore(dateOf(moment, start.get())))
                        .orElse(false);
        boolean lacks = written.needs().stream()
                .filter(id -> !course.met().contains(id))
                .anyMatch(id -> !regardless || neverLapses(course.protocol().criterion(id)));
        boolean over = start.isPresent()
                && written.until()
                        .map(moment -> !date.isBefore(dateOf(moment, start.get())))
                        .orElse(false);
        if (over) {
            note(rule, "NOT_COVERED", against, kinds);
        }
        if (tooEarly || phaseLacks || lacks) {
            note(rule, "NOT_YET", against, kinds);
        }
    }

    private static boolean neverLapses(Criterion criterion) {
        return criterion instanceof Criterion.Several several
                ? several.parts().stream().anyMatch(SecondJudge::neverLapses)
                : criterion instanceof Criterion.Attested attested
                        && attested.kind() != Criterion.Attested.Kind.TAUGHT_BACK;
    }

    private int position(String phase) {
        List<String> ids = course.protocol().phases().stream().map(Phase::id).toList();
        return ids.indexOf(phase);
    }

    private void setUps(Role role, Set<String> against, List<String> kinds) {
        for (SetUp setUp : course.protocol().rules().setUps()) {
            if (!setUp.activities().contains(role.key().activity())
                    || !mayHold(setUp.head().when())) {
                continue;
            }
            List<SetUp> rivals = course.protocol().rules().setUps().stream()
                    .filter(other -> other.concern().equals(setUp.concern())
                            && mayHold(other.head().when()))
                    .toList();
            boolean conflict = rivals.stream().anyMatch(a -> rivals.stream().anyMatch(b -> neverBoth(a, b)));
            boolean served = rivals.stream().anyMatch(SetUp::whenUnknown);
            if (conflict && served && !setUp.whenUnknown()) {
                continue;
            }
            for (LocalDate start : starts(setUp.head())) {
                valueOf(setUp.schedule(), start)
                        .filter(way -> way instanceof Allowed.Within<String>)
                        .ifPresent(way -> note(
                                setUp.head().id(),
                                conflict && !served ? "NOT_COVERED" : "OPEN_WITH_LIMIT",
                                against,
                                kinds));
            }
        }
    }

    /** Whether no full set of answers, possible or not, makes both apply. */
    private boolean neverBoth(SetUp one, SetUp other) {
        return course.allCombinations().stream()
                .noneMatch(answers ->
                        holds(one.head().when(), answers) && holds(other.head().when(), answers));
    }

    private List<Demand> limits(Role said, Set<String> against, List<String> kinds) {
        Role role = WholeBody.of(said);
        int most = said.demands().size();
        List<Cutting> broken = new ArrayList<>();
        for (Value value : values) {
            for (int at = 0; at < role.demands().size(); at++) {
                Cutting cutting = new Cutting(value.limit(), value.allowed(), at, most);
                if (cutting.looksAt(role) && !cutting.excused(role) && !cutting.respected(role)) {
                    broken.add(cutting);
                }
            }
        }
        if (broken.isEmpty()) {
            return said.demands();
        }
        Optional<Role> together = cut(role, Cutting.inOrder(broken), most);
        boolean eachAlone =
                broken.stream().noneMatch(cutting -> cutting.ways(role).isEmpty());
        for (Cutting cutting : broken) {
            boolean reducible =
                    eachAlone ? together.isPresent() : !cutting.ways(role).isEmpty();
            note(cutting.limit().head().id(), reducible ? "OPEN_WITH_LIMIT" : "BARRED", against, kinds);
        }
        return together.map(form -> form.demands().subList(0, most)).orElse(said.demands());
    }

    /** Tries every way of cutting under every broken limit in turn. */
    private Optional<Role> cut(Role role, List<Cutting> broken, int most) {
        List<Role> forms = List.of(role);
        for (Cutting cutting : broken) {
            List<Role> next = new ArrayList<>();
            for (Role form : forms) {
                if (cutting.excused(form) || cutting.respected(form)) {
                    next.add(form);
                } else {
                    next.addAll(cutting.ways(form));
                }
            }
            forms = next;
        }
        return forms.stream().filter(form -> passes(form, most)).findFirst();
    }

    private boolean passes(Role form, int most) {
        for (Value value : values) {
            for (int at = 0; at < form.demands().size(); at++) {
                Cutting cutting = new Cutting(value.limit(), value.allowed(), at, most);
                if (cutting.looksAt(form) && !cutting.excused(form) && !cutting.respected(form)) {
                    return false;
                }
            }
        }
        return true;
    }

    private void range(Role role, List<Demand> left, Set<String> against, List<String> kinds) {
        if (course.assumeRange()) {
            return;
        }
        for (Demand demand : left) {
            if (demand instanceof Demand.Movement movement
                    && movement.needs().isPresent()
                    && region().contains(movement.motion().joint())) {
                rangeOf(role, movement, against, kinds);
            }
        }
    }

    private void rangeOf(Role role, Demand.Movement movement, Set<String> against, List<String> kinds) {
        Optional<Double> there = course.rangeOf(movement.motion());
        double needed = movement.needs().orElseThrow().value();
        if (there.isEmpty()) {
            note("range", "NOT_YET", against, kinds);
        } else if (there.get() < needed) {
            double span = there.get() - movement.arc().least().value();
            boolean enough = role.reducible().span().map(least -> span >= least).orElse(false);
            note("range", enough ? "OPEN_WITH_LIMIT" : "NOT_YET", against, kinds);
        }
    }
}
