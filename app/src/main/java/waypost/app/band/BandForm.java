package waypost.app.band;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;
import waypost.app.entry.FormProblem;

/** An order of bands or springs as it was typed: a name, lengths and pulls for each step, the lightest first. */
record BandForm(BandKind kind, MultiValueMap<String, String> entered) {

    static final int MOST = 12;
    private static final int LONGEST_NAME = 30;
    private static final int SHORTEST_CM = 5;
    private static final int LONGEST_CM = 500;
    private static final BigDecimal LEAST_KG = new BigDecimal("0.1");
    private static final BigDecimal MOST_KG = new BigDecimal("60");

    /** Reads everything, or says at each field what is wrong. Steps behind the last name are left out. */
    List<Band> read() {
        Map<String, String> problems = new LinkedHashMap<>();
        List<Band> bands = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        int last = lastNamed();
        if (last == 0) {
            problems.put("name1", "Found no name, allowed: at least one " + kind.one() + ", the lightest first.");
        }
        BigDecimal lighter = null;
        for (int step = 1; step <= last; step++) {
            String name = text("name", step);
            checkName(name, step, taken, problems);
            Optional<Integer> length = length("length", step, problems);
            Optional<Integer> home = length("home", step, problems);
            Pulls pulls = new Pulls(step, problems);
            BigDecimal half = pulls.read("half").orElse(null);
            BigDecimal pull = pulls.read("pull").orElse(null);
            BigDecimal triple = pulls.read("triple").orElse(null);
            checkHeavier(step, pull, lighter, problems);
            lighter = pull == null ? lighter : pull;
            bands.add(new Band(step, name, length.orElse(null), home.orElse(null), half, pull, triple));
        }
        if (!problems.isEmpty()) {
            throw new FormProblem(problems);
        }
        return bands;
    }

    private void checkName(String name, int step, Set<String> taken, Map<String, String> problems) {
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            problems.put(
                    "name" + step,
                    "Found " + name.length() + " characters, allowed: 1 to " + LONGEST_NAME + ". Leave no gap between "
                            + kind.place() + ".");
        } else if (!taken.add(name.toLowerCase(Locale.ROOT))) {
            problems.put(
                    "name" + step,
                    "Found '" + name + "' twice, allowed: a name of its own for each " + kind.one() + ".");
        }
    }

    private void checkHeavier(
            int step, @Nullable BigDecimal pull, @Nullable BigDecimal lighter, Map<String, String> problems) {
        if (pull != null && lighter != null && pull.compareTo(lighter) <= 0) {
            problems.putIfAbsent(
                    "pull" + step,
                    "Found " + pull.toPlainString() + " kg, allowed: more than the lighter " + kind.one() + "'s "
                            + lighter.toPlainString() + " kg.");
        }
    }

    private Optional<Integer> length(String field, int step, Map<String, String> problems) {
        String text = text(field, step);
        if (text.isEmpty() || !kind.fields().contains(field)) {
            return Optional.empty();
        }
        if (!text.matches("\\d{1,3}") || Integer.parseInt(text) < SHORTEST_CM || Integer.parseInt(text) > LONGEST_CM) {
            problems.put(
                    field + step,
                    "Found '" + text + "', allowed: " + SHORTEST_CM + " to " + LONGEST_CM + " cm, or nothing.");
            return Optional.empty();
        }
        return Optional.of(Integer.parseInt(text));
    }

    /** The pulls of one band, read from the least stretch to the most: more stretch never pulls less. */
    private final class Pulls {

        private final int step;
        private final Map<String, String> problems;
        private BigDecimal before = BigDecimal.ZERO;

        Pulls(int step, Map<String, String> problems) {
            this.step = step;
            this.problems = problems;
        }

        Optional<BigDecimal> read(String name) {
            String field = name + step;
            String text = text(name, step).replace(',', '.');
            if (text.isEmpty()) {
                return Optional.empty();
            }
            if (!text.matches("\\d{1,3}(\\.\\d{1,3})?")) {
                problems.put(field, "Found '" + text + "', allowed: a number of kilograms, or nothing.");
                return Optional.empty();
            }
            BigDecimal pull = new BigDecimal(text);
            if (pull.scale() > 1 || pull.compareTo(LEAST_KG) < 0 || pull.compareTo(MOST_KG) > 0) {
                problems.put(field, "Found " + text + " kg, allowed: 0.1 to 60 kg, one decimal.");
            } else if (pull.compareTo(before) < 0) {
                problems.put(
                        field,
                        "Found " + text + " kg, allowed: no less than the " + before.toPlainString()
                                + " kg at less stretch.");
            }
            before = pull.max(before);
            return Optional.of(pull);
        }
    }

    private int lastNamed() {
        for (int step = MOST; step >= 1; step--) {
            if (isSaid(step)) {
                return step;
            }
        }
        return 0;
    }

    private boolean isSaid(int step) {
        return !text("name", step).isEmpty()
                || kind.fields().stream().anyMatch(field -> !text(field, step).isEmpty());
    }

    private String text(String field, int step) {
        return Optional.ofNullable(entered.getFirst(field + step)).orElse("").strip();
    }
}
