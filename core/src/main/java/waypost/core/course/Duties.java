package waypost.core.course;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.MilestoneState;
import waypost.core.protocol.Duty;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;
import waypost.core.time.Schedule;
import waypost.core.time.Steps;
import waypost.core.time.Window;

/** The duties of a course in course days. */
record Duties(Resolved resolved) {

    /** The days on which a duty begins, changes or is due. */
    Stream<CourseDay> changes() {
        return resolved.duties().stream()
                .flatMap(duty -> Stream.concat(
                        duty.duty().accept(new Changes(duty)),
                        duty.ended().stream().flatMap(Window::ends)));
    }

    /** Where every duty that binds stands on the day of {@code standing}. */
    List<DutyStatus> on(Standing standing) {
        return resolved.duties().stream()
                .filter(duty -> duty.bindsOn(standing.day()))
                .flatMap(duty -> duty.duty().accept(new OnDay(duty, standing)))
                .toList();
    }

    private <T> Steps<Allowed<T>> steps(Schedule<Allowed<T>> schedule, Resolved.DutyInForce duty) {
        return schedule.on(resolved.clocks(), duty.start());
    }

    private final class Changes implements Duty.Visitor<Stream<CourseDay>> {
        private final Resolved.DutyInForce duty;

        Changes(Resolved.DutyInForce duty) {
            this.duty = duty;
        }

        @Override
        public Stream<CourseDay> wear(Duty.Wear wear) {
            return steps(wear.schedule(), duty).changes();
        }

        @Override
        public Stream<CourseDay> practise(Duty.Practise practise) {
            return steps(practise.schedule(), duty).changes();
        }

        @Override
        public Stream<CourseDay> begin(Duty.Begin begin) {
            return Stream.of(resolved.clocks().day(begin.by(), duty.start()));
        }

        @Override
        public Stream<CourseDay> reach(Duty.Reach reach) {
            return Stream.of(resolved.clocks().day(reach.by(), duty.start()));
        }
    }

    private final class OnDay implements Duty.Visitor<Stream<DutyStatus>> {
        private final Resolved.DutyInForce duty;
        private final Standing standing;

        OnDay(Resolved.DutyInForce duty, Standing standing) {
            this.duty = duty;
            this.standing = standing;
        }

        @Override
        public Stream<DutyStatus> wear(Duty.Wear wear) {
            return current(wear.schedule())
                    .map(step -> new DutyStatus.Worn(
                            wear, duty.from(), step.value().most().orElse(""), step.until(), duty.unclear()));
        }

        @Override
        public Stream<DutyStatus> practise(Duty.Practise practise) {
            if (isSwitchedOff(Set.of(practise.activity()))) {
                return Stream.empty();
            }
            return current(practise.schedule())
                    .flatMap(step -> step.value().most().stream()
                            .map(often -> new DutyStatus.ToPractise(
                                    practise,
                                    duty.from(),
                                    often,
                                    step.until(),
                                    isClosed(Set.of(practise.activity())))));
        }

        @Override
        public Stream<DutyStatus> begin(Duty.Begin begin) {
            if (isSwitchedOff(begin.activities())) {
                return Stream.empty();
            }
            CourseDay by = resolved.clocks().day(begin.by(), duty.start());
            boolean begun =
                    standing.course().knowledge().counted(standing.date()).upTo(standing.date()).sessions().stream()
                            .anyMatch(s -> s.activities().stream().anyMatch(begin.activities()::contains));
            boolean late = !begun && isPast(by);
            boolean conflict = late && isClosed(begin.activities());
            return Stream.of(new DutyStatus.ToBegin(begin, duty.from(), by, begun, late, conflict));
        }

        @Override
        public Stream<DutyStatus> reach(Duty.Reach reach) {
            CourseDay by = resolved.clocks().day(reach.by(), duty.start());
            Milestone milestone = standing.milestone(reach.criterion());
            boolean lacking = milestone.fellShort() || milestone.state() == MilestoneState.MISSING;
            return Stream.of(new DutyStatus.Due(reach, duty.from(), by, milestone, lacking && isPast(by)));
        }

        /** Late from the day after; in a look ahead in which all goes to plan nothing is late. */
        private boolean isPast(CourseDay by) {
            return !standing.planned() && by.isBefore(standing.day());
        }

        /** Whether the purpose of all of them is reached: what is switched off is no longer due. */
        private boolean isSwitchedOff(Set<String> activities) {
            Set<String> off =
                    standing.switchedOff().stream().map(RoleKey::activity).collect(Collectors.toSet());
            return !off.isEmpty() && off.containsAll(activities);
        }

        private <T> Stream<Steps.Current<Allowed<T>>> current(Schedule<Allowed<T>> schedule) {
            return steps(schedule, duty).on(standing.day(), standing.facts().met()).stream()
                    .filter(step -> !step.value().isFree());
        }

        private boolean isClosed(Set<String> activities) {
            return standing.verdicts().stream()
                    .filter(v -> activities.contains(v.role().activity()))
                    .noneMatch(v -> v.kind().isOpen());
        }
    }
}
