package waypost.app.range;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.followup.StrictRange.Compensation;
import waypost.core.followup.StrictTaken;

/**
 * Three values of one side as they were typed, and the other side's without help.
 *
 * @param entryId which makes sending twice writing once
 */
public record RangeForm(
        @Nullable String entryId,
        @Nullable String passive,
        @Nullable String active,
        @Nullable String strict,
        @Nullable String otherStrict,
        @Nullable List<String> helped) {

    static RangeForm blank() {
        return new RangeForm(UUID.randomUUID().toString(), "", "", "", "", List.of());
    }

    UUID id() {
        return Entered.id("entryId", Entered.text(entryId));
    }

    StrictTaken taken() {
        return new StrictTaken(
                number("passive", passive), number("active", active), number("strict", strict), compensations());
    }

    OptionalDouble other() {
        return number("otherStrict", otherStrict);
    }

    private static OptionalDouble number(String field, @Nullable String typed) {
        String text = Entered.text(typed).strip();
        OptionalDouble number = Entered.decimal(text);
        if (!text.isEmpty() && number.isEmpty()) {
            throw new FormProblem(field, "Found '" + text + "', allowed: a number such as 120, or nothing.");
        }
        return number;
    }

    private Set<Compensation> compensations() {
        return (helped == null ? List.<String>of() : helped)
                .stream()
                        .map(each -> Entered.choice(Compensation.class, "helped", each))
                        .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether a box is ticked. */
    public boolean ticked(String compensation) {
        return helped != null && helped.contains(compensation);
    }

    /** What can be ticked. */
    static List<Compensation> choices() {
        return Arrays.asList(Compensation.values());
    }
}
