package waypost.app.demo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.library.simulated.Healing;

/**
 * An invented patient.
 *
 * @param day how many days since surgery on the demo's today; negative before it
 * @param answers as an operation note would state them; a question that is missing was not stated
 * @param readings lines of "day own|other measure value"; days after today are left out
 * @param advances days on which a phase was signed
 * @param hold why treatment is on hold, if it is
 * @param at time of today's visit
 */
record DemoPerson(
        String name,
        String birthDate,
        String number,
        String side,
        Operation operation,
        int day,
        Map<String, String> answers,
        String readings,
        List<Integer> advances,
        Optional<String> hold,
        String at) {

    /** What was done, and the motion that the demo's ranges are about. */
    enum Operation {
        KNEE("knee.ligament-reconstruction", "knee ligament reconstruction", "KNEE_FLEXION"),
        CUFF("shoulder.cuff-repair", "rotator cuff repair", "SHOULDER_FLEXION"),
        HIP("hip.replacement", "total hip replacement", "HIP_FLEXION"),
        FINGER("hand.flexor-tendon-zone-2", "flexor tendon repair, ring finger", "PIP_FLEXION"),
        MENISCUS("knee.meniscus-repair", "meniscus repair", "KNEE_FLEXION"),
        DISLOCATION("shoulder.dislocation", "first-time shoulder dislocation", "SHOULDER_FLEXION"),
        ACHILLES("ankle.achilles-repair", "Achilles tendon repair", "ANKLE_DORSIFLEXION"),
        HAMSTRING("muscle.hamstring-strain", "hamstring strain", "HIP_FLEXION"),
        BEFORE("hip-or-knee.before-replacement", "knee replacement, planned", "KNEE_FLEXION");

        final String protocol;
        final String title;
        final String motion;

        Operation(String protocol, String title, String motion) {
            this.protocol = protocol;
            this.title = title;
            this.motion = motion;
        }
    }

    static final Map<String, String> PLAIN = anterior("graft=hamstring meniscus-repair=none");

    /** Normal healing, as this demo imagines it. */
    static final String STEADY = """
            -6 other range 3-0-142
            -6 own range 3-0-138
            3 own range 0-8-70
            3 own knee-effusion 2+
            7 own range 0-3-88
            10 own range 0-0-95
            10 own knee-effusion 1+
            13 own range 0-0-99
            13 own knee-effusion trace
            13 own pain-next-morning 2
            21 own range 1-0-112
            21 own extension-lag 5
            28 own range 2-0-118
            28 own gait-clean not seen
            35 own range 3-0-124
            35 own extension-lag 0
            40 own range 3-0-128
            40 own extension-lag 0
            40 own knee-effusion trace
            40 own gait-clean seen
            40 own pain-next-morning 1
            49 own range 3-0-131
            49 own knee-effusion trace
            49 own pain-next-morning 1
            58 own range 3-0-134
            58 own pain-next-morning 1
            71 own range 3-0-137
            71 own quadriceps-torque-90 128
            71 other quadriceps-torque-90 180
            80 own range 3-0-138
            80 own quadriceps-torque-90 149
            80 other quadriceps-torque-90 181
            80 own knee-effusion zero
            80 own step-down-clean seen
            80 own pain-next-morning 1
            93 own range 3-0-139
            93 own knee-effusion zero
            93 own step-down-clean seen
            118 own quadriceps-torque-90 160
            118 other quadriceps-torque-90 184
            132 own range 3-0-140
            132 own single-hop 128
            132 other single-hop 149
            136 own range 3-0-140
            136 own quadriceps-torque-90 166
            136 other quadriceps-torque-90 184
            136 own knee-effusion zero
            136 own pain-next-morning 0
            262 own range 3-0-141
            268 own range 3-0-141
            268 own quadriceps-torque-90 178
            268 other quadriceps-torque-90 186
            268 own single-hop 146
            268 other single-hop 151
            268 own knee-effusion zero
            296 own range 3-0-141
            """;

    /** Stiff: extension and bend stay behind. */
    static final String STIFF = """
            -4 other range 2-0-140
            4 own range 0-12-60
            9 own range 0-10-72
            14 own range 0-9-78
            21 own range 0-8-82
            26 own range 0-8-83
            31 own range 0-8-84
            31 own knee-effusion 1+
            31 own pain-next-morning 3
            """;

    /** How this person heals in the demo's history. */
    Healing healing() {
        return readings.equals(STIFF) ? Healing.STIFF : hold.isPresent() ? Healing.FLARING : Healing.NORMAL;
    }

    static List<DemoPerson> all() {
        return Stream.of(ligaments(), others(), late()).flatMap(List::stream).toList();
    }

    /** An anterior ligament with neither cartilage nor a side ligament repaired, and what else is answered. */
    private static Map<String, String> anterior(String more) {
        return answers("ligament=anterior cartilage-repair=none collateral-repair=none " + more);
    }

    /** Answers written "question=value question=value"; a later one of the same question counts. */
    private static Map<String, String> answers(String written) {
        Map<String, String> answers = new HashMap<>();
        for (String answer : written.split(" ")) {
            String[] parts = answer.split("=", 2);
            answers.put(parts[0], parts[1]);
        }
        return Map.copyOf(answers);
    }

    private static List<DemoPerson> ligaments() {
        return List.of(
                person("Ottoline Brandreth", "1996-05-06", "4117", "right", 52, "08:30", List.of(14, 42))
                        .with(anterior(
                                "graft=quadriceps-tendon meniscus-repair=vertical open-chain=early rear-leg=early")),
                person("Caspar Idemudia", "1989-11-23", "4201", "left", 11, "09:00", List.of()),
                person("Winifred Achterberg", "1978-02-14", "3986", "right", 97, "09:30", List.of(14, 42, 84))
                        .with(anterior("graft=patellar-tendon meniscus-repair=none run-start=week-14")),
                person("Teodor Lindqvist-Roe", "2001-08-30", "4188", "left", 24, "10:00", List.of(14))
                        .with(anterior("graft=hamstring")),
                person("Marguerite Osei", "1984-07-19", "4163", "right", 33, "10:45", List.of())
                        .reading(STIFF),
                person("Jorunn Pettifer", "1992-01-09", "4096", "left", 60, "11:15", List.of(14, 42))
                        .onHold("flare after a long day on the hives, effusion 2+ on Monday"),
                person("Ambrose Vail", "1973-12-02", "4192", "right", 18, "11:45", List.of(14))
                        .onHold("red flag: calf swollen and warm since Sunday, sent for same-day assessment"),
                person("Isaura Bonnet", "1999-03-27", "4129", "left", 42, "13:00", List.of(14)),
                person("Leopold Quarrie", "1987-10-11", "3702", "right", 300, "13:45", List.of(14, 42, 84, 140)),
                person("Priyanka Fell", "1981-04-16", "4215", "right", -12, "14:30", List.of()));
    }

    private static List<DemoPerson> others() {
        return List.of(
                person("Barnabas Oakhanger", "1966-09-08", "4170", "right", 12, "15:00", List.of())
                        .after(Operation.CUFF)
                        .with(Map.of("tear-size", "medium", "tendon", "supraspinatus", "biceps", "tenodesis"))
                        .reading("7 own shoulder-flexion 55\n7 own wound-closed seen\n10 own pain-next-morning 3\n"),
                person("Henrike Solborg", "1952-03-30", "4209", "left", 9, "15:30", List.of())
                        .after(Operation.HIP)
                        .with(answers("weight=as-tolerated block=none operation=first side-muscles=none bone=none"))
                        .reading("-14 other hip-flexion 112\n6 own hip-flexion 72\n8 own pain-next-morning 4\n"),
                person("Silvan Teague", "1994-12-17", "4198", "right", 20, "16:00", List.of())
                        .after(Operation.FINGER)
                        .with(answers("nerve=whole school=early-active digit=finger strands=four pulley=none"))
                        .reading("6 other pip-extension 0\n6 own pip-extension -15\n13 own pip-extension -10\n"
                                + "13 own wound-closed seen\n19 own pip-extension -10\n"));
    }

    private static List<DemoPerson> late() {
        return List.of(
                person("Dagny Pereira", "1997-06-21", "4203", "left", 30, "16:20", List.of())
                        .after(Operation.MENISCUS)
                        .with(Map.of("early-weight", "restricted"))
                        .reading(
                                "-3 other range 3-0-140\n12 own range 0-4-78\n26 own range 0-0-90\n26 own knee-effusion 1+\n"),
                person("Rosalind Quayle", "2004-10-02", "4211", "right", 16, "16:40", List.of())
                        .after(Operation.DISLOCATION)
                        .with(Map.of("bone", "none"))
                        .reading("12 own pain-next-morning 3\n"),
                person("Linnea Farouk", "1985-12-28", "4177", "left", 45, "17:00", List.of())
                        .after(Operation.ACHILLES)
                        .with(Map.of("school", "early", "repair", "first"))
                        .reading("38 own wound-closed seen\n43 own pain-next-morning 1\n"),
                person("Emeric Vantongeren", "2002-02-09", "4217", "right", 9, "17:20", List.of())
                        .after(Operation.HAMSTRING)
                        .with(Map.of("pain-school", "threshold", "tendon", "whole"))
                        .reading("8 own pain-during 3\n"),
                person("Hollis Bramwell", "1958-08-17", "4218", "right", -35, "17:40", List.of())
                        .after(Operation.BEFORE)
                        .with(Map.of("joint", "knee", "irritable", "no")));
    }

    /** Second courses of people who have one already. */
    static List<DemoPerson> seconds() {
        return List.of(person("Henrike Solborg", "1952-03-30", "4209", "right", 66, "15:30", List.of())
                .after(Operation.CUFF)
                .with(Map.of("tear-size", "small", "tendon", "supraspinatus", "biceps", "untouched")));
    }

    private static DemoPerson person(
            String name, String birth, String number, String side, int day, String at, List<Integer> advances) {
        return new DemoPerson(
                name, birth, number, side, Operation.KNEE, day, PLAIN, STEADY, advances, Optional.empty(), at);
    }

    private DemoPerson with(Map<String, String> other) {
        return new DemoPerson(name, birthDate, number, side, operation, day, other, readings, advances, hold, at);
    }

    private DemoPerson after(Operation other) {
        return new DemoPerson(name, birthDate, number, side, other, day, Map.of(), "", advances, hold, at);
    }

    private DemoPerson reading(String other) {
        return new DemoPerson(name, birthDate, number, side, operation, day, answers, other, advances, hold, at);
    }

    private DemoPerson onHold(String why) {
        return new DemoPerson(
                name, birthDate, number, side, operation, day, answers, readings, advances, Optional.of(why), at);
    }
}
