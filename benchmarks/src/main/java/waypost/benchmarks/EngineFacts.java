package waypost.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.limit.Sought;
import waypost.core.resolved.InForce;
import waypost.core.resolved.OpeningInForce;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** Limits, openings and what the library asks, laid out as facts for a general-purpose rule engine. */
final class EngineFacts {

    private static final int NEVER = Integer.MAX_VALUE;

    private EngineFacts() {}

    /** All that is the same on every day. */
    static List<Object> of(Resolved resolved, List<Activity> library) {
        List<Object> facts = new ArrayList<>();
        for (Activity activity : library) {
            for (Role role : activity.roles()) {
                addRole(role, resolved, facts);
            }
        }
        for (InForce<?> limit : resolved.limits()) {
            addBounds(limit, library, facts);
        }
        return facts;
    }

    private static void addRole(Role role, Resolved resolved, List<Object> facts) {
        for (int at = 0; at < role.demands().size(); at++) {
            facts.add(new Asked(role, at));
        }
        OpeningInForce opening = resolved.openings().get(role.key());
        boolean concerned = role.demands().stream().anyMatch(demand -> demand.concerns(resolved.region()));
        if (opening != null || concerned) {
            facts.add(new Needs(role, opening));
        }
        if (opening != null) {
            opening.needed().forEach(needed -> facts.add(new Needed(role, needed, resolved)));
        }
    }

    /** One for each kind and object of demand that the limit may look at, so that the engine can join by equality. */
    private static void addBounds(InForce<?> limit, List<Activity> library, List<Object> facts) {
        Sought sought = limit.limit().sought();
        library.stream()
                .flatMap(activity -> activity.roles().stream())
                .flatMap(role -> role.demands().stream())
                .filter(sought::fits)
                .map(demand -> List.of(demand.getClass(), demand.of()))
                .distinct()
                .forEach(pair -> facts.add(new Bound(limit, (Class<?>) pair.get(0), pair.get(1))));
    }

    /** The day that is asked about. */
    public static final class Today {
        private CourseDay day = CourseDay.ZERO;
        private String phase = "";

        void is(CourseDay now, String phaseNow) {
            day = now;
            phase = phaseNow;
        }

        public int getDay() {
            return day.number();
        }
    }

    /** One demand of a role. */
    public static final class Asked {
        private final Role role;
        private final int at;

        Asked(Role role, int at) {
            this.role = role;
            this.at = at;
        }

        public Class<?> getKind() {
            return role.demands().get(at).getClass();
        }

        public Object getOf() {
            return role.demands().get(at).of();
        }

        public String objection(Bound bound) {
            return role.key() + " limit " + bound.limit.from().ruleId();
        }
    }

    /** A limit, for one kind and object of demand. */
    public static final class Bound {
        private final InForce<?> limit;
        private final Class<?> kind;
        private final Object of;

        Bound(InForce<?> limit, Class<?> kind, Object of) {
            this.limit = limit;
            this.kind = kind;
            this.of = of;
        }

        public Class<?> getKind() {
            return kind;
        }

        public Object getOf() {
            return of;
        }

        public boolean concerns(Asked asked) {
            return limit.limit().concerns(asked.role, asked.at);
        }

        public boolean respected(Asked asked, Today today) {
            return limit.respected(asked.role, asked.at, today.day, Set.of());
        }
    }

    /** A role that has to be open to be done. */
    public static final class Needs {
        private final Role role;
        private final OpeningInForce opening;

        Needs(Role role, OpeningInForce opening) {
            this.role = role;
            this.opening = opening;
        }

        public String getRole() {
            return role.key().toString();
        }

        public boolean isCovered() {
            return opening != null && opening.isCovered();
        }

        public boolean orderedOn(Today today) {
            return opening != null && opening.isOrderedOn(today.day);
        }

        public String notCovered() {
            return role.key() + " not covered";
        }
    }

    /** One thing that an opening needs. */
    public static final class Needed {
        private final Role role;
        private final OpeningInForce.Needed needed;
        private final Resolved resolved;

        Needed(Role role, OpeningInForce.Needed needed, Resolved resolved) {
            this.role = role;
            this.needed = needed;
            this.resolved = resolved;
        }

        public String getRole() {
            return role.key().toString();
        }

        public int getOpens() {
            return needed.from().map(CourseDay::number).orElse(NEVER);
        }

        public int getCloses() {
            return needed.until().map(CourseDay::number).orElse(NEVER);
        }

        public boolean phaseReached(Today today) {
            return needed.phase()
                    .map(phase -> resolved.protocol().hasReached(today.phase, phase.id()))
                    .orElse(true);
        }

        /** Criteria that are needed on this day, none of which is met. */
        public List<String> missing(Today today) {
            boolean regardless = needed.regardless()
                    .map(from -> !today.day.isBefore(from))
                    .orElse(false);
            return needed.criteria().stream()
                    .filter(criterion -> criterion.neverLapses() || !regardless)
                    .map(Criterion::id)
                    .toList();
        }

        public String says(String what) {
            return role.key() + " " + what + " " + needed.rule().ruleId();
        }
    }
}
