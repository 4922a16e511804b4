package waypost.app.testing;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/** A referral's form, filled in and ready to be bent. */
public final class Referring {

    private Referring() {}

    /** A referral of an invented patient whose surgery was {@code daysAgo} before the tests' today. */
    public static Map<String, String> form(String patient, String number, int daysAgo) {
        Map<String, String> form = new HashMap<>(Map.of(
                "courseId", UUID.randomUUID().toString(),
                "patientName", patient,
                "birthDate", "1990-06-15",
                "number", number,
                "protocol", "knee.ligament-reconstruction",
                "operation", "knee ligament reconstruction",
                "side", "left",
                "sideAgain", "left",
                "dayZero", RunningWaypost.TODAY.minusDays(daysAgo).toString(),
                "surgeon", "Dr Halloway"));
        form.put("answer.ligament", "anterior");
        form.put("answer.graft", "donor");
        form.put("answer.meniscus-repair", "none");
        form.put("answer.cartilage-repair", "none");
        form.put("answer.collateral-repair", "none");
        return form;
    }
}
