package waypost.app.paper;

import org.jspecify.annotations.Nullable;

/**
 * What a revision of a paper holds.
 *
 * @param answers as JSON, by line and question
 * @param files as JSON the files that were written anew on the desk; null where all is as it ships
 * @param said what was done on the desk, in words; blank where lines were written or answered
 * @param sameAs the earlier revision that it gives back
 * @param takenFrom hash of the bundle from whose files those of the desk were taken over; null where there are none
 */
record PaperDraft(
        String lines,
        String answers,
        @Nullable String files,
        String said,
        @Nullable Integer sameAs,
        @Nullable String takenFrom) {

    /** The first: nothing is written yet. */
    static final PaperDraft EMPTY = new PaperDraft("", "{}", null, "", null, null);

    /** Other lines or answers over the same files. */
    static PaperDraft of(String lines, String answers, @Nullable String files) {
        return new PaperDraft(lines, answers, files, "", null, null);
    }

    /** The same with the bundle from whose files its own were taken; nothing where it has none. */
    PaperDraft from(@Nullable String bundle) {
        return new PaperDraft(lines, answers, files, said, sameAs, files == null ? null : bundle);
    }
}
