package waypost.app.record;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import waypost.core.measure.Measure;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;

/**
 * What happened on a course, newest first, in words: so much of it as one page shows.
 *
 * @param newest whether it begins with the newest
 * @param earlier the place before which the next page lies; empty on the last
 */
public record RecordPage(List<Happened> happened, boolean newest, String earlier) {

    /** As many entries as a page shows. */
    static final int LENGTH = 200;

    /** One thing that happened. */
    public record Happened(LocalDateTime at, String who, String what, String detail, String hash) {}

    /**
     * The page before a place.
     *
     * @param written one more than a page shows, where there are more
     */
    static RecordPage of(List<RecordMapper.Written> written, Place before, Bundle bundle) {
        List<RecordMapper.Written> shown = written.subList(0, Math.min(LENGTH, written.size()));
        boolean more = written.size() > LENGTH;
        RecordMapper.Written last = shown.isEmpty() ? null : shown.get(shown.size() - 1);
        return new RecordPage(
                shown.stream().map(entry -> happened(entry, bundle)).toList(),
                before.equals(Place.NEWEST),
                more && last != null ? new Place(last.moment(), last.key()).toString() : "");
    }

    private static Happened happened(RecordMapper.Written written, Bundle bundle) {
        Said said = new Said(written.said());
        Entry kind = written.kind();
        String detail = kind == Entry.READING ? reading(said, bundle) : kind.detail(said);
        return new Happened(written.at(), written.who(), kind.what(said), detail, kind.hash(said));
    }

    private static String reading(Said said, Bundle bundle) {
        Measure measure = bundle.measure(said.at(0));
        String value = MilestoneWords.reading(measure, measure.amount(Double.parseDouble(said.at(1))));
        String mode = measure.end().isPresent() ? ", " + said.at(3).toLowerCase(Locale.ROOT) : "";
        return Said.joined(
                measure.title() + " " + value + ", " + said.at(2).toLowerCase(Locale.ROOT) + mode,
                ", measured " + Dates.say(LocalDate.parse(said.at(4))),
                said.is(5) ? "" : ", compensated",
                said.with(". ", 8));
    }
}
