package waypost.library.coursefile;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import waypost.core.demand.Load;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.log.Telling;
import waypost.core.log.WorkLog;
import waypost.core.own.OwnExercise;
import waypost.core.safety.CheckIn;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.Word;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads what was done in a course, and what was told on coming in. */
record WorkReader(Bundle bundle) {

    List<CheckedIn> checkIns(Entry top) {
        return top.list("check-ins", this::checkIn).stream()
                .sorted(Comparator.comparing(CheckedIn::on))
                .toList();
    }

    private CheckedIn checkIn(Entry entry) {
        CheckIn said = new CheckIn(
                entry.at("pain-now").as(Integer::parseInt),
                entry.maybe("pain-after", Integer::parseInt),
                entry.maybe("pain-next-morning", Integer::parseInt),
                Word.at(entry, "swelling", CheckIn.Swelling.class),
                Set.copyOf(entry.list("flags", flag -> flag.as(this::flag))));
        return new CheckedIn(
                entry.at("on").as(LocalDate::parse),
                said,
                Word.maybe(entry, "soreness", Response.Soreness.class).orElse(Response.Soreness.NONE));
    }

    private String flag(String id) {
        List<String> known = bundle.redFlags().stream().map(flag -> flag.id()).toList();
        if (!known.contains(id)) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, known));
        }
        return id;
    }

    WorkLog work(Entry top, List<CheckedIn> told) {
        List<SetDone> sets = top.list("sets", this::set).stream()
                .flatMap(Optional::stream)
                .sorted(Comparator.comparing(SetDone::on))
                .toList();
        NavigableSet<LocalDate> days = new TreeSet<>();
        sets.forEach(set -> days.add(set.on()));
        List<Telling> tellings = told.stream().map(CheckedIn::telling).toList();
        return new WorkLog(sets, Telling.responses(days, tellings));
    }

    /** A set; empty for one of a clinic's own exercise, which no library and so no rule here knows. */
    private Optional<SetDone> set(Entry entry) {
        RoleKey role = entry.at("role").as(this::role);
        return OwnExercise.isOwn(role.activity()) ? Optional.empty() : Optional.of(set(entry, role));
    }

    private SetDone set(Entry entry, RoleKey role) {
        return new SetDone(
                role,
                entry.at("on").as(LocalDate::parse),
                entry.at("amount").as(Integer::parseInt),
                entry.maybe("load", Load::parse),
                entry.maybe("set-up", text -> setUp(role, text)).orElse(Arrangement.UNSAID),
                entry.at("pain").as(Integer::parseInt),
                Word.at(entry, "form", SetDone.Form.class));
    }

    private Arrangement setUp(RoleKey role, String text) {
        Arrangement said = Arrangement.parse(text);
        bundle.findActivity(role.activity()).orElseThrow().setUps().check(said);
        return said;
    }

    private RoleKey role(String text) {
        List<String> known = bundle.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .map(role -> role.key().toString())
                .toList();
        boolean isOwn = OwnExercise.isOwn(text.split("/", 2)[0]);
        if (!known.contains(text) && !isOwn) {
            throw new IllegalArgumentException(Suggestion.oneOf(text, known));
        }
        return RoleKey.of(text);
    }
}
