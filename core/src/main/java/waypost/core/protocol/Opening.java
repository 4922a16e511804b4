package waypost.core.protocol;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.exercise.RoleKey;
import waypost.core.question.Condition;
import waypost.core.time.Moment;

/**
 * Says that the protocol covers a role of an exercise or test, and from when. There is no default: what has no opening
 * is not covered.
 *
 * @param cases what is needed under which answers; all cases that may apply are needed
 * @param parts what the healing parts that the protocol includes say of the role, needed as well
 * @param offWhen ids of criteria: once all are met its purpose is reached and it is switched off, until one is lost
 * @param surgeonOnly only the surgeon's own signature opens it otherwise
 */
public record Opening(RoleKey role, List<Case> cases, List<OfPart> parts, List<String> offWhen, boolean surgeonOnly) {

    /**
     * What one part says.
     *
     * @param cases as those of the protocol; without any the part is silent, and while it may belong to the operation the
     *     role is not covered
     */
    public record OfPart(Included part, List<Case> cases) {
        public OfPart {
            cases = List.copyOf(cases);
        }
    }

    /**
     * @param clock the clock that {@code from} counts on; empty for the course's own
     * @param until from this moment on it is no longer covered
     * @param phase id of the phase that must have been signed, if any
     * @param needs ids of criteria that must be met
     * @param regardless from this moment on the criteria are no longer needed
     */
    public record Case(
            Condition when,
            String clock,
            Moment from,
            Optional<Moment> until,
            Optional<String> phase,
            List<String> needs,
            Optional<Moment> regardless) {
        public Case {
            needs = List.copyOf(needs);
        }

        /** The calendar months that its moments count, without those that count none. */
        public IntStream months() {
            return Stream.of(Optional.of(from), until, regardless)
                    .flatMap(Optional::stream)
                    .mapToInt(Moment::months)
                    .filter(months -> months > 0);
        }
    }

    public Opening {
        cases = List.copyOf(cases);
        parts = List.copyOf(parts);
        offWhen = List.copyOf(offWhen);
    }

    /** All cases, its own and those of its parts. */
    public Stream<Case> allCases() {
        return Stream.concat(cases.stream(), parts.stream().flatMap(part -> part.cases().stream()));
    }

    /** This with what the parts say. */
    public Opening with(List<OfPart> said) {
        return new Opening(role, cases, said, offWhen, surgeonOnly);
    }

    /** An opening without an off switch. */
    public static Opening of(RoleKey role, List<Case> cases) {
        return new Opening(role, cases, List.of(), List.of(), false);
    }
}
