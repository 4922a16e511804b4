package waypost.core.exercise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The ways in which an exercise can be set up, and how it is done in each.
 *
 * @param settings the one along which it gets harder first
 * @param ways all of them, the easier first
 */
public record Arrangements(List<Setting> settings, Map<Arrangement, Arranged> ways) {

    /** Of an exercise that is set up in one way only. */
    public static final Arrangements NONE = new Arrangements(List.of(), Map.of());

    /** More than these nobody looks through. */
    public static final int MOST = 24;

    public Arrangements {
        settings = List.copyOf(settings);
        ways = Collections.unmodifiableMap(new LinkedHashMap<>(ways));
        if (ways.size() > MOST) {
            throw new IllegalArgumentException(
                    "settings: found " + ways.size() + " ways to set it up, allowed: at most " + MOST);
        }
    }

    /** Every combination of choices, the first setting's choices changing last. */
    public static List<Arrangement> of(List<Setting> settings) {
        List<Arrangement> all = List.of(Arrangement.UNSAID);
        for (Setting setting : settings) {
            List<Arrangement> longer = new ArrayList<>();
            for (Arrangement so : all) {
                setting.choices().forEach(choice -> longer.add(so.with(setting.name(), choice)));
            }
            all = longer;
        }
        return settings.isEmpty() ? List.of() : all;
    }

    /** As nobody chose otherwise. */
    public Arrangement usual() {
        return complete(Arrangement.UNSAID);
    }

    /** What is chosen where that can be chosen, and what is usual for the rest. */
    public Arrangement complete(Arrangement chosen) {
        Arrangement all = Arrangement.UNSAID;
        for (Setting setting : settings) {
            String choice = chosen.choice(setting.name())
                    .filter(setting.choices()::contains)
                    .orElse(setting.usual());
            all = all.with(setting.name(), choice);
        }
        return all;
    }

    /**
     * Refuses what can't be chosen.
     *
     * @throws IllegalArgumentException that says what can
     */
    public void check(Arrangement chosen) {
        for (Map.Entry<String, String> each : chosen.chosen().entrySet()) {
            boolean known = settings.stream()
                    .anyMatch(setting -> setting.name().equals(each.getKey())
                            && setting.choices().contains(each.getValue()));
            if (!known) {
                throw new IllegalArgumentException("set-up: found '" + each.getKey() + ": " + each.getValue()
                        + "', allowed: "
                        + (settings.isEmpty()
                                ? "none, this exercise is set up in one way"
                                : settings.stream()
                                        .map(setting -> setting.name() + ": " + String.join(", ", setting.choices()))
                                        .collect(Collectors.joining("; "))));
            }
        }
    }

    /** How it is done in an arrangement; empty where there is nothing to be chosen. */
    public Optional<Arranged> in(Arrangement chosen) {
        return Optional.ofNullable(ways.get(complete(chosen)));
    }

    /** Whether any setting is further along in one than in the other. */
    public boolean isHarder(Arrangement one, Arrangement other) {
        Arrangement whole = complete(one);
        Arrangement than = complete(other);
        return settings.stream().anyMatch(setting -> place(setting, whole) > place(setting, than));
    }

    private static int place(Setting setting, Arrangement whole) {
        return setting.choices().indexOf(whole.choice(setting.name()).orElseThrow());
    }

    /** One choice further along the first setting. */
    public Optional<Arrangement> harder(Arrangement now) {
        return beside(now, 1);
    }

    /** One choice back along the first setting. */
    public Optional<Arrangement> easier(Arrangement now) {
        return beside(now, -1);
    }

    private Optional<Arrangement> beside(Arrangement now, int by) {
        if (settings.isEmpty()) {
            return Optional.empty();
        }
        Setting first = settings.get(0);
        Arrangement whole = complete(now);
        int at = place(first, whole) + by;
        return at < 0 || at >= first.choices().size()
                ? Optional.empty()
                : Optional.of(whole.with(first.name(), first.choices().get(at)));
    }
}
