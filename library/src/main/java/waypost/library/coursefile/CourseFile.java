package waypost.library.coursefile;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.SignedPhase;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.protocol.Hold;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.Word;
import waypost.library.text.Document;
import waypost.library.text.Entry;
import waypost.library.text.SchemaCheck;
import waypost.library.text.StrictYaml;
import waypost.library.text.Suggestion;

/**
 * One patient's course as a file, without the patient: protocol and version, side, day 0, answers (including "not
 * stated"), readings, signed phases, holds.
 */
public record CourseFile(String id, Protocol protocol, LocalDate dayZero, Answers answers, Course.History history) {

    /**
     * Reads a course file against a bundle.
     *
     * @throws waypost.library.text.RefusedException with every problem, its line and what is allowed
     */
    public static CourseFile read(String file, String text, Bundle bundle) {
        Document document = StrictYaml.read(file, text);
        SchemaCheck.of("course-file").check(document);
        Optional<CourseFile> course = document.top().tried(top -> read(top, bundle));
        document.refuseIfAnyProblem();
        return course.orElseThrow();
    }

    private static CourseFile read(Entry top, Bundle bundle) {
        Protocol protocol = top.at("protocol").as(bundle::protocol);
        top.at("version").as(version -> same("version", version, protocol.version()));
        top.at("clock").as(clock -> same("clock", clock, protocol.clock()));
        return new CourseFile(
                top.text("course"),
                protocol,
                top.at("day-zero").as(LocalDate::parse),
                answers(top.at("answers"), protocol),
                new Course.History(
                        top.at("side").as(word -> Word.read(Side.class, word)),
                        new Readings(top.list("readings", entry -> reading(entry, bundle))),
                        top.list("signed", entry -> signed(entry, protocol)),
                        top.list("holds", CourseFile::hold)));
    }

    private static String same(String what, String found, String allowed) {
        if (!found.equals(allowed)) {
            throw new IllegalArgumentException(
                    what + ": found '" + found + "', allowed: '" + allowed + "', the one in this library");
        }
        return found;
    }

    private static Answers answers(Entry entry, Protocol protocol) {
        Map<String, Set<String>> stated = new HashMap<>();
        entry.entries()
                .forEach((id, answer) -> answer.tried(e -> {
                    Question question = e.as(text -> protocol.question(id));
                    if (!e.text().equals("not stated")) {
                        Set<String> values =
                                new LinkedHashSet<>(List.of(e.text().split("\\|")));
                        values.forEach(question::titleOf);
                        stated.put(id, values);
                    }
                    return question;
                }));
        return new Answers(stated);
    }

    private static Reading reading(Entry entry, Bundle bundle) {
        Measure measure = entry.at("measure")
                .as(id -> bundle.findMeasure(id)
                        .orElseThrow(() -> new IllegalArgumentException(Suggestion.oneOf(
                                id, bundle.measures().stream().map(Measure::id).toList()))));
        return new Reading(
                measure.id(),
                entry.at("side").as(word -> Word.read(Side.class, word)),
                entry.at("mode").as(word -> Word.read(Mode.class, word)),
                measure.amount(entry.at("value").as(Double::parseDouble)),
                entry.at("on").as(LocalDate::parse),
                entry.maybe("strict", Boolean::parseBoolean).orElse(true),
                entry.find("rater").map(Entry::text).orElse("not stated"));
    }

    private static SignedPhase signed(Entry entry, Protocol protocol) {
        return new SignedPhase(
                entry.at("phase").as(id -> protocol.phase(id).id()),
                entry.at("on").as(LocalDate::parse));
    }

    private static Hold hold(Entry entry) {
        return new Hold(
                entry.text("why"),
                entry.at("from").as(LocalDate::parse),
                entry.at("review").as(LocalDate::parse),
                entry.maybe("ended", LocalDate::parse),
                entry.text("by"));
    }

    /** The course, ready to be asked where it stands. */
    public Course course(Bundle bundle) {
        return Course.of(Resolver.resolve(protocol, answers, dayZero), bundle.activities(), bundle.measures(), history);
    }
}
