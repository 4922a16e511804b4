package waypost.library.text;

/**
 * One thing wrong in a file: {@code acl.yaml:57:9 phases[3].earliest: found '6w', allowed: …}.
 *
 * @param line from 1
 * @param column from 1
 * @param path keys and indexes down to the place; empty for the whole file
 */
public record Problem(String file, int line, int column, String path, String message) {

    @Override
    public String toString() {
        return file + ":" + line + ":" + column + " " + (path.isEmpty() ? "" : path + ": ") + message;
    }
}
