package waypost.app.work;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.log.SetDone;

/**
 * A set as a device sends it, at once or days later.
 *
 * @param inPlaceOf the role of the plan for which it stands in, where the rule led to another rung
 * @param setUp "step height: 15 cm", one for each setting
 * @param device a name that the device gave itself
 * @param deviceNth the device's own count
 * @param doneAt the device's moment
 */
public record SetForm(
        @Nullable String entryId,
        @Nullable String role,
        @Nullable String inPlaceOf,
        @Nullable String amount,
        @Nullable String load,
        @Nullable String unit,
        @Nullable List<String> setUp,
        @Nullable String pain,
        @Nullable String form,
        @Nullable String effort,
        @Nullable List<String> fault,
        @Nullable String asked,
        @Nullable String device,
        @Nullable String deviceNth,
        @Nullable String doneAt) {

    private static final Duration OLDEST = Duration.ofDays(7);
    private static final Duration AHEAD = Duration.ofMinutes(5);
    private static final int LONGEST_DEVICE = 64;
    private static final int LONGEST_TEXT = 300;

    UUID readId() {
        return Entered.id("entryId", text(entryId));
    }

    RoleKey readRole() {
        return role(text(role));
    }

    /** A role as a form carries it, activity/role. */
    static RoleKey role(String text) {
        return Entered.role(text, "This form is damaged. Open the page again; what was done is still here.");
    }

    Optional<RoleKey> readInPlaceOf() {
        String planned = text(inPlaceOf);
        return planned.isEmpty() || planned.equals(text(role)) ? Optional.empty() : Optional.of(role(planned));
    }

    int readAmount() {
        return Entered.whole("amount", text(amount), 2000)
                .orElseThrow(() -> new FormProblem("amount", "Say how much was done: a whole number from 0 to 2000."));
    }

    int readPain() {
        return Entered.whole("pain", text(pain), 10)
                .orElseThrow(() -> new FormProblem("pain", "Tap the pain in this set first: 0 to 10."));
    }

    Optional<Integer> readEffort() {
        return Entered.whole("effort", text(effort), 10);
    }

    SetDone.Form readForm() {
        return text(form).isEmpty() ? SetDone.Form.GOOD : Entered.choice(SetDone.Form.class, "form", text(form));
    }

    Optional<Load> readLoad() {
        String typed = text(load).replace(',', '.');
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    new Load(new BigDecimal(typed).doubleValue(), Entered.choice(LoadUnit.class, "unit", text(unit))));
        } catch (NumberFormatException unreadable) {
            throw new FormProblem("load", "Found '" + typed + "', allowed: a number such as 2.5.");
        } catch (IllegalArgumentException beyond) {
            throw new FormProblem("load", "Found '" + typed + "'. " + beyond.getMessage() + ".");
        }
    }

    /** What was chosen of what the exercise leaves to be chosen. */
    Arrangement readSetUp(Activity exercise) {
        try {
            Arrangement said = Arrangement.parse(setUp == null ? "" : String.join("; ", setUp));
            exercise.setUps().check(said);
            return said;
        } catch (IllegalArgumentException unknown) {
            throw new FormProblem("setUp", unknown.getMessage() + ".");
        }
    }

    String readFaults() {
        return cut(fault == null ? "" : String.join("; ", fault));
    }

    String readAsked() {
        return cut(text(asked));
    }

    String readDevice() {
        String name = text(device);
        return name.length() <= LONGEST_DEVICE ? name : name.substring(0, LONGEST_DEVICE);
    }

    int readDeviceNth() {
        return Entered.whole("deviceNth", text(deviceNth), Integer.MAX_VALUE).orElse(0);
    }

    /** The device's moment, where it can be true: within the last seven days and not ahead of the clinic's clock. */
    Instant readDoneAt(Instant now) {
        try {
            Instant said = text(doneAt).isEmpty() ? now : Instant.parse(text(doneAt));
            boolean possible = !said.isBefore(now.minus(OLDEST)) && !said.isAfter(now.plus(AHEAD));
            return possible ? said : now;
        } catch (DateTimeParseException unreadable) {
            return now;
        }
    }

    private static String cut(String text) {
        return text.length() <= LONGEST_TEXT ? text : text.substring(0, LONGEST_TEXT);
    }

    static String text(@Nullable String entered) {
        return entered == null ? "" : entered.strip();
    }
}
