package waypost.library.review;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.protocol.Opening;
import waypost.core.time.Moment;

/**
 * The days on which a role opens as they are printed: what the protocol and the parts that always belong to it say is one
 * line, what a part says that belongs under some answers is a line of its own.
 */
record OpeningCases(Opening opening) {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    List<Opening.Case> printed() {
        List<Opening.Case> together = opening.parts().stream()
                .filter(said -> said.part().isAlways())
                .map(Opening.OfPart::cases)
                .reduce(opening.cases(), OpeningCases::pairs);
        Stream<Opening.Case> sometimes =
                opening.parts().stream().filter(said -> !said.part().isAlways()).flatMap(said -> said.cases().stream());
        return Stream.concat(together.stream(), sometimes).toList();
    }

    private static List<Opening.Case> pairs(List<Opening.Case> ones, List<Opening.Case> others) {
        return ones.stream()
                .flatMap(one -> others.stream().map(other -> both(one, other)))
                .filter(both -> !both.when().isNever())
                .toList();
    }

    /** What both need; a case that counts on another clock keeps that clock and its day. */
    private static Opening.Case both(Opening.Case one, Opening.Case other) {
        boolean otherLeads = one.clock().isEmpty() && (!other.clock().isEmpty() || day(one.from()) < day(other.from()));
        Opening.Case leading = otherLeads ? other : one;
        return new Opening.Case(
                one.when().and(other.when()),
                leading.clock(),
                leading.from(),
                Stream.of(one.until(), other.until())
                        .flatMap(Optional::stream)
                        .min((a, b) -> Integer.compare(day(a), day(b))),
                one.phase(),
                Stream.concat(one.needs().stream(), other.needs().stream())
                        .distinct()
                        .toList(),
                leading.regardless());
    }

    private static int day(Moment moment) {
        return moment.from(ANY).number();
    }
}
