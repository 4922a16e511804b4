package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Region;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.NormalHealing;
import waypost.library.words.AskedWords;

/**
 * What loads the region and is open on any of the days 1 to 21, under any full set of answers, with what it asks of the region
 * by its file and by the body: an approved text, read as a clinician would. Rewritten by {@code -Dtables.approve=true}.
 */
@Tag("slow")
class FirstWeeksTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final int LAST = 21;
    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final Path APPROVED = Path.of("src/test/resources/tables/loaded-in-three-weeks.txt");

    /** Since when at the earliest a role is open, whether only in part, and what of its load is of the region then. */
    private record Open(CourseDay since, boolean limited, String asks) {

        String said() {
            return " from " + since + (limited ? ", with a limit: " : ": ") + asks;
        }
    }

    @Test
    void nothingLoadedIsOpenInTheFirstThreeWeeksExceptWhatWasApproved() throws IOException {
        List<String> lines = new ArrayList<>();
        for (Protocol protocol : BUNDLE.protocols()) {
            lines.add(protocol.id());
            loaded(protocol).forEach((role, open) -> lines.add("  " + role + open.said()));
        }
        String text = String.join("\n", lines) + "\n";
        if (Boolean.getBoolean("tables.approve")) {
            Files.writeString(APPROVED, text);
        }

        assertThat(text).isEqualTo(Files.readString(APPROVED));
    }

    private static SortedMap<String, Open> loaded(Protocol protocol) {
        SortedMap<String, Open> found = new TreeMap<>();
        for (Answers answers : EveryAnswer.to(protocol)) {
            NormalHealing healing = NormalHealing.of(protocol, answers, BUNDLE);
            for (CourseDay day : days(protocol, healing)) {
                roles().filter(role -> isOpenSooner(found.get(role.key().toString()), day))
                        .filter(role -> isLoaded(role, healing.region()))
                        .forEach(role -> open(role, day, healing)
                                .ifPresent(open -> found.put(role.key().toString(), open)));
            }
        }
        return found;
    }

    private static boolean isLoaded(Role role, Region region) {
        return role.whole().demands().stream().anyMatch(demand -> isLoad(demand, region));
    }

    private static Optional<Open> open(Role role, CourseDay day, NormalHealing healing) {
        VerdictKind kind = healing.verdict(role.key(), day).kind();
        return kind.isOpen()
                ? Optional.of(new Open(day, kind != VerdictKind.OPEN, asks(role, healing.region())))
                : Optional.empty();
    }

    private static boolean isOpenSooner(Open before, CourseDay day) {
        return before == null || day.isBefore(before.since()) || before.limited() && day.equals(before.since());
    }

    /** Verdicts stand between two days on which a rule changes. */
    private static SortedSet<CourseDay> days(Protocol protocol, NormalHealing healing) {
        CourseDay begins = protocol.begins(DAY_ZERO);
        CourseDay first = begins.plusDays(1);
        CourseDay last = begins.plusDays(LAST);
        SortedSet<CourseDay> days = new TreeSet<>(healing.days().subSet(first, last));
        days.add(first);
        days.add(last);
        return days;
    }

    private static Stream<Role> roles() {
        return BUNDLE.activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .flatMap(activity -> activity.roles().stream());
    }

    private static String asks(Role role, Region region) {
        return AskedWords.say(role.whole().demands().stream()
                .filter(demand -> isLoad(demand, region))
                .toList());
    }

    /**
     * Added load, work of at least moderate effort, kneeling, more than half the body on one leg, any of it on an arm, impact
     * or twisting.
     */
    private static boolean isLoad(Demand demand, Region region) {
        if (!demand.concerns(region)) {
            return false;
        }
        if (demand instanceof Demand.Movement movement) {
            return movement.loading().exceeds(Loading.OWN_WEIGHT);
        }
        if (demand instanceof Demand.TissueLoad load) {
            return load.mode() != Mode.PASSIVE && !Level.MODERATE.exceeds(load.effort());
        }
        if (demand instanceof Demand.Bearing bearing) {
            return bearing.limb() == Limb.ARM
                    || bearing.support() == Support.ONE && bearing.share().compareTo(BodyShare.ofPercent(50)) > 0;
        }
        return demand instanceof Kneeling
                || demand instanceof Demand.Strain strain
                        && (strain.kind() == StrainKind.IMPACT || strain.kind() == StrainKind.TWISTING);
    }
}
