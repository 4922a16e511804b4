package waypost.app.paper;

import org.jspecify.annotations.Nullable;

/**
 * What a revision of a paper holds.
 *
 * @param answers as JSON, by line and question
 * @param files as JSON the files that were written anew on the desk; null where all is as it ships
 * @param said what was done on the desk, in words; blank where lines were written or answered
 * @param sameAs the earlier revision that it gives back
 */
record PaperDraft(
        String lines,
        String answers,
        @Nullable String files,
        String said,
        @Nullable Integer sameAs) {

    /** The first: nothing is written yet. */
    static final PaperDraft EMPTY = new PaperDraft("", "{}", null, "", null);

    /** Other lines or answers over the same files. */
    static PaperDraft of(String lines, String answers, @Nullable String files) {
        return new PaperDraft(lines, answers, files, "", null);
    }
}
