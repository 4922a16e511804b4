package waypost.app.rack;

/**
 * A verdict as a sign on a post.
 *
 * @param shape css name of the verdict's shape
 * @param word the verdict's word
 * @param part the part that the operated limb plays, where there are several; empty otherwise
 * @param note the number or date on the sign
 * @param key activity/role, for its address
 */
public record Sign(String shape, String word, String title, String part, String note, String key) {
    public boolean isOpen() {
        return shape.startsWith("open");
    }
}
