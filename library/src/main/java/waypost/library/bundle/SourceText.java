package waypost.library.bundle;

/** A library file as it was written. */
public record SourceText(String file, String text) {}
