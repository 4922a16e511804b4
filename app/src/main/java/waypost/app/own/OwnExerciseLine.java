package waypost.app.own;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.app.store.OwnExerciseRow;
import waypost.core.body.Arc;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.measure.Plain;
import waypost.core.own.OwnExercise;
import waypost.library.bundle.Bundle;
import waypost.library.words.Terms;

/**
 * An exercise of the clinic's own as a page tells of it.
 *
 * @param model title of the library's exercise
 * @param less what it asks less, each in words
 */
record OwnExerciseLine(
        String id, String title, String model, List<String> less, String dose, boolean retired, String by) {

    /** A motion in the form, with what was typed. */
    record ArcLine(String motion, String title, String asked, String from, String to) {}

    static OwnExerciseLine of(OwnExerciseRow row, Bundle bundle) {
        OwnExercise own = row.own();
        List<String> less = new ArrayList<>();
        own.within().forEach((motion, arc) -> less.add(Terms.plain(motion) + " " + said(arc)));
        own.load().ifPresent(load -> less.add(load.toString()));
        Optional.of(row.setUp()).filter(setUp -> !setUp.isEmpty()).ifPresent(less::add);
        return new OwnExerciseLine(
                row.id(),
                row.title(),
                bundle.findActivity(row.model()).map(Activity::title).orElse(row.model()),
                less,
                row.sets() + " × " + row.aim() + " · " + row.frequency(),
                row.retired(),
                row.madeBy());
    }

    static List<ArcLine> arcs(Activity.Exercise model, OwnExerciseForm form) {
        return OwnExerciseArcs.of(model).entrySet().stream()
                .map(each -> new ArcLine(
                        each.getKey().name(),
                        Terms.plain(each.getKey()),
                        said(each.getValue()),
                        form.typed(form.from(), each.getKey().name()),
                        form.typed(form.to(), each.getKey().name())))
                .toList();
    }

    /** What the model holds; blank where it holds nothing. */
    static String held(Activity.Exercise model) {
        return model.roles().stream()
                .flatMap(role -> role.demands().stream())
                .filter(Demand.Held.class::isInstance)
                .map(demand -> ((Demand.Held) demand).load())
                .filter(load -> load.amount() > 0)
                .findFirst()
                .map(Load::toString)
                .orElse("");
    }

    private static String said(Arc arc) {
        return Plain.number(arc.least().value()) + "° to "
                + Plain.number(arc.most().value()) + "°";
    }
}
