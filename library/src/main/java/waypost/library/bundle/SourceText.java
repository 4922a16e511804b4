package waypost.library.bundle;

/** A library file as it was written. */
public record SourceText(String file, String text) {

    /** Whether its first key is the one that tells this kind of file. */
    boolean isOf(String kind) {
        return text.lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .findFirst()
                .filter(line -> line.startsWith(kind + ":"))
                .isPresent();
    }

    /** What its first key names. */
    String named(String kind) {
        return text.lines()
                .filter(line -> line.startsWith(kind + ":"))
                .findFirst()
                .map(line -> line.substring(kind.length() + 1).strip())
                .orElse("");
    }
}
