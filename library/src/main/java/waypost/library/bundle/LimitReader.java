package waypost.library.bundle;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.demand.Support;
import waypost.core.protocol.Allowed;
import waypost.core.protocol.BearingLimit;
import waypost.core.protocol.Circumstance;
import waypost.core.protocol.Limit;
import waypost.core.protocol.LoadingLimit;
import waypost.core.protocol.MotionLimit;
import waypost.core.protocol.RuleHead;
import waypost.core.protocol.StrainLimit;
import waypost.core.protocol.TissueLimit;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;
import waypost.library.text.Entry;

/** Reads limits of every kind. */
record LimitReader(ConditionReader conditions) {

    private static final List<String> KINDS = List.of("motion", "loading", "tissue", "bearing", "strain");

    Limit<?> limit(Entry entry) {
        List<String> kinds = KINDS.stream().filter(entry::has).toList();
        if (kinds.size() != 1) {
            throw new IllegalArgumentException("found " + (kinds.isEmpty() ? "none" : String.join(" and ", kinds))
                    + ", allowed: exactly one of " + String.join(", ", KINDS));
        }
        RuleHead head = head(entry, conditions);
        return switch (kinds.get(0)) {
            case "motion" -> {
                Circumstance circumstance = circumstance(entry, "motion");
                yield new MotionLimit(head, circumstance, steps(entry, text -> Word.arc(circumstance.motion(), text)));
            }
            case "loading" ->
                new LoadingLimit(
                        head, circumstance(entry, "loading"), steps(entry, word -> Word.read(Loading.class, word)));
            case "tissue" ->
                new TissueLimit(
                        head,
                        entry.at("tissue").as(word -> Word.read(Tissue.class, word)),
                        modes(entry),
                        steps(entry, word -> Word.read(Level.class, word)));
            case "bearing" -> new BearingLimit(head, steps(entry, BodyShare::parse));
            default ->
                new StrainLimit(
                        head,
                        entry.at("strain").as(word -> Word.read(Demand.StrainKind.class, word)),
                        steps(entry, word -> Word.read(Level.class, word)));
        };
    }

    static RuleHead head(Entry entry, ConditionReader conditions) {
        return new RuleHead(
                entry.text("id"),
                entry.text("title"),
                conditions.when(entry),
                entry.maybe("surgeon-only", Boolean::parseBoolean).orElse(false),
                Set.copyOf(entry.list("exempt", Entry::text)));
    }

    private static Set<Mode> modes(Entry entry) {
        return Set.copyOf(entry.list("modes", e -> e.as(word -> Word.read(Mode.class, word))));
    }

    private static Circumstance circumstance(Entry entry, String motionKey) {
        Motion motion = entry.at(motionKey).as(word -> Word.read(Motion.class, word));
        return new Circumstance(
                motion,
                entry.maybe("working", word -> Word.direction(motion, word)),
                modes(entry),
                entry.maybe("chain", word -> Word.read(Chain.class, word)),
                entry.maybe("loaded", word -> Word.read(Loading.class, word)),
                entry.maybe("support", word -> Word.read(Support.class, word)));
    }

    /** Reads steps whose bounds are read by {@code bound}; "free" and "none" serve for every kind. */
    static <T> Schedule<Allowed<T>> steps(Entry rule, Function<String, T> bound) {
        return new Schedule<>(rule.list(
                "steps",
                step -> new Schedule.Entry<>(
                        step.at("from").as(Moment::parse), step.at("allow").as(text -> allowed(text, bound)))));
    }

    private static <T> Allowed<T> allowed(String text, Function<String, T> bound) {
        return switch (text) {
            case "free" -> Allowed.free();
            case "none" -> Allowed.nothing();
            default -> Allowed.within(bound.apply(text));
        };
    }
}
