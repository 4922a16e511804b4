package waypost.core.progression;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.body.Tissue;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.Response;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.OnDays;

/** Why a dose goes the way it goes. */
public sealed interface Ground
        permits Ground.ContactsBefore,
                Ground.AlreadyToday,
                Ground.FirstTime,
                Ground.Reached,
                Ground.InRange,
                Ground.UnderRange,
                Ground.FewerSets,
                Ground.MoreSets,
                Ground.StaysFor,
                Ground.PainOver,
                Ground.Stopped,
                Ground.Flared,
                Ground.FormNotGood,
                Ground.DaysOnLevel,
                Ground.Sore,
                Ground.WeeksShare,
                Ground.AfterHold,
                Ground.UnderTheGate,
                Ground.NextRungClosed,
                Ground.EndOfLadder,
                Ground.ProgressHeld,
                Ground.LongBreak,
                Ground.TissueRests,
                Ground.SportRose,
                Ground.Prescribed,
                Ground.EventNear,
                Ground.AsWritten,
                Ground.OtherDay,
                ProgramGround {

    <R> R accept(GroundVisitor<R> visitor);

    /** A first run asks so many ground contacts; the most in one session of the last two weeks were fewer. */
    record ContactsBefore(int most, int asked) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.contactsBefore(this);
        }
    }

    /**
     * So much was done today already of what all exercises of a day add up to.
     *
     * @param counted contacts, runs or throws
     * @param atHome how many of them at home
     */
    record AlreadyToday(Counted counted, int amount, int atHome) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.alreadyToday(this);
        }
    }

    /** It was never done. */
    record FirstTime() implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.firstTime();
        }
    }

    /** Every set reached what was wanted, so many sessions running; so many are needed. */
    record Reached(int sessions, int needed) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.reached(this);
        }
    }

    /** Sets lay in the range without all reaching its top. */
    record InRange(int least, int top) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.inRange(this);
        }
    }

    /** The least set fell under the range. */
    record UnderRange(int found, int bottom) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.underRange(this);
        }
    }

    /** Fewer sets were done than asked. */
    record FewerSets(int done, int asked) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.fewerSets(this);
        }
    }

    /** More sets were done than asked. */
    record MoreSets(int done, int asked) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.moreSets(this);
        }
    }

    /** The next phase asks that this rung be tolerated first. */
    record StaysFor(Criterion criterion) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.staysFor(this);
        }
    }

    /** Pain was over the rule. */
    record PainOver(int found, int most, When when) implements Ground {

        /** When it was. */
        public enum When {
            IN_A_SET,
            AFTERWARDS,
            NEXT_MORNING
        }

        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.painOver(this);
        }
    }

    /** It was stopped today for what was felt. */
    record Stopped(String felt) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.stopped(this);
        }
    }

    /** The region flared after the session. */
    record Flared(Response response) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.flared(this);
        }
    }

    /** Another part of the body helped, or form was lost. */
    record FormNotGood(boolean lost) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.formNotGood(this);
        }
    }

    /** So many days on this level; so many are needed. */
    record DaysOnLevel(int days, int needed) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.daysOnLevel(this);
        }
    }

    /** The joint was sore in this way. */
    record Sore(Response.Soreness soreness) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.sore(this);
        }
    }

    /** So many are allowed this week after last week's total. */
    record WeeksShare(int lastWeek, int allowed) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.weeksShare(this);
        }
    }

    /** After a hold the dose is at most so many percent of the last one. */
    record AfterHold(int percent, LocalDate until) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.afterHold(this);
        }
    }

    /** The gate allows no more than this today. */
    record UnderTheGate(Verdict verdict) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.underTheGate(this);
        }
    }

    /** The next rung is not open. */
    record NextRungClosed(Verdict next) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.nextRungClosed(this);
        }
    }

    /** There is no harder rung, or no easier one. */
    record EndOfLadder(boolean top) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.endOfLadder(this);
        }
    }

    /** Nothing goes up on a day on which progress is held. */
    record ProgressHeld(Brake brake) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.progressHeld(this);
        }
    }

    /** It was not done for so many days. */
    record LongBreak(int days) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.longBreak(this);
        }
    }

    /** The same tissue worked hard on that day by this exercise. */
    record TissueRests(Tissue tissue, RoleKey worked, LocalDate on) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.tissueRests(this);
        }
    }

    /** Sport rose from so many minutes a week to so many. */
    record SportRose(int before, int now) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.sportRose(this);
        }
    }

    /** A therapist wrote this dose on that day; it was not done since. */
    record Prescribed(LocalDate on) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.prescribed(this);
        }
    }

    /** Strength tapers before what is trained for: half the sets at the same weight, and nothing goes up. */
    record EventNear(LocalDate on) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.eventNear(this);
        }
    }

    /** It stays as it was prescribed. */
    record AsWritten() implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.asWritten();
        }
    }

    /** It is meant for other days; what kind of day this one is, where anybody said. */
    record OtherDay(OnDays meant, Optional<DayKind> today) implements Ground {
        @Override
        public <R> R accept(GroundVisitor<R> visitor) {
            return visitor.otherDay(this);
        }
    }
}
