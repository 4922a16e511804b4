package waypost.core.paper;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.time.Moment;

/**
 * When something holds.
 *
 * @param from empty from day 0 on
 * @param until empty without an end
 * @param needs ids of milestones that have to be met besides before it ends
 */
public record Span(Optional<Moment> from, Optional<Moment> until, List<String> needs) {

    /** From day 0 on, without an end. */
    public static final Span ALWAYS = new Span(Optional.empty(), Optional.empty(), List.of());

    public Span {
        needs = List.copyOf(needs);
    }

    static Span until(Moment end) {
        return new Span(Optional.empty(), Optional.of(end), List.of());
    }

    static Span from(Moment begin) {
        return new Span(Optional.of(begin), Optional.empty(), List.of());
    }

    Span startingAt(Moment begin) {
        return from.isPresent() ? this : new Span(Optional.of(begin), until, needs);
    }

    Span endingAt(Moment end) {
        return new Span(from, Optional.of(end), needs);
    }

    Span needing(String milestone) {
        return new Span(from, until, List.of(milestone));
    }

    /** Whether it ends no earlier than it begins. */
    boolean isForward() {
        LocalDate any = LocalDate.of(2001, 1, 1);
        return from.isEmpty()
                || until.isEmpty()
                || from.get().from(any).isBefore(until.get().from(any));
    }

    /** What begins, as the end of its being barred. */
    Span asEnd() {
        return new Span(Optional.empty(), from, needs);
    }
}
