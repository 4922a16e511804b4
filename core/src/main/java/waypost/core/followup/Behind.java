package waypost.core.followup;

import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.course.DutyStatus;
import waypost.core.course.Progress;
import waypost.core.course.Standing;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.FollowUp;

/** Something that is late, or about to be: as loud as too early. */
public sealed interface Behind {

    /** A window that closes within so many days is told: common practice, no source. */
    int CLOSING_DAYS = 14;

    <R> R accept(Visitor<R> visitor);

    /** A duty that is overdue. */
    record Overdue(DutyStatus duty) implements Behind {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.overdue(this);
        }
    }

    /** Something that must be reached soon and is not met. */
    record Closing(DutyStatus.Due due, int daysLeft) implements Behind {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.closing(this);
        }
    }

    /** The latest reading is worse than what is expected by now. */
    record BelowCorridor(Measure measure, Reading latest, FollowUp.Point expected) implements Behind {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.belowCorridor(this);
        }
    }

    /** A value of the next phase that has stood still for 21 days below what is expected. */
    record Plateau(Milestone milestone) implements Behind {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.plateau(this);
        }
    }

    /** Everything that is behind, the latest duties first. */
    static List<Behind> of(Standing standing) {
        return Stream.of(overdue(standing), closing(standing), plateaus(standing), belowCorridors(standing))
                .flatMap(found -> found)
                .toList();
    }

    private static Stream<Behind> overdue(Standing standing) {
        return standing.duties().stream().filter(DutyStatus::overdue).map(Overdue::new);
    }

    private static Stream<Behind> closing(Standing standing) {
        return standing.duties().stream()
                .filter(duty -> duty instanceof DutyStatus.Due due
                        && !due.overdue()
                        && !due.milestone().isMet())
                .map(DutyStatus.Due.class::cast)
                .map(due -> new Closing(due, due.by().number() - standing.day().number()))
                .filter(closing -> closing.daysLeft() >= 0 && closing.daysLeft() <= CLOSING_DAYS)
                .map(Behind.class::cast);
    }

    private static Stream<Behind> plateaus(Standing standing) {
        return Progress.of(standing).stream()
                .filter(Progress::plateau)
                .map(progress -> new Plateau(progress.milestone()));
    }

    private static Stream<Behind> belowCorridors(Standing standing) {
        Corridors corridors = new Corridors(standing.course());
        return standing.course().resolved().followUp().corridors().stream()
                .flatMap(corridor -> standing.course().measures().stream()
                        .filter(measure -> measure.id().equals(corridor.measure())))
                .flatMap(measure -> below(measure, corridors, standing).stream());
    }

    private static Optional<Behind> below(Measure measure, Corridors corridors, Standing standing) {
        return Corridors.latest(measure, standing)
                .filter(latest -> ChronoUnit.DAYS.between(latest.date(), standing.date()) <= measure.validDays())
                .filter(latest -> corridors
                        .place(standing.day(), measure, latest.amount())
                        .map(place -> place == Corridors.Place.BEHIND)
                        .orElse(false))
                .map(latest -> new BelowCorridor(
                        measure, latest, corridors.on(standing.day(), measure).orElseThrow()));
    }

    /** Answers once for each kind. */
    interface Visitor<R> {
        R overdue(Overdue behind);

        R closing(Closing behind);

        R belowCorridor(BelowCorridor behind);

        R plateau(Plateau behind);
    }
}
