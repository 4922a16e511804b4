package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Stance;
import waypost.core.body.Limb;
import waypost.core.done.Carried;
import waypost.core.done.Done;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.library.Shipped;

/** What limbs are said to carry against a second body that knows only what touches what. */
@Tag("slow")
class SecondBodyTest {

    /** Percent of body mass: the coarse steps of the second body, and the friction that it does not know. */
    private static final double OFF = 5;

    @Test
    void everyLimbCarriesWhatTheSecondBodyAllows() {
        List<String> wrong = new ArrayList<>();
        int ends = 0;
        for (Activity activity : Shipped.BUNDLE.activities()) {
            if (activity instanceof Activity.Exercise exercise) {
                for (Role role : exercise.roles()) {
                    Done done = Done.of(exercise, role);
                    for (Stance end : done.inPassing() ? List.<Stance>of() : done.ends()) {
                        ends += compared(role, done, end, wrong) ? 1 : 0;
                    }
                }
            }
        }

        System.out.printf("%d ends of movements carried by a second body%n", ends);
        assertThat(wrong).isEmpty();
        assertThat(ends).isGreaterThan(150);
    }

    private static boolean compared(Role role, Done done, Stance end, List<String> wrong) {
        boolean limbs = end.contacts().stream()
                .anyMatch(c -> c.spot().isOfArm() || c.spot().isOfLeg());
        Map<String, SecondBody.Range> second = limbs ? SecondBody.carried(end) : Map.of();
        Carried first = Carried.by(new Done(done.posture(), end, end, end, false));
        for (Half half : Half.values()) {
            for (Limb limb : Limb.values()) {
                double share = first.percent(half, limb);
                SecondBody.Range range = second.get(half + " " + limb);
                if (range != null && (share < range.least() - OFF || share > range.most() + OFF)) {
                    wrong.add(String.format(
                            Locale.ROOT,
                            "%s: %s %s carries %.0f %%, the second body allows %.0f to %.0f %%",
                            role.key(),
                            half,
                            limb,
                            share,
                            range.least(),
                            range.most()));
                }
            }
        }
        return !second.isEmpty();
    }
}
