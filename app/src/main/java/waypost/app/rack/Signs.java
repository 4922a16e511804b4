package waypost.app.rack;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import waypost.app.store.NotFoundException;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.reason.VerdictKind;
import waypost.library.words.SignWords;
import waypost.library.words.Terms;

/** Turns the verdicts of one standing into signs. */
public final class Signs {

    private final Standing standing;
    private final Set<RoleKey> off;
    private final Map<String, Activity> activities = new HashMap<>();

    public Signs(Standing standing) {
        this.standing = standing;
        this.off = Set.copyOf(standing.switchedOff());
        standing.course().activities().forEach(activity -> activities.put(activity.id(), activity));
    }

    /** A verdict's sign; what has reached its purpose says so. */
    public Sign of(Verdict verdict) {
        Activity activity = activity(verdict.role());
        Role role = role(verdict.role());
        boolean reached = off.contains(verdict.role()) && verdict.kind().isOpen();
        return new Sign(
                reached ? "switched-off" : shape(verdict.kind()),
                reached ? "off, its purpose is reached" : Terms.verdict(verdict.kind()),
                activity.title(),
                activity.roles().size() > 1 ? role.title() : "",
                reached ? "off: reached" : SignWords.note(verdict, role, standing),
                verdict.role().toString());
    }

    /** The verdict on a role. */
    public Verdict verdict(RoleKey key) {
        return standing.verdict(key);
    }

    /** The shape of a kind of verdict. */
    public static String shape(VerdictKind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether the library of this course has the role. */
    public boolean knows(RoleKey key) {
        Activity activity = activities.get(key.activity());
        return activity != null
                && activity.roles().stream().anyMatch(role -> role.key().equals(key));
    }

    public Activity activity(RoleKey key) {
        Activity activity = activities.get(key.activity());
        if (activity == null) {
            throw new NotFoundException();
        }
        return activity;
    }

    public Role role(RoleKey key) {
        return activity(key).roles().stream()
                .filter(role -> role.key().equals(key))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    /** Its title, with the part of the operated limb where there are several. */
    public String title(RoleKey key) {
        Activity activity = activity(key);
        return activity.roles().size() > 1 ? activity.title() + ", " + role(key).title() : activity.title();
    }
}
