package waypost.app.order;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.store.LoadedCourse;
import waypost.app.store.OrderRow;
import waypost.library.words.Dates;

/**
 * An order as it was typed.
 *
 * @param what kind and subject, such as {@code LIMIT:bend} or {@code OPENS:long-arc/operated}; blank for no order
 * @param allow for a limit what it allows, as a protocol file writes it: "0 to 90", "50 %", "none", "free"
 * @param lastDay blank for the rest of the course
 * @param came letter for a signed one, phone for one read back
 */
public record OrderForm(
        @Nullable String orderId,
        @Nullable String what,
        @Nullable String allow,
        @Nullable String words,
        @Nullable String surgeon,
        @Nullable String from,
        @Nullable String lastDay,
        @Nullable String came) {

    private static final String TRIED = "tried, not given";
    private static final int FEWEST_LETTERS = 3;

    /** Whether an order is asked for at all. */
    public boolean isPresent() {
        return what != null && !what.isBlank();
    }

    /** The order as a trial: words are not needed. */
    public OrderRow tried(LoadedCourse course, Staff staff, LocalDate today) {
        return row(course, staff, today, UUID.randomUUID(), TRIED);
    }

    /** The order as it is put on record. */
    OrderRow given(LoadedCourse course, Staff staff, LocalDate today) {
        String said = text(words);
        if (said.length() < FEWEST_LETTERS) {
            throw new FormProblem("words", "Write the order down as the surgeon said it.");
        }
        return row(course, staff, today, Entered.id("orderId", text(orderId)), said);
    }

    private OrderRow row(LoadedCourse course, Staff staff, LocalDate today, UUID id, String said) {
        List<String> parts = List.of(text(what).split(":", 2));
        if (parts.size() != 2) {
            throw new FormProblem("what", "Choose what the order is about.");
        }
        LocalDate begins = text(from).isEmpty() ? today : Entered.date("from", text(from));
        LocalDate last = text(lastDay).isEmpty() ? null : Entered.date("lastDay", text(lastDay));
        if (last != null && last.isBefore(begins)) {
            throw new FormProblem(
                    "lastDay",
                    "Found " + Dates.say(last) + ", which is before its first day; allowed: " + Dates.say(begins)
                            + " or later.");
        }
        OrderRow row = new OrderRow(
                id,
                course.row().id(),
                said,
                text(surgeon).isEmpty() ? course.row().surgeon() : text(surgeon),
                Entered.choice(OrderRow.Kind.class, "what", parts.get(0)),
                parts.get(1),
                text(allow),
                today,
                begins,
                last,
                "phone".equals(came) ? null : today,
                staff.name());
        return checked(row, course);
    }

    /** Refuses what its protocol does not have. */
    private static OrderRow checked(OrderRow row, LoadedCourse course) {
        try {
            row.order(course.protocol());
        } catch (IllegalArgumentException unreadable) {
            throw new FormProblem(
                    row.kind() == OrderRow.Kind.LIMIT ? "allow" : "what", String.valueOf(unreadable.getMessage()));
        }
        boolean known = switch (row.kind()) {
            case OPENS ->
                course.bundle().activities().stream()
                        .flatMap(activity -> activity.roles().stream())
                        .anyMatch(role -> role.key().toString().equals(row.subject()));
            case LIMIT -> true;
            case ENDS ->
                course.protocol().duties().stream()
                        .anyMatch(duty -> duty.head().id().equals(row.subject()));
            case BARS -> course.bundle().findActivity(row.subject()).isPresent();
        };
        if (!known) {
            throw new FormProblem("what", "Found '" + row.subject() + "', allowed: one of the choices shown.");
        }
        return row;
    }

    private static String text(@Nullable String value) {
        return Objects.requireNonNullElse(value, "").strip();
    }
}
