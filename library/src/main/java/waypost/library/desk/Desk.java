package waypost.library.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.SourceText;

/**
 * A protocol with the parts that it includes, as they lie on the desk. A part that ships belongs to many protocols: it is taken
 * over, as a file of this protocol's own, when something in it is changed first.
 */
public final class Desk {

    /** Before the id of a part that was taken over. */
    static final String OWN = "own.";

    /** Name of the file of own measures. */
    public static final String MEASURES = "measures";

    private final DeskParts shipped;
    private final DeskFile protocol;
    private final Map<String, DeskFile> parts;
    private final Optional<String> measures;

    private Desk(DeskParts shipped, DeskFile protocol, Map<String, DeskFile> own, Optional<String> measures) {
        this.shipped = shipped;
        this.protocol = protocol;
        this.measures = measures;
        this.parts = new LinkedHashMap<>();
        for (String id : protocol.includes()) {
            DeskFile taken = own.get(id);
            parts.put(id, taken != null ? taken : shipped.part(id));
        }
    }

    /**
     * What lies on the desk.
     *
     * @param protocol text of its file
     * @param own parts that were taken over, and measures
     * @throws waypost.library.text.RefusedException when a file can't be read
     */
    public static Desk of(DeskParts shipped, String protocol, OwnFiles own) {
        Map<String, DeskFile> files = new HashMap<>();
        own.parts().forEach((id, text) -> files.put(id, new DeskFile(id, text)));
        return new Desk(shipped, new DeskFile("", protocol), files, own.measures());
    }

    /** Everything that lies on a day: of the protocol, then of its parts. */
    public List<Post> posts() {
        List<Post> posts = new ArrayList<>(protocol.posts().values());
        parts.values().forEach(part -> posts.addAll(part.posts().values()));
        return posts;
    }

    public Optional<Post> post(String key) {
        return posts().stream().filter(post -> post.key().equals(key)).findFirst();
    }

    /** The key of a post as it is now: one of a part that was taken over meanwhile is found under the part's own name. */
    public String keyNow(String key) {
        return key.contains(":") && !key.startsWith(OWN) && post(key).isEmpty() ? OWN + key : key;
    }

    /** Whether a part is included, as it ships or taken over. */
    public boolean includes(String part) {
        return parts.containsKey(part) || parts.containsKey(OWN + part);
    }

    /** The text of a file: of the protocol for "", of the own measures for {@value #MEASURES}, else of the part. */
    public String text(String file) {
        return file.equals(MEASURES) ? measures.orElse("") : file(file).text();
    }

    private DeskFile file(String name) {
        DeskFile file = name.isEmpty() ? protocol : parts.get(name);
        if (file == null) {
            throw new IllegalArgumentException(
                    "found the part '" + name + "', allowed: " + String.join(", ", parts.keySet()));
        }
        return file;
    }

    /** The names of its files: "" for the protocol's own, then the parts', then {@value #MEASURES}. */
    public List<String> files() {
        List<String> names = new ArrayList<>(List.of(""));
        names.addAll(parts.keySet());
        names.add(MEASURES);
        return names;
    }

    /**
     * The desk after a change.
     *
     * @throws IllegalArgumentException when there is nothing to change there
     * @throws waypost.library.text.RefusedException when it can't be read then
     */
    public Desk with(Change change) {
        if (change.file().isEmpty()) {
            return new Desk(shipped, protocol.with(change), parts, measures);
        }
        if (change.file().startsWith(OWN)) {
            return holding(protocol, change.file(), file(change.file()).with(change));
        }
        String own = OWN + change.file();
        DeskFile taken = file(change.file()).with(change).named(own);
        return holding(protocol.including(change.file(), own), own, taken);
    }

    private Desk holding(DeskFile top, String name, DeskFile file) {
        Map<String, DeskFile> all = new HashMap<>(parts);
        all.put(name, file);
        return new Desk(shipped, top, all, measures);
    }

