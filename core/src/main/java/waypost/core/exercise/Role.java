package waypost.core.exercise;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.body.Limb;
import waypost.core.demand.Demand;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Level;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;

/**
 * The part the operated limb plays, with everything it is asked for. The same lunge asks something else of the leg in
 * front than of the leg behind.
 *
 * @param demands at least one
 * @param parts for each demand the number of the part it belongs to; what stands in one part occurs together
 * @param setUps what is in place while it is done, such as "brace-locked"
 * @param facing the role that the other limb plays meanwhile, by its name, as worked out from how both are done ({@link Facing})
 * @param besides what doing it asks beside what is said
 */
public record Role(
        RoleKey key,
        String title,
        List<Demand> demands,
        List<Integer> parts,
        Reducible reducible,
        Set<String> setUps,
        Optional<String> facing,
        Besides besides) {

    public Role {
        demands = List.copyOf(demands);
        parts = List.copyOf(parts);
        setUps = Set.copyOf(setUps);
        if (demands.isEmpty() || demands.size() != parts.size()) {
            throw new IllegalArgumentException(key + ": found " + demands.size() + " demands in " + parts.size()
                    + " places, allowed: at least one demand, each in a part");
        }
    }

    /** A role whose demands all occur together. */
    public static Role of(RoleKey key, String title, List<Demand> demands, Reducible reducible) {
        List<Integer> onePart = demands.stream().map(demand -> 0).toList();
        return new Role(key, title, demands, onePart, reducible, Set.of(), Optional.empty(), Besides.NOTHING);
    }

    /** Its name within the activity, such as "operated" or "operated-front". */
    public String name() {
        return key.role();
    }

    public Role with(List<Demand> others) {
        return new Role(key, title, others, parts, reducible, setUps, facing, besides);
    }

    /** This with the demand at one place replaced. */
    public Role replacing(int at, Demand by) {
        List<Demand> others = new ArrayList<>(demands);
        others.set(at, by);
        return with(others);
    }

    /** This with some demands in the place of those of the same kind on the same, or beside all others in each part. */
    public Role instead(List<Demand> asked) {
        List<Demand> all = new ArrayList<>();
        List<Integer> places = new ArrayList<>();
        for (int at = 0; at < demands.size(); at++) {
            if (asked.stream().noneMatch(demands.get(at)::isOfTheSameAs)) {
                all.add(demands.get(at));
                places.add(parts.get(at));
            }
        }
        parts.stream()
                .distinct()
                .forEach(part -> asked.forEach(demand -> {
                    all.add(demand);
                    places.add(part);
                }));
        return new Role(key, title, all, places, reducible, setUps, facing, besides);
    }

    /** This while the other limb plays a role of that name. */
    public Role facing(String name) {
        return new Role(key, title, demands, parts, reducible, setUps, Optional.of(name), besides);
    }

    /** This with what doing it asks beside what it says. */
    public Role asking(Besides more) {
        return new Role(key, title, demands, parts, reducible, setUps, facing, more);
    }

    /** All that it asks of the operated side, said or worked out: first what is said; what is worked out is asked in each part. */
    public Role whole() {
        if (besides.operated().isEmpty()) {
            return this;
        }
        List<Demand> all = new ArrayList<>(demands);
        List<Integer> places = new ArrayList<>(parts);
        for (int at = 0; at < parts.size(); at++) {
            if (parts.indexOf(parts.get(at)) == at) {
                for (Demand demand : besides.operated()) {
                    all.add(demand);
                    places.add(parts.get(at));
                }
            }
        }
        return new Role(key, title, all, places, reducible, setUps, facing, besides);
    }

    /** What it asks of joints, tissues and weight, said or worked out, beyond what another form of it asks. */
    public List<Demand> beyond(Role written) {
        List<Demand> before = written.whole().demands();
        return whole().demands().stream()
                .filter(demand -> demand instanceof Demand.Movement
                        || demand instanceof Demand.TissueLoad
                        || demand instanceof Demand.Bearing
                        || demand instanceof Kneeling)
                .filter(demand -> before.stream().noneMatch(demand::isNoMoreThan))
                .toList();
    }

    /** What is left of a cut down {@link #whole()} once what is worked out is taken away from it again. */
    public Role onlySaid(Role whole) {
        int said = demands.size();
        return new Role(
                key,
                title,
                whole.demands().subList(0, said),
                whole.parts().subList(0, said),
                whole.reducible(),
                whole.setUps(),
                facing,
                besides);
    }

    /** This done with one more set-up in place. */
    public Role using(String setUp) {
        Set<String> more = new HashSet<>(setUps);
        more.add(setUp);
        return new Role(key, title, demands, parts, reducible, more, facing, besides);
    }

    /** The movements that occur together with the demand at this place, itself included if it is one. */
    public Stream<Demand.Movement> movementsWith(int at) {
        return IntStream.range(0, demands.size())
                .filter(i -> parts.get(i).equals(parts.get(at)))
                .mapToObj(demands::get)
                .filter(Demand.Movement.class::isInstance)
                .map(Demand.Movement.class::cast);
    }

    /** Whether the limb is only carried: no muscle works, nothing is borne or held, no end of range is pressed. */
    public boolean isCarried() {
        return demands.stream().allMatch(Demand::isCarried);
    }

    /** Whether the legs land in it, or count their ground contacts. */
    public boolean lands() {
        return demands.stream()
                .anyMatch(demand -> demand instanceof Demand.Contacts
                        || demand instanceof Demand.Strain strain
                                && strain.kind() == StrainKind.IMPACT
                                && strain.limb() == Limb.LEG
                                && strain.level() != Level.NONE);
    }

    /** Whether both limbs do the same at once, so that one alone can't do it. */
    public boolean isOfBoth() {
        return facing.filter(key.role()::equals).isPresent();
    }

    /** Whether it runs, hops or jumps: it lands, or counts its ground contacts. */
    public boolean hasImpact() {
        return demands.stream()
                .anyMatch(demand -> demand instanceof Demand.Contacts
                        || demand instanceof Demand.Strain strain
                                && strain.kind() == StrainKind.IMPACT
                                && strain.level() != Level.NONE);
    }

    /** Whether the operated limb carries weight on this kind of support in this role. */
    public boolean standsOn(Support support) {
        return demands.stream()
                .anyMatch(demand -> demand instanceof Demand.Bearing bearing && bearing.support() == support);
    }
}
