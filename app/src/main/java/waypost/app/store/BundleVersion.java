package waypost.app.store;

import java.time.LocalDate;

/** A published bundle by its hash, with the day of its publication. */
public record BundleVersion(String hash, LocalDate published) {}
