package waypost.app.course;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.util.MultiValueMap;
import waypost.app.usual.Usual;

/**
 * A referral's form, filled with what its surgeon usually says. What was filled goes along in a field of its own, question and
 * value, so that it is told from what somebody chose.
 */
final class UsualFilled {

    private static final String FIELD = "filled";
    private static final String IS = "=";

    private UsualFilled() {}

    /** Fills what is not said yet; what was filled before, for another surgeon or protocol, is taken back first. */
    static void fill(MultiValueMap<String, String> entered, Usual usual) {
        standing(entered).forEach(question -> entered.remove(ReferralForm.ANSWER + question));
        entered.remove(FIELD);
        usual.answers().forEach((question, value) -> {
            if (said(entered, question).isEmpty()) {
                entered.set(ReferralForm.ANSWER + question, value);
                entered.add(FIELD, question + IS + value);
            }
        });
    }

    /** The questions whose answers stand as they were filled. */
    static Set<String> standing(MultiValueMap<String, String> entered) {
        return Objects.requireNonNullElse(entered.get(FIELD), List.<String>of()).stream()
                .filter(each -> each.contains(IS))
                .filter(each -> said(entered, each.substring(0, each.indexOf(IS)))
                        .equals(List.of(each.substring(each.indexOf(IS) + 1))))
                .map(each -> each.substring(0, each.indexOf(IS)))
                .collect(Collectors.toSet());
    }

    private static List<String> said(MultiValueMap<String, String> entered, String question) {
        return Objects.requireNonNullElse(entered.get(ReferralForm.ANSWER + question), List.<String>of()).stream()
                .filter(value -> !value.isEmpty())
                .toList();
    }
}
