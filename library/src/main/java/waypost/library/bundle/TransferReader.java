package waypost.library.bundle;

import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.transfer.Circumstance;
import waypost.core.transfer.Moment;
import waypost.core.transfer.Transfer;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads ways from place to place; what is logged names a role of an exercise that is known. */
record TransferReader(Map<String, Activity> activities, Map<String, Transfer> transfers) {

    private static final Pattern SIDE = Pattern.compile("\\{([^}]*)}");
    private static final Set<String> SIDES = Set.of("operated", "other");

    void read(Entry top) {
        top.list("transfers", entry -> entry.make(this::transfer)).forEach(transfer -> {
            if (transfers.put(transfer.id(), transfer) != null) {
                top.problem("found the transfer '" + transfer.id() + "' twice, allowed: once");
            }
        });
    }

    private Transfer transfer(Entry entry) {
        return new Transfer(
                entry.text("id"),
                entry.text("title"),
                entry.maybe("logged-as", this::role),
                entry.list("steps", TransferReader::step));
    }

    private RoleKey role(String text) {
        RoleKey role = RoleKey.of(text);
        if (activities.get(role.activity()) instanceof Activity.Exercise exercise
                && exercise.roles().stream().anyMatch(each -> each.key().equals(role))) {
            return role;
        }
        throw new IllegalArgumentException("found '" + text + "', allowed: a role of an exercise of the library");
    }

    private static Transfer.Step step(Entry entry) {
        return new Transfer.Step(
                entry.at("say").as(TransferReader::sided),
                entry.at("guard").as(TransferReader::sided),
                entry.at("watch").as(TransferReader::sided),
                Word.maybe(entry, "shows", Moment.class),
                Set.copyOf(Word.all(entry, "when", Circumstance.class)),
                Set.copyOf(Word.all(entry, "unless", Circumstance.class)));
    }

    private static String sided(String text) {
        Matcher named = SIDE.matcher(text);
        while (named.find()) {
            if (!SIDES.contains(named.group(1))) {
                throw new IllegalArgumentException(Suggestion.oneOf(named.group(1), SIDES));
            }
        }
        return text;
    }
}
