package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.gate.Beside;
import waypost.core.gate.DayGate;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.log.Event;
import waypost.core.reason.OtherCourse;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.core.time.Window;
import waypost.library.bundle.Bundle;

/** Two and three courses of one person, both sides, events, narrowings, holds: both judges say the same. */
@Tag("slow")
class SecondPersonTest {

    private static final Bundle BUNDLE = Agreement.withHardCases();
    private static final int PERSONS = 136;

    /** A generated course with its compiled rules. */
    private record Compiled(GeneratedCourse course, Resolved resolved, Gate gate, Facts facts, boolean runs) {

        static Compiled of(GeneratedCourse course, boolean runs) {
            Resolved resolved =
                    Resolver.resolve(course.protocol(), course.answers(), course.clocks(), course.decisions());
            Gate gate = Gate.of(resolved, BUNDLE.activities(), BUNDLE.measures());
            return new Compiled(course, resolved, gate, Agreement.facts(course), runs);
        }

        Beside beside(Compiled asking, int nth) {
            CourseDay day = facts.day();
            Window window = runs ? Window.startingOn(day.plusDays(-1)) : Window.startingOn(day.plusDays(1));
            OtherCourse named = new OtherCourse(
                    "other-" + nth, course.side(), course.protocol(), course.answers(), course.dayZero());
            Beside.Place place = course.side() == asking.course().side()
                    ? Beside.Place.SAME_SIDE
                    : Collections.disjoint(
                                    resolved.region().limbs(),
                                    asking.resolved().region().limbs())
                            ? Beside.Place.OTHER_LIMB
                            : Beside.Place.FACING;
            return new Beside(named, gate, facts, window, place);
        }
    }

    private static List<Compiled> person(int seed) {
        Random random = new Random(seed);
        GeneratedCourse first = GeneratedCourse.of(BUNDLE, seed);
        List<Compiled> person = new ArrayList<>(List.of(Compiled.of(first, true)));
        int more = 1 + random.nextInt(2);
        for (int nth = 0; nth < more; nth++) {
            Side side = random.nextInt(3) == 0 ? Side.RIGHT : Side.LEFT;
            GeneratedCourse other = GeneratedCourse.beside(BUNDLE, seed * 10 + nth, first.date(), side);
            person.add(Compiled.of(other, random.nextInt(8) != 0));
        }
        return person;
    }

    private static DayGate day(List<Compiled> person, int many) {
        Compiled first = person.get(0);
        List<Beside> others = new ArrayList<>();
        for (int nth = 1; nth < many; nth++) {
            others.add(person.get(nth).beside(first, nth - 1));
        }
        return new DayGate(first.gate(), first.facts(), others);
    }

    private static List<Role> roles() {
        return BUNDLE.activities().stream()
                .map(Activity::roles)
                .flatMap(List::stream)
                .toList();
    }

    @Test
    void bothJudgesAgreeOnPersons() {
        int cases = 0;
        int closedElsewhere = 0;
        int noCommonForm = 0;
        for (int seed = 0; seed < PERSONS; seed++) {
            List<Compiled> person = person(seed);
            DayGate day = day(person, person.size());
            SecondPerson second = new SecondPerson(person.get(0).course());
            person.subList(1, person.size()).forEach(other -> second.beside(other.course(), other.runs()));
            for (Role role : roles()) {
                Verdict verdict = day.judge(role.key());
                SecondJudge.Opinion opinion = second.judge(role);
                cases++;
                String as = "seed " + seed + " " + role.key() + " on "
                        + person.get(0).course().date() + " "
                        + person.stream()
                                .map(each -> each.course().side() + " "
                                        + each.course().protocol().id())
                                .toList();
                assertThat(against(verdict)).as(as).isEqualTo(opinion.against());
                if (verdict.reasons().stream().anyMatch(Reason.NoCommonForm.class::isInstance)) {
                    noCommonForm++;
                    assertThat(opinion.kind()).as(as).isEqualTo("OPEN_WITH_LIMIT");
                } else {
                    assertThat(verdict.kind().name()).as(as).isEqualTo(opinion.kind());
                }
                closedElsewhere += verdict.reasons().stream().anyMatch(Reason.InOtherCourse.class::isInstance) ? 1 : 0;
            }
        }
        System.out.printf(
                "%,d cases of persons; another course spoke in %,d, no form served all in %,d%n",
                cases, closedElsewhere, noCommonForm);
        assertThat(cases).isGreaterThanOrEqualTo(50_000);
        assertThat(closedElsewhere).isGreaterThan(5_000);
    }

