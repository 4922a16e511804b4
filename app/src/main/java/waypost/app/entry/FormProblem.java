package waypost.app.entry;

import java.util.LinkedHashMap;
import java.util.Map;

/** Something entered can't be taken; says at each field what was found and what is allowed. Nothing was written. */
public final class FormProblem extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final LinkedHashMap<String, String> byField;

    public FormProblem(Map<String, String> byField) {
        super(String.join(" ", byField.values()));
        this.byField = new LinkedHashMap<>(byField);
    }

    public FormProblem(String field, String message) {
        this(Map.of(field, message));
    }

    public Map<String, String> byField() {
        return Map.copyOf(byField);
    }
}
