package waypost.app.record;

import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import waypost.core.measure.Measure;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;

/** Everything that happened on a course, newest first, in words. */
public record RecordPage(List<Happened> happened) {

    /** One thing that happened. */
    public record Happened(LocalDateTime at, String who, String what, String detail, String hash) {}

    static RecordPage of(List<RecordMapper.Noted> noted, List<RecordMapper.Entered> entered, Bundle bundle) {
        Stream<Happened> signed =
                noted.stream().map(n -> new Happened(n.at(), n.who(), n.what(), n.detail(), n.hash()));
        Stream<Happened> read = entered.stream().map(e -> reading(e, bundle));
        return new RecordPage(Stream.concat(signed, read)
                .sorted(Comparator.comparing(Happened::at).reversed())
                .toList());
    }

    private static Happened reading(RecordMapper.Entered entered, Bundle bundle) {
        Measure measure = bundle.measure(entered.measure());
        String value =
                MilestoneWords.reading(measure, measure.amount(entered.value().doubleValue()));
        String mode = measure.end().isPresent() ? ", " + entered.mode().toLowerCase(Locale.ROOT) : "";
        String said = measure.title() + " " + value + ", " + entered.side().toLowerCase(Locale.ROOT) + mode
                + ", measured " + Dates.say(entered.measuredOn()) + (entered.strict() ? "" : ", compensated");
        String what =
                entered.withdrawn() ? "Reading withdrawn" : entered.correction() ? "Reading corrected" : "Reading";
        return new Happened(
                entered.at(), entered.who(), what, entered.why().isEmpty() ? said : said + ". " + entered.why(), "");
    }
}
