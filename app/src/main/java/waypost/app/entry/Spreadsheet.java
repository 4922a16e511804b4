package waypost.app.entry;

/** Texts in a file that somebody opens as a spreadsheet: none of them is a formula there. */
public final class Spreadsheet {

    private static final String STARTS_A_FORMULA = "=+-@\t\r";

    private Spreadsheet() {}

    /** With an apostrophe in front where it would be taken for a formula. */
    public static String harmless(String text) {
        return startsAFormula(text, 0) ? "'" + text : text;
    }

    /** What {@link #harmless} was given. */
    public static String plain(String text) {
        return text.startsWith("'") && startsAFormula(text, 1) ? text.substring(1) : text;
    }

    private static boolean startsAFormula(String text, int at) {
        return text.length() > at && STARTS_A_FORMULA.indexOf(text.charAt(at)) >= 0;
    }
}
