package waypost.library.secondjudge;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.body.Limb;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Hold;

/** The second judge of a person with several courses: what any of them says against a role that the first is asked for. */
final class SecondPerson {

    /** Another course, whether it runs on the day, and its judge. */
    private record Other(GeneratedCourse course, boolean runs, SecondJudge judge) {}

    private final GeneratedCourse first;
    private final SecondJudge own;
    private final List<Other> others = new ArrayList<>();

    SecondPerson(GeneratedCourse first) {
        this.first = first;
        this.own = new SecondJudge(first);
    }

    SecondPerson beside(GeneratedCourse other, boolean runs) {
        others.add(new Other(other, runs, new SecondJudge(other)));
        return this;
    }

    SecondJudge.Opinion judge(Role role) {
        SecondJudge.Opinion mine = own.judge(role);
        Set<String> against = new TreeSet<>(mine.against());
        List<String> kinds = new ArrayList<>(List.of(mine.kind()));
        for (int nth = 0; nth < others.size(); nth++) {
            String name = "other-" + nth + " ";
            said(others.get(nth), role).ifPresent(opinion -> {
                kinds.add(opinion.kind());
                opinion.against().forEach(rule -> against.add(name + rule));
            });
        }
        return new SecondJudge.Opinion(SecondJudge.worst(kinds), against);
    }

    /** What the operated limb of the person's only course is asked while the other side plays a role alone. */
    Optional<SecondJudge.Opinion> meanwhile(Role role) {
        return facing(new Other(first, true, own), role);
    }

    private Optional<SecondJudge.Opinion> said(Other other, Role role) {
        if (!other.runs()) {
            boolean stopped = other.course().holds().stream().anyMatch(hold -> hold.kind() == Hold.Kind.RED_FLAG);
            return stopped ? Optional.of(new SecondJudge.Opinion("ON_HOLD", Set.of("hold"))) : Optional.empty();
        }
        if (other.course().side() == first.side()) {
            return Optional.of(other.judge().judge(role));
        }
        boolean sameKindOfLimb = limbs(other.course()).stream().anyMatch(limbs(first)::contains);
        return sameKindOfLimb ? facing(other, role) : Optional.of(other.judge().judgeTurned(turned(role)));
    }

    /** The limbs of the region under the answers that are possible. */
    private static Set<Limb> limbs(GeneratedCourse course) {
        Set<Limb> limbs = new TreeSet<>(course.protocol().scope().region().limbs());
        course.protocol().scope().besides().stream()
                .filter(besides -> course.combinations().stream()
                        .anyMatch(answers -> besides.when().oneOf().entrySet().stream()
                                .allMatch(e -> e.getValue().contains(answers.get(e.getKey())))))
                .forEach(besides -> limbs.addAll(besides.region().limbs()));
        return limbs;
    }

    private Optional<SecondJudge.Opinion> facing(Other other, Role role) {
        Optional<Role> part =
                otherPart(role).flatMap(name -> role(new RoleKey(role.key().activity(), name)));
        if (part.isPresent()) {
            return Optional.of(other.judge().judge(part.get()));
        }
        List<Demand> meanwhile = new ArrayList<>();
        Optional<Posture> placed = placed(role).map(SecondPerson::fromTheOtherSide);
        placed.ifPresent(posture -> meanwhile.add(new Demand.Placed(posture)));
        role.besides().other().stream()
                .filter(demand -> !(demand instanceof Demand.Placed))
                .forEach(meanwhile::add);
        boolean workedOut = !role.besides().other().isEmpty();
        if (!workedOut && placed.equals(Optional.of(Posture.STANDING))) {
            double mine = role.demands().stream()
                    .filter(d -> d instanceof Demand.Bearing b && b.limb() == Limb.LEG)
                    .mapToDouble(d -> ((Demand.Bearing) d).share().percent())
                    .max()
                    .orElse(0);
            meanwhile.add(new Demand.Bearing(
                    Limb.LEG,
                    BodyShare.ofPercent(mine > 100 ? 0 : 100 - mine),
                    mine == 0 ? Support.ONE : Support.BOTH));
        }
        if (!workedOut
                && placed.map(Set.of(Posture.HANDS_AND_KNEES, Posture.KNEELING, Posture.PLANK)::contains)
                        .orElse(false)) {
            role.demands().stream().filter(Demand.Bearing.class::isInstance).forEach(meanwhile::add);
        }
        if (meanwhile.isEmpty()) {
            return Optional.empty();
        }
        boolean covered = meanwhile.stream()
                .filter(other.judge()::concerns)
                .filter(demand -> !SecondJudge.isCarried(demand))
                .allMatch(other.judge()::isAskedToday);
        Role lying = Role.of(role.key(), role.title(), meanwhile, Reducible.NOTHING);
        return Optional.of(other.judge().judgeMeanwhile(lying, covered));
    }

    /** What the other limb plays: the same where both sides are alike, or the part that touches the same on the other side. */
    private Optional<String> otherPart(Role role) {
        Map<String, Pose> poses =
                first.bundle().findActivity(role.key().activity()).orElseThrow().poses();
        Pose mine = poses.get(role.name());
        if (mine.isOfBothSides()) {
            return Optional.of(role.name());
        }
        Set<String> touched = touched(mine, false);
        return touched.equals(touched(mine, true))
                ? Optional.empty()
                : poses.keySet().stream()
                        .filter(name -> touched(poses.get(name), true).equals(touched))
                        .findFirst();
    }

    private static Set<String> touched(Pose pose, boolean turned) {
        Set<String> touched = new TreeSet<>();
        for (Contact contact : pose.touching()) {
            boolean operated = contact.half() == Half.OPERATED;
            touched.add((operated == turned ? "other " : "operated ") + contact.spot() + contact.surface());
        }
        return touched;
    }

    private Optional<Role> role(RoleKey key) {
        return first.bundle().activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .filter(role -> role.key().equals(key))
                .findFirst();
    }

    private Optional<Posture> placed(Role role) {
        return role.demands().stream()
                .filter(Demand.Placed.class::isInstance)
                .map(demand -> ((Demand.Placed) demand).posture())
                .findFirst()
                .or(() -> first.bundle()
                        .findActivity(role.key().activity())
                        .map(activity -> activity.pose(role).posture()));
    }

    private static Posture fromTheOtherSide(Posture posture) {
        return posture == Posture.ON_OPERATED_SIDE
                ? Posture.ON_OTHER_SIDE
                : posture == Posture.ON_OTHER_SIDE ? Posture.ON_OPERATED_SIDE : posture;
    }

    /** Lying on a side is told from the other one; all else an arm does while a leg works is as it is written. */
    private Role turned(Role role) {
        Optional<Posture> placed = placed(role);
        Role turned = role.asking(WholeBody.turned(role.besides()));
        if (placed.isEmpty() || !placed.get().name().endsWith("_SIDE")) {
            return turned;
        }
        List<Demand> demands = new ArrayList<>();
        List<Integer> parts = new ArrayList<>();
        for (int at = 0; at < role.demands().size(); at++) {
            if (!(role.demands().get(at) instanceof Demand.Placed)) {
                demands.add(role.demands().get(at));
                parts.add(role.parts().get(at));
            }
        }
        demands.add(new Demand.Placed(fromTheOtherSide(placed.get())));
        parts.add(0);
        return new Role(
                role.key(),
                role.title(),
                demands,
                parts,
                role.reducible(),
                role.setUps(),
                role.facing(),
                turned.besides());
    }
}
