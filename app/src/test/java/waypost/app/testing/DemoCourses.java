package waypost.app.testing;

import java.util.UUID;
import waypost.app.finder.PatientFinder;

/** Finds the demo's courses by their patient's name. */
public final class DemoCourses {

    private DemoCourses() {}

    public static UUID of(String patient) {
        RunningWaypost waypost = RunningWaypost.get();
        return waypost.bean(PatientFinder.class)
                .find(waypost.staff("therapist"), patient, 1)
                .get(0)
                .id();
    }
}
