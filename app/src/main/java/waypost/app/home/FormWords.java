package waypost.app.home;

/** What the core refuses, as a sentence on a page. */
final class FormWords {

    private FormWords() {}

    static String sentence(IllegalArgumentException refused) {
        String said = String.valueOf(refused.getMessage());
        return Character.toUpperCase(said.charAt(0)) + said.substring(1) + ".";
    }
}
