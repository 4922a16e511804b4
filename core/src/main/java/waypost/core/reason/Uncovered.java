package waypost.core.reason;

import java.util.List;
import java.util.Optional;
import waypost.core.demand.Demand;
import waypost.core.limit.Provenance;
import waypost.core.time.CourseDay;

/** The protocol does not cover it, or not now, or not what it asks besides. */
public sealed interface Uncovered extends Reason {

    @Override
    default VerdictKind kind() {
        return VerdictKind.NOT_COVERED;
    }

    /** The protocol is silent on this, or silent under an answer that is still possible. */
    record NotCovered(String protocol, List<String> unanswered) implements Uncovered {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.notCovered(this);
        }
    }

    /** Doing it asks something of the region that nothing asks which is open today. */
    record AsksBesides(List<Demand> asked) implements Uncovered {
        public AsksBesides {
            asked = List.copyOf(asked);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.asksBesides(this);
        }
    }

    /** So changed it asks more of the region than it is written with, and nothing asks as much which is open today. */
    record AsksMore(List<Demand> asked) implements Uncovered {
        public AsksMore {
            asked = List.copyOf(asked);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.asksMore(this);
        }
    }

    /** How it must be set up depends on an answer that is not known, and none of the ways serves meanwhile. */
    record SetUpUnclear(Provenance rule, String way) implements Uncovered {
        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.setUpUnclear(this);
        }
    }

    /** The protocol covered it until {@code since}. */
    record Over(Provenance rule, CourseDay since) implements Uncovered {
        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.over(this);
        }
    }
}
