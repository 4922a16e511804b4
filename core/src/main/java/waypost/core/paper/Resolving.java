package waypost.core.paper;

import java.util.List;
import java.util.Optional;
import waypost.core.time.Moment;

/** Puts a time to what is said, as it is meant with it. */
record Resolving(Vocabulary vocabulary, Subject subject, Timing timing, Asking asking) {

    private static final PaperQuestion UNTIL = PaperQuestion.of(
            "until",
            "For how long?",
            "2 weeks",
            "2 weeks",
            "4 weeks",
            "4 weeks",
            "6 weeks",
            "6 weeks",
            "8 weeks",
            "8 weeks",
            "12 weeks",
            "12 weeks",
            "month 6",
            "6 months");
    private static final PaperQuestion FROM = PaperQuestion.of(
            "from",
            "From when on?",
            "day 0",
            "From the first day",
            "2 weeks",
            "After 2 weeks",
            "4 weeks",
            "After 4 weeks",
            "6 weeks",
            "After 6 weeks",
            "12 weeks",
            "After 12 weeks",
            "month 6",
            "After 6 months");
    private static final PaperQuestion LENGTH = PaperQuestion.of(
            "length",
            "Is this length when it begins, or how long it lasts?",
            "begins",
            "It begins when this time is over",
            "lasts",
            "It lasts so long, from the first day");

    /**
     * The time; empty when it has to be asked, or makes no sense with what is said.
     *
     * @param endBefore where what stands before in the line ends
     */
    Optional<Span> span(Optional<Moment> endBefore) {
        return milestone().flatMap(needs -> switch (subject.how()) {
            case HOLDS -> holds(endBefore, needs);
            case BEGINS -> begins(needs).map(Span::asEnd);
            case STOPS -> begins(needs).map(Span::asEnd);
            case FREES -> frees(endBefore, needs);
        });
    }

    /** The milestone of its condition, as none or one; empty where the condition is not known. */
    private Optional<List<String>> milestone() {
        return timing.condition().isEmpty()
                ? Optional.of(List.of())
                : Optional.ofNullable(vocabulary.conditions().get(timing.condition()))
                        .map(List::of);
    }

    private Optional<Span> holds(Optional<Moment> endBefore, List<String> needs) {
        return switch (timing.kind()) {
            case LENGTH ->
                (endBefore.isPresent() ? lasting(endBefore.get()) : one("end", "ends"))
                        .map(end -> after(endBefore, new Span(Optional.empty(), Optional.of(end), needs)));
            case UNTIL ->
                one("end", "ends").map(end -> after(endBefore, new Span(Optional.empty(), Optional.of(end), needs)));
            case FROM -> needs.isEmpty() ? one("begin", "begins").map(Span::from) : Optional.empty();
            case BETWEEN -> between();
            case AT_ONCE -> Optional.of(Span.ALWAYS);
            case UNTIL_WHEN, WHEN -> Optional.of(after(endBefore, new Span(Optional.empty(), Optional.empty(), needs)));
            case NONE ->
                endBefore.isPresent()
                        ? Optional.of(Span.from(endBefore.get()))
                        : asking.answer(UNTIL).map(end -> Span.until(Moment.parse(end)));
        };
    }

    /** "then for 4 weeks": four more, or four since surgery; empty where months and weeks can't be added. */
    private Optional<Moment> lasting(Moment begin) {
        Optional<Integer> before = begin instanceof Moment.Lasting lasting
                ? Optional.of(lasting.weeks())
                : begin instanceof Moment.CompletedWeek named ? Optional.of(named.week()) : Optional.empty();
        if (timing.isTwo() || !timing.unit().equals("week") || before.isEmpty()) {
            return Optional.empty();
        }
        int more = before.get() + timing.first();
        PaperQuestion total = PaperQuestion.of(
                "then-length",
                "Then for " + timing.first() + " weeks: until when?",
                "more",
                "So much longer: until " + more + " weeks after surgery",
                "in-all",
                "In all: until " + timing.first() + " weeks after surgery");
        return asking.answer(total).map(id -> new Moment.Lasting(id.equals("more") ? more : timing.first()));
    }

    private static Span after(Optional<Moment> endBefore, Span span) {
        return endBefore.map(span::startingAt).orElse(span);
    }

    /** From when on, as a span that begins there. */
    private Optional<Span> begins(List<String> needs) {
        Optional<Optional<Moment>> from = switch (timing.kind()) {
            case FROM, BETWEEN -> one("begin", "begins").map(Optional::of);
            case LENGTH ->
                subject.how() == Subject.How.STOPS
                        ? one("begin", "begins").map(Optional::of)
                        : asking.answer(LENGTH)
                                .filter(id -> id.equals("begins"))
                                .flatMap(id -> one("begin", "begins"))
                                .map(Optional::of);
            case AT_ONCE -> Optional.of(Optional.of(new Moment.Day(0)));
            case WHEN -> Optional.of(Optional.empty());
            case NONE ->
                needs.isEmpty()
                        ? asking.answer(FROM).map(begin -> Optional.of(Moment.parse(begin)))
                        : Optional.of(Optional.empty());
            case UNTIL, UNTIL_WHEN -> Optional.empty();
        };
        return from.map(begin -> new Span(begin, Optional.empty(), needs));
    }

    private Optional<Span> frees(Optional<Moment> endBefore, List<String> needs) {
        if (!needs.isEmpty()) {
            return Optional.empty();
        }
        return switch (timing.kind()) {
            case FROM -> one("begin", "begins").map(Span::from);
            case LENGTH ->
                asking.answer(LENGTH)
                        .filter(id -> id.equals("begins"))
                        .flatMap(id -> one("begin", "begins"))
                        .map(Span::from);
            case AT_ONCE -> Optional.of(Span.ALWAYS);
            case NONE -> Optional.of(endBefore.map(Span::from).orElse(Span.ALWAYS));
            default -> Optional.empty();
        };
    }

    private Optional<Span> between() {
        return timing.moment(timing.first(), false, asking)
                .flatMap(from -> timing.moment(timing.last(), true, asking)
                        .map(until -> new Span(
                                timing.first() == 0 ? Optional.empty() : Optional.of(from),
                                Optional.of(until),
                                List.of())));
    }

    /** The one number, or that of two that is meant. */
    private Optional<Moment> one(String which, String does) {
        if (!timing.isTwo()) {
            return timing.moment(timing.first(), false, asking);
        }
        PaperQuestion range = PaperQuestion.of(
                which + "-of-two",
                "Between " + timing.first() + " and " + timing.last() + " " + timing.unit() + "s: when is it that it "
                        + does + "?",
                "later",
                "At " + timing.last() + " " + timing.unit() + "s",
                "earlier",
                "At " + timing.first() + " " + timing.unit() + "s");
        return asking.answer(range)
                .flatMap(id -> timing.moment(id.equals("later") ? timing.last() : timing.first(), false, asking));
    }
}
