package waypost.app.shelf;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;
import waypost.app.entry.OutOfReach;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.log.Evidence;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/** A course of a protocol in which nothing has happened and all goes to plan. */
record ShelfCourse(Bundle bundle, Protocol protocol, Answers answers, Course course) {

    static ShelfCourse of(Bundle bundle, Protocol protocol, Answers answers, LocalDate dayZero) {
        Course course = Course.of(
                Resolver.resolve(protocol, answers, dayZero),
                bundle.activities(),
                bundle.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
        return new ShelfCourse(bundle, protocol, answers, course);
    }

    /** Answers from parameters named {@code prefix + question}; blank is not stated. */
    static Answers answers(Protocol protocol, Map<String, String> parameters, String prefix) {
        Map<String, Set<String>> stated = new LinkedHashMap<>();
        for (Question question : protocol.questions()) {
            String value = parameters.getOrDefault(prefix + question.id(), "");
            if (!value.isEmpty()) {
                if (!question.valueIds().contains(value)) {
                    throw new ResponseStatusException(
                            HttpStatus.BAD_REQUEST,
                            prefix + question.id() + ": found '" + value + "', allowed: "
                                    + String.join(", ", question.valueIds()));
                }
                stated.put(question.id(), Set.of(value));
            }
        }
        return new Answers(stated);
    }

    /** The answers as parameters again. */
    Map<String, String> parameters(String prefix) {
        Map<String, String> parameters = new TreeMap<>();
        answers.stated().forEach((question, values) -> values.forEach(v -> parameters.put(prefix + question, v)));
        return parameters;
    }

    /** The day before the course begins: up to it everything is known, that is nothing. */
    LocalDate known() {
        LocalDate dayZero = course.resolved().dayZero();
        return begins().dateFrom(dayZero).minusDays(1);
    }

    CourseDay begins() {
        return protocol.begins(course.resolved().dayZero());
    }

    Standing on(LocalDate asked) {
        LocalDate date = OutOfReach.check(asked, course.earliest(), course.latest());
        return course.on(date.isAfter(known()) ? date : known(), known(), Outlook.TO_PLAN);
    }
}
