package waypost.app.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.app.paper.PaperRow;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.desk.Desk;
import waypost.library.desk.DeskWords;
import waypost.library.desk.Post;

/**
 * A paper's protocol as it lies on the desk.
 *
 * @param base the protocol below, as it ships
 * @param bundle with the protocol in it
 * @param names of what opens
 * @param moved by key the posts that are not so below, with what stood there
 * @param gone what stands below and not here
 */
record OpenDesk(
        PaperRow row,
        Desk desk,
        Desk base,
        Bundle bundle,
        Names names,
        Map<String, Optional<Post>> moved,
        List<Post> gone) {

    static OpenDesk of(PaperRow row, Desk desk, Desk base, Bundle bundle) {
        return new OpenDesk(row, desk, base, bundle, Names.of(bundle), desk.movedFrom(base), desk.goneFrom(base));
    }

    public Protocol protocol() {
        return bundle.protocol(row.protocol());
    }

    /** The limit that a post is a step of. */
    Optional<Limit<?>> limit(Post post) {
        String id = post.file().isEmpty() ? post.about() : post.file() + "." + post.about();
        return protocol().rules().limits().stream()
                .filter(limit -> limit.head().id().equals(id))
                .findFirst()
                .map(limit -> limit);
    }

    /** What a step of a limit leaves; the moments of a limit are all different. */
    Optional<Allowed<?>> allowed(Limit<?> limit, Post post) {
        return limit.schedule().entries().stream()
                .filter(entry -> entry.from().equals(post.moment()))
                .findFirst()
                .map(entry -> entry.value());
    }

    /** What else says when the same opens: of all of them the latest holds. */
    public List<Post> besides(Post opening) {
        return desk.posts().stream()
                .filter(post -> post.kind() == Post.Kind.OPENING && opening.kind() == Post.Kind.OPENING)
                .filter(post ->
                        post.about().equals(opening.about()) && !post.key().equals(opening.key()))
                .toList();
    }

    /**
     * What something hangs on.
     *
     * @param asked the question in its own words; blank where it is a part's own
     * @param answer by which it holds
     */
    record Branch(String asked, String answer) {}

    /** A clause such as "run-start is week-14" in the words of its question; as it is written where that is a part's own. */
    Branch branch(String clause) {
        String[] parts = clause.split(" is (not )?", 2);
        List<String> values = List.of(parts[1].split("\\|"));
        return protocol().questions().stream()
                .filter(question -> question.id().equals(parts[0]))
                .filter(question -> question.valueIds().containsAll(values))
                .findFirst()
                .map(question -> new Branch(
                        question.prompt(),
                        (clause.contains(" is not ") ? "not " : "")
                                + values.stream().map(question::titleOf).collect(Collectors.joining(" or "))))
                .orElse(new Branch("", clause));
    }

    /** On which ladder what opens stands; tests have none. */
    public String ladder(Post opening) {
        return names.ladder(opening.about());
    }

    /** What a role is called. */
    public String named(String role) {
        return names.of(role);
    }

    /** What a post says, with its role by name. */
    public String say(Post post) {
        return DeskWords.say(post, names::of);
    }

    /** The same as a later revision. */
    OpenDesk as(PaperRow later) {
        return new OpenDesk(later, desk, base, bundle, names, moved, gone);
    }
}
