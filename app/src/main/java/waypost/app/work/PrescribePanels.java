package waypost.app.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import waypost.app.prescription.Written;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Progression;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.measure.Plain;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.Nudge;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Since;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.Allowed;
import waypost.core.progression.Proposal;
import waypost.core.protocol.Frequency;
import waypost.library.words.Dates;
import waypost.library.words.PrescriptionWords;
import waypost.library.words.ProgressionWords;

/** Lays out how the dose of one exercise is changed on a day. */
record PrescribePanels(DayOfVisit day, RoleKey role) {

    /** From which dose the fields begin. */
    enum Start {
        /** As it is proposed today. */
        TODAY,
        /** As it was really done last. */
        LAST,
        LIBRARY
    }

    Activity.Exercise exercise() {
        return (Activity.Exercise) day.signs().activity(role);
    }

    Optional<Written> standing() {
        return Optional.ofNullable(day.written().get(role));
    }

    /** Where the fields begin: what is prescribed with today's dose, or the library's. */
    Prescription from(Start start) {
        Prescription plain = standing()
                .map(Written::prescription)
                .filter(written -> start != Start.LIBRARY)
                .orElseGet(() -> Prescription.plain(exercise(), role, new Since(day.date(), 0), library()));
        return plain.dosed(dose(start), new Since(day.date(), 0));
    }

    private WorkingDose library() {
        return WorkingDose.usual(exercise(), exercise().role(role));
    }

    private WorkingDose dose(Start start) {
        return switch (start) {
            case TODAY ->
                day.visit()
                        .proposal(role)
                        .toDo()
                        .filter(toDo -> toDo.role().equals(role))
                        .map(Proposal.Do::dose)
                        .orElseGet(this::library);
            case LAST -> day.visit().lastDone(role).orElseGet(this::library);
            case LIBRARY -> library();
        };
    }

    PrescribePanel panel(Start start) {
        return panel(from(start), Optional.of(start), Map.of());
    }

    /**
     * The panel of a prescription.
     *
     * @param typed what stands in its fields instead, readable or not
     */
    PrescribePanel panel(Prescription shown, Optional<Start> start, Map<String, String> typed) {
        WorkingDose dose = shown.dose();
        return new PrescribePanel(
                role.toString(),
                day.signs().title(role),
                UUID.randomUUID(),
                standing().map(written -> written.id().toString()).orElse(""),
                standing().map(this::says).orElse(""),
                nudges(dose(Start.TODAY)),
                starts(start),
                fields(shown, typed),
                dose.aim().counted().word(),
                dose.load().map(load -> load.unit().word()).orElse(""),
                dose.load().filter(load -> load.unit() == LoadUnit.KILOGRAMS).isPresent() ? "0.5" : "1",
                new SetUps(day.standing(), exercise(), role).beside(dose.setUp()),
                days(shown),
                rules(shown),
                shown.goesOnBy().rule().number().map(number -> number.what()).orElse(""),
                judged(dose));
    }

    /** What is prescribed, by whom and since when. */
    String says(Written written) {
        Prescription prescription = written.prescription();
        return "Prescribed on " + Dates.say(prescription.since().day()) + " by " + written.by() + ": "
                + day.bands().in(PrescriptionWords.say(prescription)) + ". "
                + PrescriptionWords.say(prescription.goesOnBy())
                + (prescription.words().isEmpty() ? "" : " “" + prescription.words() + "”");
    }

    PrescribePanel.Judged judged(WorkingDose dose) {
        Allowed allowed = day.visit().allowed(role, dose);
        String why = day.bands().in(day.words().say(allowed.why()));
        if (allowed.dose().equals(Optional.of(dose))) {
            return new PrescribePanel.Judged(true, "Open today: " + say(dose) + ".");
        }
        return new PrescribePanel.Judged(
                false,
                (allowed.dose()
                                        .map(less -> "Allowed today: " + say(less) + ". ")
                                        .orElse("Not open today. ")
                                + why)
                        .strip());
    }

    /** The small changes that the gate lets pass today. */
    private List<PrescribePanel.Change> nudges(WorkingDose dose) {
        return Arrays.stream(Nudge.values())
                .flatMap(nudge -> nudge
                        .of(dose)
                        .filter(changed ->
                                day.visit().allowed(role, changed).dose().equals(Optional.of(changed)))
                        .map(changed -> new PrescribePanel.Change(nudge.name(), says(nudge, changed)))
                        .stream())
                .toList();
    }

    private String says(Nudge nudge, WorkingDose changed) {
        return switch (nudge) {
            case HEAVIER, LIGHTER ->
                day.bands().in(changed.load().map(ProgressionWords::load).orElse(""));
            case MORE, FEWER -> changed.aim().toString();
            case SET_MORE, SET_FEWER -> changed.sets() + (changed.sets() == 1 ? " set" : " sets");
        };
    }

    private String say(WorkingDose dose) {
        return day.bands().in(ProgressionWords.dose(dose));
    }

    private List<PrescribePanel.Start> starts(Optional<Start> chosen) {
        return Stream.of(Start.values())
                .filter(start ->
                        start != Start.LAST || day.visit().lastDone(role).isPresent())
                .map(start -> new PrescribePanel.Start(
                        start.name(),
                        switch (start) {
                            case TODAY -> "today's";
                            case LAST -> "as done last";
                            case LIBRARY -> "the library's";
                        },
                        chosen.equals(Optional.of(start))))
                .toList();
    }

    private static Map<String, String> fields(Prescription shown, Map<String, String> typed) {
        WorkingDose dose = shown.dose();
        SetAim aim = dose.aim();
        GoesOnBy by = shown.goesOnBy();
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("sets", String.valueOf(dose.sets()));
        fields.put("least", aim.least() < aim.most() ? String.valueOf(aim.least()) : "");
        fields.put("most", String.valueOf(aim.most()));
        fields.put("load", dose.load().map(Load::amount).map(Plain::number).orElse(""));
        fields.put("tempo", shown.tempo().map(Object::toString).orElse(""));
        fields.put("rest", typed(shown.restSeconds()));
        fields.put("side", shown.side().name());
        fields.put(
                "times",
                shown.often().map(often -> String.valueOf(often.times())).orElse(""));
        fields.put(
                "per",
                shown.often().map(Frequency::per).orElse(Frequency.Per.WEEK).name());
        fields.put("pain", typed(shown.painMost()));
        fields.put("number", by.rule().number().isPresent() ? String.valueOf(by.number()) : "");
        fields.put("words", shown.words());
        fields.putAll(typed);
        return fields;
    }

    private static String typed(OptionalInt number) {
        return number.isPresent() ? String.valueOf(number.getAsInt()) : "";
    }

    private static List<PrescribePanel.Ticked> days(Prescription shown) {
        return Arrays.stream(DayKind.values())
                .map(kind -> new PrescribePanel.Ticked(
                        kind.name(), PrescriptionWords.day(kind), shown.days().contains(kind)))
                .toList();
    }

    private List<PrescribePanel.Ticked> rules(Prescription shown) {
        List<PrescribePanel.Ticked> rules = new ArrayList<>();
        for (Progression rule : List.of(exercise().progression(), Progression.AS_WRITTEN)) {
            rules.add(new PrescribePanel.Ticked(
                    rule.name(),
                    rule == Progression.AS_WRITTEN
                            ? "stay as prescribed"
                            : rule.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                    shown.goesOnBy().rule() == rule));
        }
        return rules;
    }
}
