package waypost.library.plain;

import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.course.Precaution;
import waypost.core.limit.Allowed;
import waypost.core.limit.Authority;
import waypost.core.limit.Limit;
import waypost.core.limit.Provenance;
import waypost.core.limit.RuleHead;

/**
 * Tells a patient the rules of a course: what, until when, and why.
 *
 * @param protocol id of the course's protocol, whose own rules go by what heals in it
 */
public record PlainRules(PlainText words, PlainDates dates, String protocol) {

    /** A limit as it stands on a day. */
    public Told say(Precaution<?> precaution) {
        Limit<?> limit = precaution.limit().limit();
        return new Told(
                what(limit, precaution.step().value()),
                Optional.of(dates.until(precaution.step().until(), limit.head().forGood())),
                why(limit.head(), precaution.limit().from()));
    }

    /** What a limit leaves where {@code allowed} is in force, and the set-up under which it does not hold. */
    public String what(Limit<?> limit, Allowed<?> allowed) {
        String key = key(limit.head());
        String step =
                allowed.most().map(bound -> PlainText.key(bound.toString())).orElse("none");
        String said = words.find(key + "." + step)
                .or(() -> words.find(key))
                .orElseGet(() -> limit.accept(new PlainLimit(words, allowed)));
        return said
                + limit.head().unless().stream()
                        .sorted()
                        .map(setUp -> words.find("unless." + setUp).map(except -> " " + except))
                        .flatMap(Optional::stream)
                        .collect(Collectors.joining());
    }

    /** How much pain is acceptable while training, 0 to 10. */
    public String pain(int most) {
        return most == 0 ? words.say("pain.none") : words.say("pain", most);
    }

    /**
     * The key under which a limit has words of its own. Ids of a part's rules begin with the part; the protocol's own are
     * told apart by the protocol.
     */
    public String key(RuleHead head) {
        return "rule." + (head.part().isEmpty() ? protocol + "." + head.id() : head.id());
    }

    /**
     * Who wants it so or what heals; where an answer is missing, that it is. Of a protocol that a clinic wrote itself nobody has
     * said what heals: then the clinic wants it so.
     */
    public Optional<String> why(RuleHead head, Provenance from) {
        if (from.authority() instanceof Authority.FromOrder) {
            return words.find("why.order");
        }
        if (from.authority() instanceof Authority.FromTherapist) {
            return words.find("why.therapist");
        }
        if (from.because().stream().anyMatch(because -> !because.certain())) {
            return words.find("why.unknown");
        }
        return heals(head).or(() -> words.find("why.clinic"));
    }

    /** What heals, in whose words; empty where nobody has written them. */
    public Optional<String> heals(RuleHead head) {
        String whose = head.part().isEmpty()
                ? protocol
                : head.id().substring(0, head.id().indexOf('.'));
        return words.find("why." + whose);
    }
}