    private static Set<String> against(Verdict verdict) {
        Set<String> against = new TreeSet<>();
        for (Reason reason : verdict.reasons()) {
            if (reason instanceof Reason.InOtherCourse other) {
                against.add(other.course().id() + " "
                        + other.reason().ruleId().orElseGet(() -> Agreement.named(other.reason())));
            } else if (!(reason instanceof Reason.NoCommonForm)) {
                against.add(reason.ruleId().orElseGet(() -> Agreement.named(reason)));
            }
        }
        return against;
    }

    /** The form that is open for all is open in each of them, and asks no further cut. */
    @Test
    void theCommonFormIsOpenInEveryCourse() {
        int forms = 0;
        for (int seed = 0; seed < PERSONS; seed++) {
            List<Compiled> person = person(seed);
            DayGate day = day(person, person.size());
            for (Role role : roles()) {
                Optional<Role> form = day.judge(role.key()).reducedTo();
                if (form.isPresent()) {
                    forms++;
                    assertThat(day.judge(form.get()).kind().isOpen())
                            .as("seed %s %s", seed, role.key())
                            .isTrue();
                }
            }
        }
        assertThat(forms).isPositive();
    }

    @Test
    void oneMoreCourseNeverOpensAnything() {
        for (int seed = 0; seed < PERSONS; seed++) {
            List<Compiled> person = person(seed);
            for (int many = 2; many <= person.size(); many++) {
                List<VerdictKind> fewer = kinds(day(person, many - 1));
                List<VerdictKind> more = kinds(day(person, many));
                assertNoMoreOpen("seed " + seed, fewer, more);
            }
        }
    }

    @Test
    void anEventNobodyLookedAfterNeverOpensAnything() {
        for (int seed = 0; seed < PERSONS; seed++) {
            Compiled one = person(seed).get(0);
            Facts facts = one.facts();
            Event fall = new Event(Event.FALL, facts.known(), "fell", "tester", Optional.empty());
            Facts fallen = new Facts(
                    facts.day(),
                    facts.known(),
                    facts.side(),
                    facts.phase(),
                    facts.met(),
                    facts.holds(),
                    facts.afterHolds(),
                    List.of(fall),
                    facts.readings(),
                    facts.assumeRange());
            assertNoMoreOpen(
                    "seed " + seed, kinds(DayGate.alone(one.gate(), facts)), kinds(DayGate.alone(one.gate(), fallen)));
        }
    }

    /** Evidence withdrawn: any of the criteria that were met is not met any more. */
    @Test
    void evidenceWithdrawnNeverOpensAnything() {
        for (int seed = 0; seed < PERSONS; seed++) {
            Compiled one = person(seed).get(0);
            Facts facts = one.facts();
            for (String lost : facts.met()) {
                Set<String> fewer = new TreeSet<>(facts.met());
                fewer.remove(lost);
                Facts without = new Facts(
                        facts.day(),
                        facts.known(),
                        facts.side(),
                        facts.phase(),
                        fewer,
                        facts.holds(),
                        facts.afterHolds(),
                        facts.unlooked(),
                        facts.readings(),
                        facts.assumeRange());
                assertNoMoreOpen(
                        "seed " + seed + " without " + lost,
                        kinds(DayGate.alone(one.gate(), facts)),
                        kinds(DayGate.alone(one.gate(), without)));
            }
        }
    }

    /**
     * What was closed stays closed, whichever way it is said: two courses that leave no common form bar a role, and where
     * a third does not cover it that is said instead. What was open is at most as open as before.
     */
    private static void assertNoMoreOpen(String as, List<VerdictKind> before, List<VerdictKind> after) {
        for (int at = 0; at < before.size(); at++) {
            if (before.get(at).isOpen()) {
                assertThat(before.get(at).worse(after.get(at))).as(as).isEqualTo(after.get(at));
            } else {
                assertThat(after.get(at).isOpen()).as(as).isFalse();
            }
        }
    }

    private static List<VerdictKind> kinds(DayGate day) {
        return day.judgeAll().stream().map(Verdict::kind).toList();
    }
}
