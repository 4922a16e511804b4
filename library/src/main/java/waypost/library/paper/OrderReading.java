package waypost.library.paper;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.course.Standing;
import waypost.core.demand.LoadUnit;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Circumstance;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.paper.PaperQuestion;
import waypost.core.paper.PaperReader;
import waypost.core.paper.PaperRule;
import waypost.core.paper.Understanding;
import waypost.core.paper.What;
import waypost.core.protocol.Duty;
import waypost.core.time.Moment;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;

/**
 * Reads what a surgeon says of one patient as orders that can be tried: "full weight from Monday, brace off today". It never
 * guesses: a day that is missing is asked for, and what no rule of the course speaks of changes nothing.
 */
public final class OrderReading {

    private static final int MOST_PARTS = 20;

    /** A comma within a number parts nothing: "2,5 kg". */
    private static final String BETWEEN_PARTS = "[;\\n]|,(?!\\d)|(?<!\\d),";

    private static final String BESIDE = "|";

    private final Standing standing;
    private final Map<String, String> answers;
    private final PaperReader reader;
    private final PaperSaid words;
    private boolean dayWasSaid;

    private OrderReading(Standing standing, Joint joint, Bundle bundle, Map<String, String> answers) {
        this.answers = Map.copyOf(answers);
        this.standing = standing;
        this.reader = new PaperReader(PaperWords.shipped(), joint);
        this.words = new PaperSaid(bundle);
    }

    /**
     * The parts of a sentence, in their order; empty where the course is of no joint.
     *
     * @param answers by the key of what was asked
     */
    public static List<OrderPart> of(String said, Standing standing, Bundle bundle, Map<String, String> answers) {
        Optional<Joint> joint =
                standing.course().resolved().region().joints().stream().sorted().findFirst();
        if (joint.isEmpty()) {
            return List.of();
        }
        OrderReading reading = new OrderReading(standing, joint.get(), bundle, answers);
        List<OrderPart> parts = new ArrayList<>();
        for (String clause : said.split(BETWEEN_PARTS)) {
            if (!clause.isBlank() && parts.size() < MOST_PARTS) {
                parts.addAll(reading.clause(clause.strip()));
            }
        }
        return List.copyOf(parts);
    }

    private List<OrderPart> clause(String clause) {
        SaidDay said = SaidDay.in(clause, standing.date());
        if (said.doubtful()) {
            return List.of(OrderPart.Asks.written(
                    clause,
                    "Today is such a day: write today, or the date "
                            + Dates.say(standing.date().plusDays(7)) + "."));
        }
        Understanding alone = reader.read(said.rest(), answersOf(clause));
        boolean hasOwnTime = alone instanceof Understanding.Understood understood
                && understood.rules().stream().anyMatch(OrderReading::isTimed);
        if (said.day().isEmpty() && !hasOwnTime && dayWasSaid) {
            return List.of(OrderPart.Asks.written(clause, "From when? Another part names a day, this one does not."));
        }
        dayWasSaid = dayWasSaid || said.day().isPresent() || hasOwnTime;
        LocalDate from = said.day().orElse(standing.date());
        Understanding read = hasOwnTime && said.day().isEmpty()
                ? alone
                : reader.read(said.rest() + " from day " + day(from), answersOf(clause));
        return parts(clause, read, from);
    }

    private Map<String, String> answersOf(String clause) {
        Map<String, String> own = new HashMap<>();
        answers.forEach((key, answer) -> {
            if (key.startsWith(clause + BESIDE)) {
                own.put(key.substring(clause.length() + BESIDE.length()), answer);
            }
        });
        return own;
    }

    private long day(LocalDate date) {
        return ChronoUnit.DAYS.between(standing.course().resolved().dayZero(), date);
    }

    private static boolean isTimed(PaperRule rule) {
        return rule.span().from().isPresent()
                || rule.span().until().isPresent()
                || !rule.span().needs().isEmpty();
    }

    private List<OrderPart> parts(String clause, Understanding read, LocalDate from) {
        if (read instanceof Understanding.Asks asks) {
            PaperQuestion question = asks.question();
            return List.of(
                    new OrderPart.Asks(clause, question.asks(), clause + BESIDE + question.id(), question.choices()));
        }
        if (read instanceof Understanding.Unread unread) {
            return List.of(new OrderPart.Unread(clause, unread.unknown().replaceAll(" from day -?\\d+$", "")));
        }
        List<OrderPart> parts = new ArrayList<>();
        for (PaperRule rule : ((Understanding.Understood) read).rules()) {
            parts.addAll(orders(clause, rule, from));
        }
        return parts;
    }

