package waypost.library.bundle;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.measure.Measure;
import waypost.library.text.Entry;

/**
 * What several protocols of a bundle name.
 *
 * @param batteries ids of the tests of return
 * @param milestones by id, those that stand in a list of their own
 * @param parts by id, the files of the healing parts
 */
record SharedParts(
        Map<String, Measure> measures,
        Map<String, Activity> activities,
        Set<String> batteries,
        Map<String, Criterion> milestones,
        Map<String, Entry> parts) {

    SharedParts(Map<String, Measure> measures, Map<String, Activity> activities, Set<String> batteries) {
        this(measures, activities, batteries, new LinkedHashMap<>(), new LinkedHashMap<>());
    }

    void addMilestones(Entry list) {
        list.list("milestones", new CriterionReader(measures, milestones.values())::criterion)
                .forEach(criterion -> {
                    if (milestones.put(criterion.id(), criterion) != null) {
                        list.problem("found the milestone '" + criterion.id() + "' twice, allowed: once");
                    }
                });
    }

    void addPart(Entry part) {
        if (parts.put(part.text("part"), part) != null) {
            part.problem("found the part '" + part.text("part") + "' twice, allowed: once");
        }
    }
}
