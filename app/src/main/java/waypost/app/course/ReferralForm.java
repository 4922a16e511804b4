package waypost.app.course;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.util.MultiValueMap;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.body.Side;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.time.DayZero;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;

/** A referral as it was typed; reads it, or says at each field what is wrong. */
public record ReferralForm(MultiValueMap<String, String> entered) {

    static final String ANSWER = "answer.";
    private static final int MOST_MONTHS_AHEAD = 18;
    private static final LocalDate EARLIEST_BIRTH = LocalDate.of(1900, 1, 1);

    String text(String field) {
        return Optional.ofNullable(entered.getFirst(field)).orElse("").strip();
    }

    /** Reads everything; all problems come at once. */
    Referral read(Bundle bundle, LocalDate today) {
        Map<String, String> problems = new LinkedHashMap<>();
        Optional<Protocol> protocol = protocol(bundle, problems);
        Optional<LocalDate> birth = birth(today, problems);
        Optional<LocalDate> dayZero = date("dayZero", problems);
        dayZero.ifPresent(day -> checkDayZero(day, birth, latest(protocol, today), problems));
        Optional<Side> side = side(text("side"));
        if (side.isEmpty()) {
            problems.put("side", "Choose left or right, as the operation note says.");
        }
        List.of("patientName", "number", "operation", "surgeon").forEach(field -> checkText(field, problems));
        Answers answers = protocol.map(p -> answers(p, problems)).orElse(Answers.NONE);
        if (!problems.isEmpty()) {
            throw new FormProblem(problems);
        }
        return new Referral(
                Entered.id("courseId", text("courseId")),
                text("patientName"),
                birth.orElseThrow(),
                text("number"),
                text("protocol"),
                text("operation"),
                side.orElseThrow(),
                dayZero.orElseThrow(),
                text("surgeon"),
                answers,
                revises(),
                text("why"));
    }

    private Optional<Protocol> protocol(Bundle bundle, Map<String, String> problems) {
        Optional<Protocol> protocol = bundle.protocols().stream()
                .filter(p -> p.id().equals(text("protocol")))
                .findFirst();
        if (protocol.isEmpty()) {
            problems.put("protocol", "Choose a protocol from the list.");
        }
        return protocol;
    }

    private Optional<LocalDate> birth(LocalDate today, Map<String, String> problems) {
        Optional<LocalDate> birth = date("birthDate", problems);
        birth.filter(b -> b.isAfter(today) || b.isBefore(EARLIEST_BIRTH))
                .ifPresent(b -> problems.put("birthDate", "Found " + Dates.say(b) + ", allowed: from 1900 to today."));
        return birth;
    }

    private Optional<UUID> revises() {
        return Optional.of(text("revises")).filter(id -> !id.isEmpty()).map(id -> Entered.id("revises", id));
    }

    private static void checkDayZero(
            LocalDate day, Optional<LocalDate> birth, LocalDate latest, Map<String, String> problems) {
        if (birth.isPresent() && day.isBefore(birth.get())) {
            problems.put(
                    "dayZero",
                    "Found " + Dates.say(day) + ", which is before the birth date " + Dates.say(birth.get()) + ".");
        } else if (day.isAfter(latest)) {
            problems.put("dayZero", "Found " + Dates.say(day) + ", allowed: up to " + Dates.say(latest) + ".");
        }
    }

    /** Surgery and a course's start may be planned ahead; an injury has happened. */
    private static LocalDate latest(Optional<Protocol> protocol, LocalDate today) {
        boolean happened = protocol.filter(p -> p.clock() == DayZero.INJURY).isPresent();
        return happened ? today : today.plusMonths(MOST_MONTHS_AHEAD);
    }

    private void checkText(String field, Map<String, String> problems) {
        int length = text(field).length();
        if (length < 1 || length > 120) {
            problems.put(field, "Found " + length + " characters, allowed: 1 to 120.");
        }
    }

    private Optional<LocalDate> date(String field, Map<String, String> problems) {
        try {
            return Optional.of(Entered.date(field, text(field)));
        } catch (FormProblem unreadable) {
            problems.putAll(unreadable.byField());
            return Optional.empty();
        }
    }

    static Optional<Side> side(String text) {
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "left" -> Optional.of(Side.LEFT);
            case "right" -> Optional.of(Side.RIGHT);
            default -> Optional.empty();
        };
    }

    private Answers answers(Protocol protocol, Map<String, String> problems) {
        Map<String, Set<String>> stated = new HashMap<>();
        for (Question question : protocol.questions()) {
            Set<String> values = new LinkedHashSet<>(entered.getOrDefault(ANSWER + question.id(), List.of()));
            values.remove("");
            if (!question.valueIds().containsAll(values)) {
                problems.put(
                        ANSWER + question.id(),
                        "Found '" + String.join(", ", values) + "', allowed: " + String.join(", ", question.valueIds())
                                + ".");
            } else if (!values.isEmpty()) {
                stated.put(question.id(), values);
            }
        }
        return new Answers(stated);
    }
}
