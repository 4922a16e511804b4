package waypost.core.progression;

import java.time.LocalDate;

/** Why a dose goes the way it goes where a program asks for it. */
public sealed interface ProgramGround extends Ground {

    @Override
    default <R> R accept(GroundVisitor<R> visitor) {
        return visitor.ofProgram(this);
    }

    <R> R accept(Visitor<R> visitor);

    /** Answers once for each kind. */
    interface Visitor<R> {
        R stageOfProgram(StageOfProgram ground);

        R awayFromProgram(AwayFromProgram ground);

        R lighterWeek(LighterWeek ground);

        R betweenSessions(BetweenSessions ground);

        R beginsAfter(BeginsAfter ground);

        R programBegins();

        R endOfProgram();
    }

    /** It is this stage of a program, counted from 1. */
    record StageOfProgram(String program, int stage, int of) implements ProgramGround {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.stageOfProgram(this);
        }
    }

    /** A program was left for so many days: so many stages back. */
    record AwayFromProgram(int days, int back) implements ProgramGround {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.awayFromProgram(this);
        }
    }

    /** Every so many weeks one is lighter: so many percent of the stage. */
    record LighterWeek(int every, int percent) implements ProgramGround {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.lighterWeek(this);
        }
    }

    /** So many days without it lie between two sessions. */
    record BetweenSessions(int days) implements ProgramGround {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.betweenSessions(this);
        }
    }

    /** Something else begins so many days earlier, and only just has. */
    record BeginsAfter(String other, int days, LocalDate from) implements ProgramGround {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.beginsAfter(this);
        }
    }

    /** The last stage of a program was reached. */
    record EndOfProgram() implements ProgramGround {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.endOfProgram();
        }
    }

    /** A program was never begun: its first stage. */
    record ProgramBegins() implements ProgramGround {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.programBegins();
        }
    }
}
