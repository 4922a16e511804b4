package waypost.app.bench;

import java.util.Locale;
import java.util.Map;

/** What was entered, by field. */
record Inputs(Map<String, String> entered) {

    Inputs {
        entered = Map.copyOf(entered);
    }

    String text(String name) {
        return entered.getOrDefault(name, "").strip();
    }

    double number(Calculator.Field field) {
        String typed = text(field.name());
        try {
            return Double.parseDouble(typed.replace(',', '.'));
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException(
                    field.label() + ": found '" + typed + "', allowed: a number", notANumber);
        }
    }

    int whole(Calculator.Field field) {
        double number = number(field);
        if (number != Math.rint(number)) {
            throw new IllegalArgumentException(
                    field.label() + ": found '" + text(field.name()) + "', allowed: a whole number");
        }
        return (int) number;
    }

    <E extends Enum<E>> E choice(Class<E> type, Calculator.Field field) {
        for (E constant : type.getEnumConstants()) {
            if (constant.name().equals(text(field.name()).toUpperCase(Locale.ROOT))) {
                return constant;
            }
        }
        throw new IllegalArgumentException(
                field.label() + ": found '" + text(field.name()) + "', allowed: one of the choices shown");
    }
}