    private List<OrderPart> orders(String clause, PaperRule rule, LocalDate said) {
        if (!rule.span().needs().isEmpty()) {
            return List.of(OrderPart.Asks.written(clause, "It waits for a milestone: an order has a day. From when?"));
        }
        List<OrderPart> orders = ordersFrom(clause, rule, said);
        return orders.isEmpty()
                ? List.of(new OrderPart.ChangesNothing(
                        clause, "Understood: " + words.say(rule) + " This course has no such rule to change."))
                : orders;
    }

    private List<OrderPart> ordersFrom(String clause, PaperRule rule, LocalDate said) {
        Optional<LocalDate> until = rule.span().until().map(this::date);
        LocalDate from = rule.span().from().map(this::date).orElse(said);
        if (rule.what() instanceof What.Worn worn) {
            return until.map(end -> takenOff(clause, worn, end)).orElse(List.of());
        }
        Optional<LocalDate> last = until.map(end -> end.minusDays(1));
        if (rule.what() instanceof What.Barred barred) {
            return barred.exercises().stream()
                    .<OrderPart>map(exercise ->
                            order(clause, "BARS:" + exercise, "", from, last, title(exercise) + " is barred"))
                    .toList();
        }
        String allow = PaperLimits.allow(rule.what());
        return standing.course().resolved().limits().stream()
                .map(limit -> limit.limit())
                .filter(limit -> isAbout(limit, rule.what()))
                .<OrderPart>map(limit -> order(
                        clause,
                        "LIMIT:" + limit.head().id(),
                        allow,
                        from,
                        last,
                        limit.head().title() + ": " + allow))
                .toList();
    }

    private LocalDate date(Moment moment) {
        LocalDate dayZero = standing.course().resolved().dayZero();
        return moment.from(dayZero).dateFrom(dayZero);
    }

    private List<OrderPart> takenOff(String clause, What.Worn worn, LocalDate from) {
        return standing.course().resolved().protocol().duties().stream()
                .filter(duty -> duty instanceof Duty.Wear wear && wear.item().contains(worn.what()))
                .<OrderPart>map(duty -> order(
                        clause,
                        "ENDS:" + duty.head().id(),
                        "",
                        from,
                        Optional.empty(),
                        duty.head().title() + " ends"))
                .toList();
    }

    private static OrderPart.Order order(
            String clause, String what, String allow, LocalDate from, Optional<LocalDate> last, String says) {
        String days = ", from " + Dates.say(from)
                + last.map(day -> " to " + Dates.say(day)).orElse(" on") + ".";
        return new OrderPart.Order(clause, what, allow, from, last, says + days);
    }

    private String title(String exercise) {
        return standing.course()
                .findExercise(exercise)
                .map(found -> found.title())
                .orElse(exercise);
    }

    /** What is said of the weight means no rule on standing on the leg alone: that one is chosen by hand. */
    private static boolean isAbout(Limit<?> limit, What what) {
        if (what instanceof What.Reach reach) {
            return limit instanceof MotionLimit motion && isAbout(motion, reach);
        }
        if (limit instanceof AmountLimit<?> amount) {
            return what instanceof What.Weight
                            && amount.quantity() instanceof LimbQuantity.Share share
                            && share.limb() == Limb.LEG
                            && share.support().isEmpty()
                    || what instanceof What.Lifts
                            && amount.quantity() instanceof LimbQuantity.Holding holding
                            && holding.limb() == Limb.ARM
                            && holding.unit() == LoadUnit.KILOGRAMS;
        }
        return false;
    }

    /** What looks at a motion only under load, on one leg or beside another joint is not meant by a bare range. */
    private static boolean isAbout(MotionLimit limit, What.Reach reach) {
        Circumstance looksAt = limit.circumstance();
        Set<Mode> modes = looksAt.modes().isEmpty() ? EnumSet.allOf(Mode.class) : looksAt.modes();
        Circumstance bare = new Circumstance(
                Set.of(reach.motion()),
                reach.working(),
                looksAt.modes(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
        return looksAt.equals(bare) && reach.modes().containsAll(modes);
    }
}
