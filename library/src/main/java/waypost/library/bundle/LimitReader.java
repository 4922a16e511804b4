package waypost.library.bundle;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.demand.Action;
import waypost.core.demand.ArmHeight;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.AllOrNothing;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Circumstance;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;
import waypost.core.limit.Quantity;
import waypost.core.limit.RuleHead;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;
import waypost.library.text.Entry;

/** Reads limits of every kind. */
final class LimitReader {

    private final HeadReader heads;
    private final Map<String, Function<Entry, Limit<?>>> kinds = new LinkedHashMap<>();

    LimitReader(HeadReader heads) {
        this.heads = heads;
        readMovements();
        readAmounts();
        readBars();
    }

    private void readMovements() {
        kinds.put("motion", this::motion);
        kinds.put(
                "together",
                e -> new CombinedLimit(
                        head(e), CircumstanceReader.components(e, "together"), steps(e, LimitReader::noBound)));
        kinds.put(
                "loading",
                e -> amount(
                        e, new Quantity.Against(CircumstanceReader.circumstance(e, "loading")), bound(Loading.class)));
        kinds.put(
                "end-force",
                e -> amount(
                        e,
                        new Quantity.EndForce(CircumstanceReader.circumstance(e, "end-force")),
                        bound(EndRange.class)));
    }

    private void readAmounts() {
        kinds.put("tissue", e -> amount(e, effort(e), bound(Level.class)));
        kinds.put(
                "bearing",
                e -> amount(
                        e,
                        new LimbQuantity.Share(
                                Word.at(e, "bearing", Limb.class), Word.maybe(e, "support", Support.class)),
                        BodyShare::parse));
        kinds.put("kneeling", e -> amount(e, new LimbQuantity.OnKnee(), BodyShare::parse));
        kinds.put(
                "pressed",
                e -> amount(e, new LimbQuantity.Pressing(Word.at(e, "pressed", Joint.class)), bound(Level.class)));
        kinds.put("strain", e -> amount(e, straining(e), bound(Level.class)));
        kinds.put("held", this::held);
        kinds.put(
                "lever",
                e -> amount(e, new LimbQuantity.Reach(Word.at(e, "lever", Limb.class)), bound(LeverLength.class)));
        kinds.put("height", e -> amount(e, new Quantity.HandHeight(), bound(ArmHeight.class)));
        kinds.put("contacts", e -> amount(e, new Quantity.Contacts(), Count::parse));
        kinds.put("running", e -> amount(e, new Quantity.Steps(), Count::parse));
    }

    private void readBars() {
        kinds.put(
                "posture",
                e -> new PostureLimit(head(e), Word.all(e, "posture", Posture.class), steps(e, LimitReader::noBound)));
        kinds.put(
                "activities",
                e -> new ActivityLimit(
                        head(e), Set.copyOf(e.list("activities", Entry::text)), steps(e, LimitReader::noBound)));
    }

    Limit<?> limit(Entry entry) {
        Limit<?> limit = entry.byKind(kinds);
        entry.maybe("for-good", word -> withoutEnd(word, limit));
        return limit;
    }

    private static Limit<?> withoutEnd(String word, Limit<?> limit) {
        if (limit.head().forGood() && limit.endsFree()) {
            throw new IllegalArgumentException("found '" + word
                    + "' beside a last step that is free, allowed: 'true' where no step is free at last");
        }
        return limit;
    }

    private MotionLimit motion(Entry entry) {
        Circumstance circumstance = CircumstanceReader.circumstance(entry, "motion");
        RuleHead head = head(entry);
        if (circumstance.motions().size() != 1) {
            throw new IllegalArgumentException(
                    "found '" + entry.text("motion") + "', allowed: one motion such as 'knee flexion'");
        }
        return new MotionLimit(
                head,
                circumstance,
                steps(entry, text -> Word.arc(circumstance.motions().iterator().next(), text)));
    }

    private <T extends Comparable<T>> Limit<T> amount(Entry entry, Quantity<T> quantity, Function<String, T> bound) {
        return new AmountLimit<>(head(entry), quantity, steps(entry, bound));
    }

    static <E extends Enum<E>> Function<String, E> bound(Class<E> type) {
        return word -> Word.read(type, word);
    }

    static AllOrNothing noBound(String text) {
        throw new IllegalArgumentException("found '" + text + "', allowed: none, free");
    }

    private static Quantity.Effort effort(Entry entry) {
        return new Quantity.Effort(
                Word.at(entry, "tissue", Tissue.class),
                Word.all(entry, "modes", Mode.class),
                Word.all(entry, "actions", Action.class));
    }

    private static LimbQuantity.Straining straining(Entry entry) {
        return new LimbQuantity.Straining(
                Word.at(entry, "strain", StrainKind.class),
                Word.maybe(entry, "limb", Limb.class).orElse(Limb.LEG));
    }

    private Limit<?> held(Entry entry) {
        LoadUnit unit = entry.at("unit").as(LimitReader::unit);
        return amount(
                entry, new LimbQuantity.Holding(Word.at(entry, "held", Limb.class), unit), text -> load(unit, text));
    }

    static Load load(LoadUnit unit, String text) {
        Load load = Load.parse(text);
        if (load.unit() != unit) {
            throw new IllegalArgumentException("found '" + text + "', allowed: a load in " + unit.word());
        }
        return load;
    }

    private static LoadUnit unit(String word) {
        for (LoadUnit unit : LoadUnit.values()) {
            if (unit.word().equals(word)) {
                return unit;
            }
        }
        throw new IllegalArgumentException("found '" + word + "', allowed: kg, band, % of maximum");
    }

    private RuleHead head(Entry entry) {
        return heads.head(entry);
    }

    /** Reads steps whose bounds are read by {@code bound}; "free" and "none" serve for every kind. */
    static <T> Schedule<Allowed<T>> steps(Entry rule, Function<String, T> bound) {
        return new Schedule<>(rule.list(
                "steps",
                step -> new Schedule.Entry<>(
                        step.at("from").as(Moment::parse),
                        step.at("allow").as(text -> allowed(text, bound)),
                        step.list("needs", Entry::text))));
    }

    /** Reads what a limit leaves. */
    static <T> Allowed<T> allowed(String text, Function<String, T> bound) {
        return switch (text) {
            case "free" -> Allowed.free();
            case "none" -> Allowed.nothing();
            default -> Allowed.within(bound.apply(text));
        };
    }
}
