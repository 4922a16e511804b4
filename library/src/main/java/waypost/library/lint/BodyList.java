package waypost.library.lint;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Role;
import waypost.library.bundle.Bundle;
import waypost.library.words.AskedWords;

/** What doing each exercise asks beside what its file says, and what that closes where and when: for a clinician to read. */
final class BodyList {

    private final Bundle bundle;
    private final ClosedByBody closed;

    private BodyList(Bundle bundle) {
        this.bundle = bundle;
        this.closed = ClosedByBody.in(bundle);
    }

    static List<String> of(Bundle bundle) {
        return new BodyList(bundle).lines().toList();
    }

    private Stream<String> lines() {
        return bundle.activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .flatMap(exercise -> exercise.roles().stream().flatMap(role -> lines(exercise, role)));
    }

    private Stream<String> lines(Activity.Exercise exercise, Role role) {
        List<String> lines = new ArrayList<>();
        Besides besides = role.besides();
        if (!besides.operated().isEmpty()) {
            lines.add("  also asks: " + AskedWords.say(besides.operated()));
        }
        if (role.facing().isEmpty() && !besides.other().isEmpty()) {
            lines.add("  of the other side: " + AskedWords.say(besides.other()));
        }
        exercise.pose(role).because().ifPresent(because -> lines.add("  says less because: " + because));
        List<String> where = closed.of(role.key());
        if (!where.isEmpty()) {
            lines.add("  closed by it: " + String.join("; ", where));
        }
        return lines.isEmpty()
                ? Stream.empty()
                : Stream.concat(Stream.of(role.key() + " (" + exercise.title() + ")"), lines.stream());
    }
}
