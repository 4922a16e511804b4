package waypost.core.prescription;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.exercise.RoleKey;

/** What is prescribed in a course, one for each role at most. */
public final class Prescriptions {

    public static final Prescriptions NONE = new Prescriptions(List.of());

    private final Map<RoleKey, Prescription> byRole = new LinkedHashMap<>();

    /** @param written in the order written: of two for a role the later counts */
    public Prescriptions(List<Prescription> written) {
        written.forEach(each -> byRole.put(each.role(), each));
    }

    public Optional<Prescription> of(RoleKey role) {
        return Optional.ofNullable(byRole.get(role));
    }
}
