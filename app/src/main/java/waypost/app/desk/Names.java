package waypost.app.desk;

import java.util.HashMap;
import java.util.Map;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.library.bundle.Bundle;

/**
 * What exercises and tests are called, and on which ladders they stand.
 *
 * @param titles by activity
 * @param ladders titles of ladders by activity; tests have none
 */
record Names(Map<String, String> titles, Map<String, String> ladders) {

    static Names of(Bundle bundle) {
        Map<String, String> known = new HashMap<>();
        for (Ladder ladder : bundle.ladders()) {
            known.put(ladder.id(), ladder.title());
        }
        Map<String, String> titles = new HashMap<>();
        Map<String, String> ladders = new HashMap<>();
        for (Activity activity : bundle.activities()) {
            titles.put(activity.id(), activity.title());
            if (activity instanceof Activity.Exercise exercise) {
                ladders.put(activity.id(), known.getOrDefault(exercise.ladder(), exercise.ladder()));
            }
        }
        return new Names(titles, ladders);
    }

    String of(String role) {
        return titles.getOrDefault(activity(role), role);
    }

    String ladder(String role) {
        return ladders.getOrDefault(activity(role), "Tests");
    }

    private static String activity(String role) {
        int slash = role.indexOf('/');
        return slash < 0 ? role : role.substring(0, slash);
    }
}
