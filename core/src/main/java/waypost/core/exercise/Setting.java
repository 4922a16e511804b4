package waypost.core.exercise;

import java.util.HashSet;
import java.util.List;

/**
 * Something in the set-up of an exercise that is chosen: how high the step is, what the free hand holds on to.
 *
 * @param name such as "step height"
 * @param choices the easier first, 2 to 12 different ones
 * @param usual the choice where nobody chose
 */
public record Setting(String name, List<String> choices, String usual) {

    private static final int MOST = 12;

    public Setting {
        choices = List.copyOf(choices);
        if (choices.size() < 2 || choices.size() > MOST || new HashSet<>(choices).size() < choices.size()) {
            throw new IllegalArgumentException(
                    name + ": found " + choices + ", allowed: 2 to " + MOST + " different choices, the easier first");
        }
        if (!choices.contains(usual)) {
            throw new IllegalArgumentException(name + ": found '" + usual + "' as the usual one, allowed: " + choices);
        }
    }
}
