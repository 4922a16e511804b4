package waypost.library.coursefile;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.common.FlowStyle;
import waypost.core.course.History;
import waypost.core.exercise.Arrangement;
import waypost.core.log.Attestation;
import waypost.core.log.Event;
import waypost.core.log.Hold;
import waypost.core.log.Session;
import waypost.core.log.SetDone;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.question.Question;
import waypost.core.resolved.Resolved;
import waypost.library.bundle.Word;
import waypost.library.words.Terms;

/** Writes what {@link CourseFile} reads; orders keep the words in which they were entered. */
public record CourseFileWriter(
        String id,
        Resolved resolved,
        History history,
        List<OrderText> orders,
        List<NarrowingText> narrowings,
        List<CheckedIn> checkIns,
        List<SetDone> sets,
        List<NoteText> notes) {

    /** A note of a visit as it was written. */
    public record NoteText(LocalDate on, String text) {}

    /**
     * An order as it was entered.
     *
     * @param kind limit, opens, bars or ends
     * @param allow for a limit what it allows; empty otherwise
     */
    public record OrderText(
            String id,
            String words,
            String surgeon,
            LocalDate given,
            LocalDate from,
            Optional<LocalDate> lastDay,
            Optional<LocalDate> signed,
            String recordedBy,
            String kind,
            String subject,
            String allow) {}

    /**
     * A narrowing as it was entered.
     *
     * @param kind limit or bars
     * @param allow for a limit what it allows; empty otherwise
     */
    public record NarrowingText(
            String id,
            String by,
            LocalDate since,
            Optional<LocalDate> lastDay,
            String why,
            String kind,
            String subject,
            String allow) {}

    public CourseFileWriter {
        narrowings = List.copyOf(narrowings);
        checkIns = List.copyOf(checkIns);
        orders = List.copyOf(orders);
        sets = List.copyOf(sets);
        notes = List.copyOf(notes);
    }

    /** The file's text. */
    public String write() {
        Map<String, Object> top = new LinkedHashMap<>();
        putHead(top);
        putMeasured(top);
        putDone(top);
        putDecided(top);
        history.ended().ifPresent(day -> top.put("ended", day.toString()));
        history.revisionOf().ifPresent(course -> top.put("revision-of", course));
        return new Dump(DumpSettings.builder()
                        .setDefaultFlowStyle(FlowStyle.BLOCK)
                        .setSplitLines(false)
                        .build())
                .dumpToString(top);
    }

    private void putHead(Map<String, Object> top) {
        top.put("course", id);
        top.put("format", "1");
        top.put("protocol", resolved.protocol().id());
        top.put("version", resolved.protocol().version());
        top.put("side", Word.of(history.side()));
        top.put("day-zero", resolved.dayZero().toString());
        top.put("clock", Word.of(resolved.protocol().clock()));
        top.put("answers", answers());
        put(top, "orders", orders.stream().map(CourseFileWriter::order).toList());
    }

    private void putMeasured(Map<String, Object> top) {
        put(
                top,
                "readings",
                history.readings().all().stream().map(CourseFileWriter::reading).toList());
        put(
                top,
                "attestations",
                history.evidence().attestations().stream()
                        .map(CourseFileWriter::attestation)
                        .toList());
    }

    private void putDone(Map<String, Object> top) {
        put(
                top,
                "sessions",
                history.evidence().sessions().stream()
                        .map(CourseFileWriter::session)
                        .toList());
        put(top, "check-ins", checkIns.stream().map(CourseFileWriter::checkIn).toList());
        put(top, "sets", sets.stream().map(CourseFileWriter::set).toList());
        put(
                top,
                "notes",
                notes.stream()
                        .map(note -> entry("on", note.on().toString(), "text", note.text()))
                        .toList());
    }

    private void putDecided(Map<String, Object> top) {
        put(
                top,
                "signed",
                history.signed().stream()
                        .map(signed -> entry(
                                "phase", signed.phase(), "on", signed.from().toString()))
                        .toList());
        put(top, "holds", history.holds().stream().map(CourseFileWriter::hold).toList());
        put(
                top,
                "events",
                history.events().stream().map(CourseFileWriter::event).toList());
        put(
                top,
                "narrowings",
                narrowings.stream().map(CourseFileWriter::narrowing).toList());
    }

    private static Map<String, Object> checkIn(CheckedIn told) {
        Map<String, Object> written = entry("on", told.on().toString());
        written.put("pain-now", String.valueOf(told.said().painNow()));
        told.said().painAfter().ifPresent(pain -> written.put("pain-after", String.valueOf(pain)));
        told.said().painNextMorning().ifPresent(pain -> written.put("pain-next-morning", String.valueOf(pain)));
        written.put("swelling", Word.of(told.said().swelling()));
        written.put("soreness", Word.of(told.soreness()));
        if (!told.said().flags().isEmpty()) {
            written.put("flags", told.said().flags().stream().sorted().toList());
        }
        return written;
    }

    private static Map<String, Object> set(SetDone set) {
        Map<String, Object> written =
                entry("on", set.on().toString(), "role", set.role().toString());
        written.put("amount", String.valueOf(set.amount()));
        set.load().ifPresent(load -> written.put("load", Terms.load(load)));
        if (!set.setUp().equals(Arrangement.UNSAID)) {
            written.put("set-up", set.setUp().toString());
        }
        written.put("pain", String.valueOf(set.pain()));
        written.put("form", Word.of(set.form()));
        return written;
    }

    private static void put(Map<String, Object> top, String key, List<?> entries) {
        if (!entries.isEmpty()) {
            top.put(key, entries);
        }
    }

    /** Every question; what is not known is written as not stated. */
    private Map<String, Object> answers() {
        Map<String, Object> answers = new LinkedHashMap<>();
        for (Question question : resolved.protocol().questions()) {
            Set<String> stated = resolved.answers().stated().getOrDefault(question.id(), Set.of());
            answers.put(
                    question.id(),
                    stated.isEmpty()
                            ? "not stated"
                            : String.join("|", stated.stream().sorted().toList()));
        }
        return answers;
    }

    private static Map<String, Object> order(OrderText order) {
        Map<String, Object> written = entry("id", order.id(), "words", order.words(), "surgeon", order.surgeon());
        written.put("given", order.given().toString());
        written.put("from", order.from().toString());
        order.lastDay().ifPresent(day -> written.put("last-day", day.toString()));
        order.signed().ifPresent(day -> written.put("signed", day.toString()));
        written.put("recorded-by", order.recordedBy());
        written.put("changes", List.of(change(order.kind(), order.subject(), order.allow())));
        return written;
    }

    private static Map<String, Object> change(String kind, String subject, String allow) {
        Object named = kind.equals("bars") ? List.of(subject) : subject;
        Map<String, Object> change = entry(kind, named);
        if (!allow.isEmpty()) {
            change.put("allow", allow);
        }
        return change;
    }

    private static Map<String, Object> narrowing(NarrowingText narrowing) {
        Map<String, Object> written = entry("id", narrowing.id(), "by", narrowing.by());
        written.put("since", narrowing.since().toString());
        narrowing.lastDay().ifPresent(day -> written.put("last-day", day.toString()));
        written.put("why", narrowing.why());
        written.put("change", change(narrowing.kind(), narrowing.subject(), narrowing.allow()));
        return written;
    }

    private static Map<String, Object> event(Event event) {
        Map<String, Object> written =
                entry("what", event.clock(), "on", event.on().toString(), "words", event.words(), "by", event.by());
        event.looked()
                .ifPresent(looked -> written.put(
                        "looked-after",
                        entry("on", looked.on().toString(), "by", looked.by(), "found", looked.words())));
        return written;
    }

    private static Map<String, Object> reading(Reading reading) {
        Map<String, Object> written =
                entry("measure", reading.measure(), "side", Word.of(reading.side()), "mode", Word.of(reading.mode()));
        written.put("value", exact(reading.amount().value()));
        written.put("on", reading.date().toString());
        if (!reading.strict()) {
            written.put("strict", false);
        }
        written.put("rater", reading.rater());
        reading.tool().ifPresent(tool -> written.put("tool", Word.of(tool)));
        reading.position().ifPresent(position -> written.put("position", position));
        return written;
    }

    /** Nothing is rounded in a file. */
    private static String exact(double value) {
        String plain = Plain.number(value);
        return Double.parseDouble(plain) == value ? plain : Double.toString(value);
    }

    private static Map<String, Object> attestation(Attestation attestation) {
        return entry(
                "milestone", attestation.criterion(), "on", attestation.on().toString(), "by", attestation.by());
    }

    private static Map<String, Object> session(Session session) {
        return entry(
                "on",
                session.on().toString(),
                "did",
                session.activities().stream().sorted().toList(),
                "flared",
                session.flared());
    }

    private static Map<String, Object> hold(Hold hold) {
        Map<String, Object> written = entry("kind", Word.of(hold.kind()), "why", hold.why());
        written.put("from", hold.from().toString());
        written.put("review", hold.review().toString());
        hold.ended().ifPresent(day -> written.put("ended", day.toString()));
        written.put("by", hold.by());
        return written;
    }

    private static Map<String, Object> entry(Object... keysAndValues) {
        Map<String, Object> entry = new LinkedHashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) {
            entry.put((String) keysAndValues[i], keysAndValues[i + 1]);
        }
        return entry;
    }
}
