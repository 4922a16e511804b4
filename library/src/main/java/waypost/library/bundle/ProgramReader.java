package waypost.library.bundle;

import java.util.List;
import java.util.Map;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.program.LighterWeek;
import waypost.core.program.Missed;
import waypost.core.program.Program;
import waypost.core.program.Stage;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads programs; each stage names a role of an exercise that is known, and milestones of the lists. */
record ProgramReader(
        Map<String, Activity> activities, Map<String, Criterion> milestones, Map<String, Program> programs) {

    void read(Entry top) {
        top.list("programs", entry -> entry.make(this::program)).forEach(program -> {
            if (programs.put(program.id(), program) != null) {
                top.problem("found the program '" + program.id() + "' twice, allowed: once");
            }
        });
    }

    private Program program(Entry entry) {
        return new Program(
                entry.text("id"),
                entry.text("title"),
                entry.text("says"),
                entry.list("stages", each -> each.make(this::stage)),
                entry.at("between").as(Integer::parseInt),
                entry.at("flare-back").as(Integer::parseInt),
                entry.list("missed", each -> each.make(ProgramReader::missed)),
                entry.find("lighter").map(each -> each.make(ProgramReader::lighter)),
                entry.find("after").map(each -> each.make(this::after)));
    }

    private Stage stage(Entry entry) {
        DosedRole dosed = DosedRole.read(entry, activities);
        List<Criterion> wants = entry.has("wants") ? entry.whole("wants", each -> each.as(this::milestone)) : List.of();
        return new Stage(
                dosed.role(), dosed.sets(), dosed.aim(), entry.at("clean").as(Integer::parseInt), wants);
    }

    private Criterion milestone(String id) {
        Criterion milestone = milestones.get(id);
        if (milestone == null) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, milestones.keySet()));
        }
        return milestone;
    }

    private static Missed missed(Entry entry) {
        return new Missed(
                entry.at("days").as(Integer::parseInt), entry.at("back").as(Integer::parseInt));
    }

    private static LighterWeek lighter(Entry entry) {
        return new LighterWeek(
                entry.at("every").as(Integer::parseInt), entry.at("percent").as(Integer::parseInt));
    }

    private Program.After after(Entry entry) {
        return new Program.After(
                entry.text("title"),
                entry.whole("roles", each -> each.as(text -> DosedRole.known(text, activities))),
                entry.at("days").as(Integer::parseInt));
    }
}
