package waypost.app.entry;

/** What was typed as a part to look for, for the database's {@code like}: its own signs are letters like any other. */
public final class Containing {

    private Containing() {}

    /** The pattern of every text that holds what was typed. */
    public static String pattern(String typed) {
        return "%" + typed.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }
}
