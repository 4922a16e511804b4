package waypost.app.desk;

import org.jspecify.annotations.Nullable;
import waypost.library.desk.Desk;
import waypost.library.desk.Post;
import waypost.library.lint.Finding;

/**
 * Something that lint found.
 *
 * @param key of a post of the rule that it is about; null where it is about something that lies on no day
 */
record Found(@Nullable String key, String says, String mend) {

    static Found of(Finding finding, Desk desk) {
        return new Found(
                desk.posts().stream()
                        .filter(post -> isAbout(post, finding.rule()))
                        .map(Post::key)
                        .findFirst()
                        .orElse(null),
                finding.rule() + ": " + finding.says(),
                finding.mend());
    }

    private static boolean isAbout(Post post, String rule) {
        return post.about().equals(rule) || (post.file() + "." + post.about()).equals(rule);
    }
}
