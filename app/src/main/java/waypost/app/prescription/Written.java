package waypost.app.prescription;

import java.util.UUID;
import waypost.core.prescription.Prescription;

/**
 * A prescription as it stands.
 *
 * @param by a display name
 */
public record Written(UUID id, Prescription prescription, String by) {}
