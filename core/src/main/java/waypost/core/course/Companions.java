package waypost.core.course;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import waypost.core.gate.Beside;
import waypost.core.gate.Facts;
import waypost.core.reason.OtherCourse;
import waypost.core.resolved.Resolved;

/** The person's other courses as a course meets them on a day. */
record Companions(Course asking) {

    /** Each of the others with what is known of it on the same date. */
    List<Beside> besides(LocalDate date, LocalDate known, boolean planned) {
        return asking.others().stream()
                .flatMap(other -> beside(other, date, known, planned, asking).stream())
                .toList();
    }

    private static Optional<Beside> beside(
            Companion companion, LocalDate date, LocalDate known, boolean planned, Course asking) {
        Course other = companion.course();
        Knowledge knowledge = other.knowledge();
        Facts facts = knowledge.facts(date, known, planned, knowledge.reviewed(known));
        Resolved rules = other.resolved();
        OtherCourse named = new OtherCourse(
                companion.id(), other.history().side(), rules.protocol(), rules.answers(), rules.dayZero());
        return other.runs().map(runs -> new Beside(named, other.gate(), facts, runs, place(other, asking)));
    }

    /** How the limb of another course lies to that of the course that asks. */
    private static Beside.Place place(Course other, Course asking) {
        if (other.history().side() == asking.history().side()) {
            return Beside.Place.SAME_SIDE;
        }
        return Collections.disjoint(
                        asking.resolved().region().limbs(),
                        other.resolved().region().limbs())
                ? Beside.Place.OTHER_LIMB
                : Beside.Place.FACING;
    }
}
