package waypost.core.safety;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a patient says on coming in.
 *
 * @param painNow 0 to 10: the day's baseline, to which pain in exercise is compared
 * @param painAfter after the last visit, 0 to 10
 * @param painNextMorning the morning after it, 0 to 10
 * @param flags ids of the red flags that were answered with yes
 */
public record CheckIn(
        int painNow,
        Optional<Integer> painAfter,
        Optional<Integer> painNextMorning,
        Swelling swelling,
        Set<String> flags) {

    /** Swelling against the last visit. */
    public enum Swelling {
        NONE,
        AS_BEFORE,
        MORE
    }

    public CheckIn {
        flags = Set.copyOf(flags);
        check("pain now", painNow);
        painAfter.ifPresent(pain -> check("pain after last time", pain));
        painNextMorning.ifPresent(pain -> check("pain the morning after", pain));
    }

    /** What several check-ins of one day say together: all as said last, and every flag that was raised in the day. */
    public static Optional<CheckIn> ofOneDay(List<CheckIn> said) {
        Set<String> raised = said.stream().flatMap(one -> one.flags().stream()).collect(Collectors.toUnmodifiableSet());
        return said.stream()
                .reduce((earlier, later) -> later)
                .map(last -> new CheckIn(last.painNow, last.painAfter, last.painNextMorning, last.swelling, raised));
    }

    private static void check(String what, int pain) {
        if (pain < 0 || pain > 10) {
            throw new IllegalArgumentException(what + ": found " + pain + ", allowed: 0 to 10");
        }
    }

    /** The flags that were raised of those asked, the gravest first. */
    public List<RedFlag> raised(List<RedFlag> asked) {
        return asked.stream()
                .filter(flag -> flags.contains(flag.id()))
                .sorted(Comparator.comparing(RedFlag::tier))
                .toList();
    }

    /** The gravest tier that was raised; more swelling than last time alone holds progress. */
    public Optional<Tier> gravest(List<RedFlag> asked) {
        Optional<Tier> raised = raised(asked).stream().map(RedFlag::tier).findFirst();
        return raised.isPresent() || swelling != Swelling.MORE ? raised : Optional.of(Tier.HOLD_PROGRESS);
    }
}