    /** The desk with another text for one of its files; a part that ships is taken over by it. Blank measures are none. */
    public Desk withText(String file, String text) {
        if (file.isEmpty()) {
            return new Desk(shipped, new DeskFile("", text), parts, measures);
        }
        if (file.equals(MEASURES)) {
            return new Desk(shipped, protocol, parts, Optional.of(text).filter(written -> !written.isBlank()));
        }
        String own = file.startsWith(OWN) ? file : OWN + file;
        DeskFile written = new DeskFile(file, text).named(own);
        DeskFile naming = file.equals(own) ? protocol : protocol.including(file, own);
        return holding(naming, own, written);
    }

    /** What of it does not ship. */
    public OwnFiles own() {
        Map<String, String> own = new TreeMap<>();
        parts.forEach((id, file) -> {
            if (id.startsWith(OWN)) {
                own.put(id, file.text());
            }
        });
        return new OwnFiles(Optional.of(protocol.text()), own, measures);
    }

    /**
     * The bundle with this protocol in it, to be judged by.
     *
     * @param id under which it stands
     * @param supplements files that add to it
     * @throws waypost.library.text.RefusedException with every problem in its files
     */
    public Bundle read(String id, List<SourceText> supplements) {
        List<SourceText> own = new ArrayList<>();
        own().parts().forEach((part, text) -> own.add(new SourceText("parts/" + part + ".yaml", text)));
        measures.ifPresent(text -> own.add(new SourceText("measures/" + id + ".yaml", text)));
        return shipped.reader()
                .with(
                        protocol.document(),
                        new SourceText("protocols/" + id + ".yaml", protocol.text()),
                        own,
                        supplements);
    }

    /**
     * By key the posts that are not so in what lies below, each with what stood in its place there; empty for what is new. A step
     * that only has another before it is the same.
     */
    public Map<String, Optional<Post>> movedFrom(Desk base) {
        Set<Post.Said> before = said(base);
        Set<Post.Said> now = said(this);
        Map<String, Post> places = new HashMap<>();
        base.posts().stream()
                .filter(post -> !now.contains(post.said()))
                .forEach(post -> places.put(post.shipped(), post));
        Map<String, Optional<Post>> moved = new LinkedHashMap<>();
        for (Post post : posts()) {
            if (!before.contains(post.said())) {
                moved.put(post.key(), Optional.ofNullable(places.get(post.shipped())));
            }
        }
        return moved;
    }

    /** The changes in words, one each; what only goes with its phase is counted. */
    public List<String> changes(Desk base, UnaryOperator<String> named) {
        List<String> said = new ArrayList<>();
        int follow = 0;
        for (Map.Entry<String, Optional<Post>> each : movedFrom(base).entrySet()) {
            Post now = post(each.getKey()).orElseThrow();
            boolean follows = now.follows()
                    && each.getValue()
                            .filter(was -> was.follows() && was.phase().equals(now.phase()))
                            .isPresent();
            follow += follows ? 1 : 0;
            if (!follows) {
                said.add(DeskWords.change(each.getValue(), now, named));
            }
        }
        if (follow > 0) {
            said.add(follow + (follow == 1 ? " opening goes" : " openings go") + " with the day of the phase");
        }
        goneFrom(base).forEach(post -> said.add("Taken out: " + DeskWords.say(post, named)));
        return said;
    }

    /** What stands below and has no place here any more. */
    public List<Post> goneFrom(Desk base) {
        Set<Post.Said> now = said(this);
        Set<String> places = posts().stream().map(Post::shipped).collect(Collectors.toSet());
        return base.posts().stream()
                .filter(post -> !now.contains(post.said()) && !places.contains(post.shipped()))
                .toList();
    }

    /** Every line of its own that is not so in what lies below, whatever it says. */
    public List<TextChange> linesUnlike(Desk base) {
        List<TextChange> changes = new ArrayList<>(TextChange.between("", base.text(""), text("")));
        parts.forEach((id, file) -> {
            if (id.startsWith(OWN)) {
                String shippedText = shipped.part(id.substring(OWN.length())).text();
                changes.addAll(TextChange.between(id, shippedText, file.text()));
            }
        });
        changes.addAll(TextChange.between(MEASURES, base.text(MEASURES), text(MEASURES)));
        return changes;
    }

    private static Set<Post.Said> said(Desk desk) {
        return desk.posts().stream().map(Post::said).collect(Collectors.toSet());
    }
}
