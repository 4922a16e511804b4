package waypost.core.home;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What a patient said of one time at home, as far as somebody may have to look at it.
 *
 * @param role activity/role; blank for a sign to ring for
 * @param pain 0 to 10
 * @param flag id of a sign to ring for that was answered with yes; blank otherwise
 */
public record SaidAtHome(String role, LocalDate on, boolean tooMuch, OptionalInt pain, String flag) {

    /** So many days running, each with more pain than the rule lets, are a matter of their own (common practice, no source). */
    private static final int BAD_DAYS = 3;

    /** What of it somebody has to look at; the gravest first. */
    public Optional<Worry> worry(int painMost) {
        if (!flag.isBlank()) {
            return Optional.of(new Worry.Sign(flag));
        }
        if (tooMuch) {
            return Optional.of(new Worry.TooMuch());
        }
        return isOver(painMost) ? Optional.of(new Worry.MorePain(pain.getAsInt(), painMost)) : Optional.empty();
    }

    private boolean isOver(int painMost) {
        return pain.isPresent() && pain.getAsInt() > painMost;
    }

    /** Whether an exercise was too much: it waits until the therapist writes another program. */
    public static boolean waits(List<SaidAtHome> said, String role) {
        return said.stream().anyMatch(each -> each.tooMuch() && each.role().equals(role));
    }

    /** Whether each of the last three days of which anything was said had more pain than the rule lets. */
    public static Optional<Worry> badDays(List<SaidAtHome> said, int painMost) {
        TreeMap<LocalDate, Boolean> over = said.stream()
                .filter(each -> each.pain().isPresent())
                .collect(Collectors.toMap(
                        SaidAtHome::on, each -> each.isOver(painMost), Boolean::logicalOr, TreeMap::new));
        long running =
                over.descendingMap().values().stream().takeWhile(bad -> bad).count();
        return running >= BAD_DAYS ? Optional.of(new Worry.BadDays((int) running)) : Optional.empty();
    }
}
