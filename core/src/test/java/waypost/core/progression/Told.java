package waypost.core.progression;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import waypost.core.demand.Load;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.log.Bout;
import waypost.core.log.Response;
import waypost.core.log.Response.Soreness;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.prescription.WorkingDose;

/**
 * What was done, as it is told: "0: 8 8 8 @5 kg | 2: 10 9 8 @5 kg p3 lost | 4: ... am5 swollen gone". The first number is
 * the day; p is pain in the sets, after and am are pain later, with a baseline of 0.
 */
public final class Told {

    static final LocalDate START = LocalDate.of(2031, 3, 3);
    static final RoleKey ROLE = new RoleKey("leg-press", "operated");

    private static final Map<String, SetDone.Form> FORMS =
            Map.of("helped", SetDone.Form.COMPENSATED, "lost", SetDone.Form.LOST);
    private static final Map<String, Soreness> SORENESS = Map.of(
            "gone", Soreness.WARM_UP_THEN_GONE,
            "stayed", Soreness.WARM_UP_AND_STAYED,
            "back", Soreness.WENT_AND_CAME_BACK,
            "day-after", Soreness.DAY_AFTER);

    private Told() {}

    static Task task(String usual, String told, int today, int painMost) {
        List<Bout> bouts = bouts(told, ROLE, START);
        return new Task(dose(usual), bouts, new PainLimit(painMost, PainLimit.From.PROTOCOL), START.plusDays(today));
    }

    private static List<Bout> bouts(String told, RoleKey role, LocalDate start) {
        return Arrays.stream(told.split("\\|"))
                .map(String::strip)
                .map(text -> bout(text, role, start))
                .toList();
    }

    /** What was done of a role, with its first day; an empty text tells of nothing. */
    static WorkLog work(String told, RoleKey role, LocalDate start) {
        List<Bout> bouts = told.isBlank() ? List.of() : bouts(told, role, start);
        return new WorkLog(
                bouts.stream().flatMap(bout -> bout.sets().stream()).toList(),
                bouts.stream().flatMap(bout -> bout.response().stream()).toList());
    }

    /** "3 x 8 to 12 reps @5 kg". */
    public static WorkingDose dose(String text) {
        String[] loaded = text.split(" @");
        String[] parts = loaded[0].split(" x ");
        return new WorkingDose(
                Integer.parseInt(parts[0].strip()),
                SetAim.parse(parts[1].strip()),
                loaded.length > 1 ? Optional.of(Load.parse(loaded[1].strip())) : Optional.empty());
    }

    public static String told(WorkingDose dose) {
        return dose.sets() + " x " + dose.aim()
                + dose.load().map(load -> " @" + load(load)).orElse("");
    }

    private static String load(Load load) {
        String amount = load.amount() % 1 == 0 ? String.valueOf((int) load.amount()) : String.valueOf(load.amount());
        return load.unit().word().equals("band")
                ? "band " + amount
                : amount + " " + load.unit().word();
    }

    private static Bout bout(String text, RoleKey role, LocalDate start) {
        String[] dayAndRest = text.split(":");
        LocalDate on = start.plusDays(Integer.parseInt(dayAndRest[0].strip()));
        String[] loaded = dayAndRest[1].split("@");
        List<Integer> amounts = new ArrayList<>();
        Map<String, Integer> pains = new TreeMap<>();
        SetDone.Form form = SetDone.Form.GOOD;
        Soreness soreness = Soreness.NONE;
        boolean swollen = false;
        Optional<Load> load = Optional.empty();
        if (loaded.length > 1) {
            String[] words = loaded[1].strip().split(" ");
            load = Optional.of(Load.parse(words[0] + " " + words[1]));
        }
        for (String word :
                (loaded[0] + " " + (loaded.length > 1 ? loaded[1] : "")).strip().split("\\s+")) {
            if (FORMS.containsKey(word)) {
                form = FORMS.get(word);
            } else if (SORENESS.containsKey(word)) {
                soreness = SORENESS.get(word);
            } else if (word.equals("swollen")) {
                swollen = true;
            } else if (word.matches("(p|after|am)\\d+")) {
                pains.put(word.replaceAll("\\d", ""), Integer.valueOf(word.replaceAll("\\D", "")));
            }
        }
        for (String word : loaded[0].strip().split("\\s+")) {
            if (word.matches("\\d+")) {
                amounts.add(Integer.valueOf(word));
            }
        }
        List<SetDone> sets = new ArrayList<>();
        for (int amount : amounts) {
            sets.add(new SetDone(role, on, amount, load, pains.getOrDefault("p", 0), form));
        }
        Response response = new Response(
                on,
                0,
                Optional.ofNullable(pains.get("after")),
                Optional.ofNullable(pains.get("am")),
                swollen,
                soreness);
        return new Bout(on, sets, Optional.of(response));
    }
}
