package waypost.library.coursefile;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Standing;
import waypost.core.log.Decisions;
import waypost.core.log.Event;
import waypost.core.log.WorkLog;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.resolved.Resolver;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;
import waypost.core.time.Clocks;
import waypost.core.visit.Visit;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.Word;
import waypost.library.text.Document;
import waypost.library.text.Entry;
import waypost.library.text.SchemaCheck;
import waypost.library.text.StrictYaml;
import waypost.library.text.Suggestion;

/**
 * One patient's course as a file, without the patient: protocol and version, side, clocks, answers (including "not
 * stated"), readings, attestations, sessions, signed phases, holds, events, orders, narrowings, check-ins, sets.
 */
public record CourseFile(
        String id,
        Protocol protocol,
        Clocks clocks,
        Answers answers,
        Decisions decisions,
        History history,
        WorkLog work,
        List<CheckedIn> checkIns) {

    public CourseFile {
        checkIns = List.copyOf(checkIns);
    }

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
        top.at("clock").as(clock -> same("clock", clock, Word.of(protocol.clock())));
        History history = new HistoryReader(protocol, bundle).history(top);
        Clocks events = Event.clocks(top.at("day-zero").as(LocalDate::parse), history.events());
        WorkReader reader = new WorkReader(bundle);
        List<CheckedIn> told = reader.checkIns(top);
        return new CourseFile(
                top.text("course"),
                protocol,
                events.with(clocks(top, protocol)),
                answers(top.at("answers"), protocol),
                new DecisionReader(protocol, bundle).decisions(top),
                history,
                reader.work(top, told),
                told);
    }

    private static String same(String what, String found, String allowed) {
        if (!found.equals(allowed)) {
            throw new IllegalArgumentException(
                    what + ": found '" + found + "', allowed: '" + allowed + "', the one in this library");
        }
        return found;
    }

    private static Map<String, List<LocalDate>> clocks(Entry top, Protocol protocol) {
        Map<String, List<LocalDate>> clocks = new LinkedHashMap<>();
        top.find("clocks")
                .map(Entry::entries)
                .orElse(Map.of())
                .keySet()
                .forEach(clock -> top.at("clocks").tried(entry -> {
                    if (!protocol.scope().clocks().contains(clock)) {
                        throw new IllegalArgumentException(
                                Suggestion.oneOf(clock, protocol.scope().clocks()));
                    }
                    clocks.put(clock, entry.list(clock, start -> start.as(LocalDate::parse)));
                    return clock;
                }));
        return clocks;
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

    /** The course, ready to be asked where it stands. */
    public Course course(Bundle bundle) {
        return Course.of(
                Resolver.resolve(protocol, answers, clocks, decisions),
                bundle.activities(),
                bundle.measures(),
                history);
    }

    /** The visit on the day of a standing of this course. */
    public Visit visit(Standing standing, Bundle bundle) {
        List<RedFlag> asked = bundle.redFlags().stream()
                .filter(flag -> flag.concerns(standing.course().resolved().region()))
                .toList();
        Optional<CheckIn> said = checkIns.stream()
                .filter(told -> told.on().equals(standing.date()))
                .map(CheckedIn::said)
                .reduce((earlier, later) -> later);
        return Visit.of(standing, new Visit.Told(said, asked, work, List.of()));
    }
}
