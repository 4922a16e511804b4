package waypost.core.home;

import java.time.LocalDate;
import java.util.Optional;

/** Something from home that somebody has to look at. */
public sealed interface Worry {

    /** Whole days without a word after which somebody asks (common practice, no source). */
    int QUIET_DAYS = 2;

    <R> R accept(Visitor<R> visitor);

    /** A sign to ring for was answered with yes. */
    record Sign(String flag) implements Worry {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.sign(this);
        }
    }

    /** The patient said that it was too much. */
    record TooMuch() implements Worry {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.tooMuch();
        }
    }

    /** It hurt more than the protocol lets. */
    record MorePain(int found, int most) implements Worry {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.morePain(this);
        }
    }

    /** So many days running hurt more than the protocol lets. */
    record BadDays(int days) implements Worry {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.badDays(this);
        }
    }

    /** Nothing of a daily program was ticked since a day. */
    record Quiet(LocalDate since) implements Worry {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.quiet(this);
        }
    }

    /**
     * Whether a patient with a daily program has gone quiet.
     *
     * @param last the last day on which something was ticked, or the first of the program
     */
    static Optional<Worry> quiet(LocalDate last, LocalDate today) {
        return last.isBefore(today.minusDays(QUIET_DAYS)) ? Optional.of(new Quiet(last)) : Optional.empty();
    }

    /** Answers once for each. */
    interface Visitor<R> {
        R sign(Sign worry);

        R tooMuch();

        R morePain(MorePain worry);

        R badDays(BadDays worry);

        R quiet(Quiet worry);
    }
}
