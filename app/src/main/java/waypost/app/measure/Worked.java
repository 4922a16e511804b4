package waypost.app.measure;

import java.util.List;
import waypost.core.measure.Amount;
import waypost.core.measure.Plain;

/**
 * A value and what it was worked out from.
 *
 * @param working in words; empty when the value was read off
 * @param remarks what to look at, such as trials that lie apart
 */
record Worked(Amount amount, String working, List<String> remarks) {

    Worked {
        remarks = List.copyOf(remarks);
    }

    /** The value as it is read out. */
    String said() {
        return Plain.number(amount.value()) + amount.unit().suffix();
    }

    static Worked readOff(Amount amount) {
        return new Worked(amount, "", List.of());
    }
}
