package waypost.library.coursefile;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.History;
import waypost.core.course.SignedPhase;
import waypost.core.log.Attestation;
import waypost.core.log.Event;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.log.Session;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Tool;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.Word;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads what has happened in a course. */
record HistoryReader(Protocol protocol, Bundle bundle) {

    History history(Entry top) {
        Evidence evidence = new Evidence(
                new Readings(top.list("readings", this::reading)),
                top.list("attestations", this::attestation),
                top.list("sessions", this::session));
        return new History(
                Word.at(top, "side", Side.class),
                true,
                evidence,
                top.list("signed", this::signed),
                top.list("holds", HistoryReader::hold),
                top.list("events", this::event),
                top.maybe("ended", LocalDate::parse),
                top.find("revision-of").map(Entry::text));
    }

    private Reading reading(Entry entry) {
        Measure measure = entry.at("measure")
                .as(id -> bundle.findMeasure(id)
                        .orElseThrow(() -> new IllegalArgumentException(Suggestion.oneOf(
                                id, bundle.measures().stream().map(Measure::id).toList()))));
        return new Reading(
                measure.id(),
                Word.at(entry, "side", Side.class),
                Word.at(entry, "mode", Mode.class),
                measure.amount(entry.at("value").as(Double::parseDouble)),
                entry.at("on").as(LocalDate::parse),
                entry.maybe("strict", Boolean::parseBoolean).orElse(true),
                entry.find("rater").map(Entry::text).orElse("not stated"),
                Word.maybe(entry, "tool", Tool.class),
                entry.find("position").map(Entry::text));
    }

    private Attestation attestation(Entry entry) {
        return new Attestation(
                entry.at("milestone").as(id -> protocol.criterion(id).id()),
                entry.at("on").as(LocalDate::parse),
                entry.text("by"));
    }

    private Session session(Entry entry) {
        return new Session(
                entry.at("on").as(LocalDate::parse),
                Set.copyOf(entry.list("did", activity -> activity.as(this::known))),
                entry.maybe("flared", Boolean::parseBoolean).orElse(false));
    }

    private String known(String activity) {
        return bundle.findActivity(activity)
                .map(found -> activity)
                .orElseThrow(() -> new IllegalArgumentException(Suggestion.oneOf(
                        activity, bundle.activities().stream().map(a -> a.id()).toList())));
    }

    private SignedPhase signed(Entry entry) {
        return new SignedPhase(
                entry.at("phase").as(id -> protocol.phase(id).id()),
                entry.at("on").as(LocalDate::parse));
    }

    private Event event(Entry entry) {
        return new Event(
                entry.at("what").as(this::clock),
                entry.at("on").as(LocalDate::parse),
                entry.text("words"),
                entry.text("by"),
                entry.find("looked-after")
                        .map(found -> new Event.LookedAfter(
                                found.at("on").as(LocalDate::parse), found.text("by"), found.text("found"))));
    }

    private String clock(String what) {
        List<String> known = protocol.eventClocks();
        if (!known.contains(what)) {
            throw new IllegalArgumentException(Suggestion.oneOf(what, known));
        }
        return what;
    }

    private static Hold hold(Entry entry) {
        return new Hold(
                Word.maybe(entry, "kind", Hold.Kind.class).orElse(Hold.Kind.OTHER),
                entry.text("why"),
                entry.at("from").as(LocalDate::parse),
                entry.at("review").as(LocalDate::parse),
                entry.maybe("ended", LocalDate::parse),
                entry.text("by"));
    }
}
