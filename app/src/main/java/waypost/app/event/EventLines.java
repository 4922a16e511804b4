package waypost.app.event;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import waypost.app.store.EventRow;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NarrowingRow;
import waypost.library.words.Dates;
import waypost.library.words.Words;

/** What happened and what was narrowed, as the page says it. */
record EventLines(LoadedCourse course) {

    /**
     * Something that happened.
     *
     * @param looked by whom, when, and what was found; empty until somebody has
     * @param earliest the first day on which it can have been looked after
     */
    public record Happened(
            UUID id, String title, String words, String by, Optional<String> looked, LocalDate earliest) {}

    /** Something narrowed. */
    public record Narrower(UUID id, String title, String why, String since) {}

    List<Happened> happened() {
        return course.events().stream().map(EventLines::happened).toList();
    }

    private static Happened happened(EventRow row) {
        Optional<String> looked = row.event()
                .looked()
                .map(after ->
                        "Looked after on " + Dates.say(after.on()) + " by " + after.by() + ": " + after.words() + ".");
        return new Happened(
                row.id(),
                Words.sentenceCase(Words.plainName(row.clock())) + " on " + Dates.say(row.happenedOn()),
                row.words(),
                row.enteredBy(),
                looked,
                row.happenedOn());
    }

    List<Narrower> narrower() {
        return course.narrowings().stream().map(this::narrower).toList();
    }

    private Narrower narrower(NarrowingRow row) {
        LocalDate last = row.lastOn();
        String until = last == null ? "" : " to " + Dates.say(last);
        return new Narrower(
                row.id(), title(row), row.why(), "since " + Dates.say(row.since()) + until + ", by " + row.enteredBy());
    }

    private String title(NarrowingRow row) {
        return switch (row.kind()) {
            case BARS ->
                "Not at all: "
                        + course.bundle()
                                .findActivity(row.subject())
                                .orElseThrow()
                                .title();
            case MOTION -> Words.sentenceCase(row.subject()) + ": " + row.allow();
            case LIMIT -> course.protocol().limit(row.subject()).head().title() + ": " + row.allow();
        };
    }
}
