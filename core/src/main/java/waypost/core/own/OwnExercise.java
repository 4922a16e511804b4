package waypost.core.own;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.Teaching;
import waypost.core.measure.Plain;
import waypost.core.protocol.Opening;

/**
 * An exercise of a clinic's own. It is made from one of the library's and asks no more than that in anything, so a
 * protocol that covers the one covers the other from the same day on; the gate judges what it asks itself.
 *
 * @param id begins with "own-", lower case with hyphens; permanent
 * @param model id of the library's exercise
 * @param title 3 to 80 characters
 * @param setUp one of the model's, in which it is always done; unsaid for the usual
 * @param within arcs that it keeps to, each less than the model's
 * @param load what is held, less than the model's; empty for the same
 * @param dose counts what the model counts
 * @param cues in the clinic's own words, beside which the model's signs to stop stay
 */
public record OwnExercise(
        String id,
        String model,
        String title,
        Arrangement setUp,
        Map<Motion, Arc> within,
        Optional<Load> load,
        Dose dose,
        List<String> cues) {

    private static final Pattern ID = Pattern.compile("own-[a-z0-9][a-z0-9-]{1,60}");
    private static final int SHORTEST = 3;
    private static final int LONGEST = 80;

    public OwnExercise {
        within = Map.copyOf(within);
        cues = List.copyOf(cues);
        if (!ID.matcher(id).matches()) {
            throw new IllegalArgumentException("id: found '" + id + "', allowed: such as own-short-squat");
        }
        if (title.length() < SHORTEST || title.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "title: found " + title.length() + " characters, allowed: " + SHORTEST + " to " + LONGEST);
        }
    }

    /** Whether an activity of this id is a clinic's own. */
    public static boolean isOwn(String activity) {
        return ID.matcher(activity).matches();
    }

    /** The keys of its parts have the names of the model's. */
    public RoleKey key(RoleKey ofModel) {
        return new RoleKey(id, ofModel.role());
    }

    /**
     * The exercise itself, alone on a ladder of its own.
     *
     * @throws IllegalArgumentException where it would ask more than the model, or something that the model does not ask
     */
    public Activity.Exercise of(Activity.Exercise library) {
        Activity.Exercise so = in(library);
        checkDose(library.dose());
        within.forEach((motion, arc) -> checkArc(so, motion, arc));
        load.ifPresent(held -> checkLoad(so, held));
        List<Role> roles = so.roles().stream().map(this::less).toList();
        return new Activity.Exercise(
                id,
                title,
                id,
                1,
                "asks no more than: " + library.title(),
                library.rises(),
                library.purpose(),
                roles,
                dose,
                library.progression(),
                so.poses(),
                Arrangements.NONE,
                teaching(library.teaching()));
    }

    private Activity.Exercise in(Activity.Exercise library) {
        if (setUp.equals(Arrangement.UNSAID)) {
            return library;
        }
        library.setUps().check(setUp);
        Activity.Exercise so = library.in(library.setUps().complete(setUp));
        for (Role role : so.roles()) {
            role.beyond(library.role(role.key())).stream().findFirst().ifPresent(more -> {
                throw new IllegalArgumentException("set-up: found '" + setUp + "', which asks more of " + more.of()
                        + " than the usual one; allowed: one that does not");
            });
        }
        return so;
    }

    private Teaching teaching(Teaching library) {
        return new Teaching(
                cues.isEmpty() ? library.cues() : cues,
                library.faults(),
                library.easier(),
                library.stop(),
                library.equipment());
    }

    private Role less(Role role) {
        List<Demand> demands = new ArrayList<>();
        role.demands().forEach(demand -> demands.add(less(demand)));
        return new Role(
                key(role.key()),
                role.title(),
                demands,
                role.parts(),
                role.reducible(),
                role.setUps(),
                role.facing(),
                role.besides());
    }

    private Demand less(Demand demand) {
        if (demand instanceof Demand.Movement moves && within.containsKey(moves.motion())) {
            return moves.arc()
                    .intersect(within.get(moves.motion()))
                    .<Demand>map(moves::within)
                    .orElse(demand);
        }
        return demand instanceof Demand.Held held
                ? load.filter(less -> isLess(less, held.load()))
                        .<Demand>map(less -> new Demand.Held(held.limb(), less))
                        .orElse(held)
                : demand;
    }

    private static boolean isLess(Load less, Load held) {
        return less.unit() == held.unit() && less.compareTo(held) < 0;
    }

    private void checkDose(Dose library) {
        if (dose.aim().counted() != library.aim().counted()) {
            throw new IllegalArgumentException(
                    "dose: found " + dose.aim().counted().word() + ", allowed: "
                            + library.aim().counted().word() + " as the model counts");
        }
        int most = library.sets() * library.aim().most();
        int asked = dose.sets() * dose.aim().most();
        if (dose.aim().counted().isVolume() && asked > most) {
            throw new IllegalArgumentException("dose: found " + asked + " "
                    + dose.aim().counted().word() + " in all, allowed: at most " + most + " as the model has");
        }
    }

    /** Every part of the model that moves so can keep to it, and one at least goes beyond it. */
    private static void checkArc(Activity.Exercise so, Motion motion, Arc arc) {
        List<Arc> asked = so.roles().stream()
                .flatMap(role -> role.demands().stream())
                .filter(demand -> demand instanceof Demand.Movement moves && moves.motion() == motion)
                .map(demand -> ((Demand.Movement) demand).arc())
                .toList();
        if (asked.isEmpty()
                || asked.stream().anyMatch(each -> each.intersect(arc).isEmpty())) {
            throw new IllegalArgumentException(
                    "arc of " + motion + ": found " + said(arc) + ", allowed: within " + said(asked));
        }
        if (asked.stream().noneMatch(each -> each.contains(arc))) {
            throw new IllegalArgumentException("arc of " + motion + ": found " + said(arc)
                    + ", which goes beyond the model; allowed: within " + said(asked));
        }
    }

    private static String said(List<Arc> asked) {
        return asked.isEmpty() ? "nothing, the model does not move so" : said(asked.get(0));
    }

    private static String said(Arc arc) {
        return Plain.number(arc.least().value()) + " to "
                + Plain.number(arc.most().value());
    }

    private static void checkLoad(Activity.Exercise so, Load less) {
        List<Load> held = so.roles().stream()
                .flatMap(role -> role.demands().stream())
                .filter(Demand.Held.class::isInstance)
                .map(demand -> ((Demand.Held) demand).load())
                .toList();
        if (held.stream().noneMatch(each -> isLess(less, each))) {
            throw new IllegalArgumentException("load: found " + less + ", allowed: less than "
                    + held.stream().findFirst().map(Load::toString).orElse("nothing, the model holds none"));
        }
    }

    /** What a protocol says of the model, said of this: covered from the same day on, by the same needs. */
    public List<Opening> openings(List<Opening> written) {
        return written.stream()
                .filter(opening -> opening.role().activity().equals(model))
                .map(opening -> new Opening(
                        key(opening.role()),
                        opening.cases(),
                        opening.parts(),
                        opening.offWhen(),
                        opening.surgeonOnly()))
                .toList();
    }
}
