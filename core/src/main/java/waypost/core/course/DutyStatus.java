package waypost.core.course;

import java.util.Optional;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.MilestoneState;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Provenance;
import waypost.core.time.CourseDay;

/** A duty on a day. */
public sealed interface DutyStatus {

    /** Which rule it comes from. */
    Provenance from();

    /** Something that must be worn, and what it is set to. */
    record Worn(Duty.Wear duty, Provenance from, String setting, Optional<CourseDay> until) implements DutyStatus {}

    /** Something that must be reached by a day. */
    record Due(Duty.Reach duty, Provenance from, CourseDay by, CourseDay today, Milestone milestone)
            implements DutyStatus {

        /** Overdue is as loud as too early; a reading that is pending or merely old is not yet a failure to reach. */
        public boolean overdue() {
            MilestoneState state = milestone.state();
            boolean lacking = state == MilestoneState.NOT_MET || state == MilestoneState.MISSING;
            return lacking && !today.isBefore(by);
        }
    }
}
