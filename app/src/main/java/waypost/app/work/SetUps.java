package waypost.app.work;

import java.util.List;
import java.util.Map;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.Setting;

/** What can be chosen of how an exercise is set up, each judged for the standing's day beside what else is chosen. */
record SetUps(Standing standing, Activity.Exercise exercise, RoleKey role) {

    List<Card.Choosing> beside(Arrangement now) {
        Arrangement chosen = exercise.setUps().complete(now);
        return exercise.setUps().settings().stream()
                .map(setting -> new Card.Choosing(
                        setting.name(),
                        setting.choices().stream()
                                .map(choice -> option(setting, choice, chosen))
                                .toList()))
                .toList();
    }

    private Card.Option option(Setting setting, String choice, Arrangement now) {
        Arrangement so = now.with(setting.name(), choice);
        boolean closed = !standing.verdict(exercise.in(so).role(role)).kind().isOpen();
        String value = new Arrangement(Map.of(setting.name(), choice)).toString();
        return new Card.Option(value, choice, so.equals(now), closed);
    }
}
