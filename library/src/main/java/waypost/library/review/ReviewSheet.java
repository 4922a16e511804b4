package waypost.library.review;

import java.util.List;
import java.util.stream.Stream;

/** A protocol on two pages. */
public record ReviewSheet(
        String title,
        String source,
        String review,
        String clock,
        List<String> parts,
        List<Asked> questions,
        List<Coded> milestones,
        List<String> pain,
        List<Row> rows,
        List<Row> otherClocks,
        List<Open> open) {

    /** A short name, a separator and a space stand beside every text. */
    private static final int BETWEEN = 5;

    /** A question with its values and what each changes; {@code decisive} ones open nothing while unanswered. */
    public record Asked(String code, String ask, boolean decisive, List<Value> values) {
        private Stream<String> texts() {
            return Stream.concat(Stream.of(ask), values.stream().map(value -> value.title() + value.changes()));
        }
    }

    /** A value, and the rules that hold with it and not with every other. */
    public record Value(String code, String title, boolean usual, String changes) {}

    /** A milestone under its short name. */
    public record Coded(String code, String title) {}

    /**
     * What is open under these answers on a day, how much more in the rest of the body, and what was not yet open on the
     * day before in the list.
     */
    public record Open(String under, String day, int count, String elsewhere, String added, String gone) {}

    /** How much is said in all, which decides how large it can be printed. */
    int letters() {
        return Stream.of(
                        questions.stream().flatMap(Asked::texts),
                        milestones.stream().map(Coded::title),
                        parts.stream(),
                        pain.stream(),
                        rows.stream().flatMap(Row::texts),
                        otherClocks.stream().flatMap(Row::texts),
                        open.stream().flatMap(day -> Stream.of(day.under(), day.elsewhere(), day.added(), day.gone())))
                .flatMap(texts -> texts)
                .mapToInt(text -> text.length() + BETWEEN)
                .sum();
    }
}
