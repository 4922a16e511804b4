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

/** An order of bands as it was typed: a name and a pull for each step, the lightest first. */
record BandForm(MultiValueMap<String, String> entered) {

    static final int MOST = 12;
    private static final int LONGEST_NAME = 30;
    private static final BigDecimal LEAST_KG = new BigDecimal("0.1");
    private static final BigDecimal MOST_KG = new BigDecimal("60");

    /** Reads everything, or says at each field what is wrong. Steps behind the last name are left out. */
    List<Band> read() {
        Map<String, String> problems = new LinkedHashMap<>();
        List<Band> bands = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        int last = lastNamed();
        if (last == 0) {
            problems.put("name1", "Found no name, allowed: at least one band, the lightest first.");
        }
        BigDecimal lighter = null;
        for (int step = 1; step <= last; step++) {
            String name = text("name", step);
            if (name.isEmpty() || name.length() > LONGEST_NAME) {
                problems.put(
                        "name" + step,
                        "Found " + name.length() + " characters, allowed: 1 to " + LONGEST_NAME
                                + ". Leave no gap between bands.");
            } else if (!taken.add(name.toLowerCase(Locale.ROOT))) {
                problems.put("name" + step, "Found '" + name + "' twice, allowed: a name of its own for each band.");
            }
            BigDecimal pull = pull(step, lighter, problems).orElse(null);
            lighter = pull == null ? lighter : pull;
            bands.add(new Band(step, name, pull));
        }
        if (!problems.isEmpty()) {
            throw new FormProblem(problems);
        }
        return bands;
    }

    private Optional<BigDecimal> pull(int step, @Nullable BigDecimal lighter, Map<String, String> problems) {
        String text = text("pull", step).replace(',', '.');
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            BigDecimal pull = new BigDecimal(text);
            if (pull.scale() > 1 || pull.compareTo(LEAST_KG) < 0 || pull.compareTo(MOST_KG) > 0) {
                problems.put("pull" + step, "Found " + text + " kg, allowed: 0.1 to 60 kg, one decimal.");
            } else if (lighter != null && pull.compareTo(lighter) <= 0) {
                problems.put(
                        "pull" + step,
                        "Found " + text + " kg, allowed: more than the lighter band's " + lighter.toPlainString()
                                + " kg.");
            }
            return Optional.of(pull);
        } catch (NumberFormatException unreadable) {
            problems.put("pull" + step, "Found '" + text + "', allowed: a number of kilograms, or nothing.");
            return Optional.empty();
        }
    }

    private int lastNamed() {
        for (int step = MOST; step >= 1; step--) {
            if (!text("name", step).isEmpty() || !text("pull", step).isEmpty()) {
                return step;
            }
        }
        return 0;
    }

    private String text(String field, int step) {
        return Optional.ofNullable(entered.getFirst(field + step)).orElse("").strip();
    }
}
