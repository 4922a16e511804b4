package waypost.benchmarks;

import java.io.IOException;
import java.net.http.HttpClient;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** A made-up course of eighteen months with 20,000 readings, put into the demo by its own forms. */
final class FullCourse {

    private static final int READINGS = 20_000;
    private static final int DAYS = 540;
    private static final int MORE = 25;
    private static final List<String> KINDS = List.of(
            "knee-flexion,passive",
            "knee-flexion,active",
            "pain-during,active",
            "pain-next-morning,active",
            "knee-effusion,active",
            "quadriceps-torque-90,active",
            "single-hop,active",
            "thigh-girth,active",
            "knee-girth,active");

    private final PageLoad pages;
    private final HttpClient client;
    private final String id = UUID.randomUUID().toString();
    private final LocalDate today = LocalDate.now();

    FullCourse(PageLoad pages, HttpClient client) throws IOException, InterruptedException {
        this.pages = pages;
        this.client = client;
        pages.post(client, "/courses", referral());
        pages.post(client, path() + "/readings/take", Map.of("text", readings()));
    }

    String path() {
        return "/courses/" + id;
    }

    private Map<String, String> referral() {
        Map<String, String> form = new HashMap<>(Map.of(
                "courseId", id,
                "patientName", "Full Course",
                "birthDate", "1990-06-15",
                "number", "FULL-" + id.substring(0, 8),
                "protocol", "knee.ligament-reconstruction",
                "operation", "knee ligament reconstruction",
                "side", "left",
                "sideAgain", "left",
                "dayZero", today.minusDays(DAYS).toString(),
                "surgeon", "Dr Halloway"));
        form.put("answer.ligament", "anterior");
        form.put("answer.graft", "donor");
        List.of("meniscus-repair", "cartilage-repair", "collateral-repair")
                .forEach(question -> form.put("answer." + question, "none"));
        return form;
    }

    private String readings() {
        Random random = new Random(1);
        StringBuilder file = new StringBuilder("measure,side,mode,value,on,strict\r\n");
        for (int i = 0; i < READINGS; i++) {
            String[] kind = KINDS.get(random.nextInt(KINDS.size())).split(",");
            file.append(kind[0])
                    .append(random.nextBoolean() ? ",left," : ",right,")
                    .append(kind[1])
                    .append(',')
                    .append(value(kind[0], random))
                    .append(',')
                    .append(today.minusDays(random.nextInt(DAYS)))
                    .append(random.nextInt(10) == 0 ? ",no" : ",yes")
                    .append("\r\n");
        }
        return file.toString();
    }

    private static int value(String measure, Random random) {
        return switch (measure) {
            case "pain-during", "pain-next-morning" -> random.nextInt(11);
            case "knee-effusion" -> random.nextInt(5);
            default -> 40 + random.nextInt(35);
        };
    }

    /** The median in milliseconds of opening the course after a reading was added, which makes its readings anew. */
    double afterAnotherReading() throws IOException, InterruptedException {
        List<Long> nanos = new ArrayList<>();
        for (int i = 0; i < MORE; i++) {
            pages.post(
                    client,
                    path() + "/readings",
                    Map.of(
                            "readingId", UUID.randomUUID().toString(),
                            "measure", "pain-during",
                            "said", "3",
                            "side", "LEFT",
                            "mode", "ACTIVE",
                            "measuredOn", today.toString(),
                            "strict", "true"));
            nanos.add(timed());
        }
        Collections.sort(nanos);
        return nanos.get(nanos.size() / 2) / 1e6;
    }

    private long timed() throws IOException, InterruptedException {
        long start = System.nanoTime();
        pages.get(client, path());
        return System.nanoTime() - start;
    }
}
