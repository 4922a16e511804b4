package waypost.app.desk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import waypost.app.map.AllowedRange;
import waypost.app.map.Mark;
import waypost.app.map.Ruler;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.library.desk.DeskWords;
import waypost.library.desk.Post;

/** Everything of a desk that lies on a day, lane by lane. */
record DeskLanes(OpenDesk open, Ruler ruler) {

    private static final int DAYS_BEFORE = 14;
    private static final int DAYS_AFTER = 28;
    private static final int LATEST = 800;
    private static final String TOGETHER = "together";

    static DeskLanes of(OpenDesk open) {
        // What lies before every phase lies on the edge.
        int first = open.desk().posts().stream()
                .filter(post -> post.kind() == Post.Kind.PHASE)
                .mapToInt(post -> post.day().number())
                .min()
                .orElse(0);
        int last = open.desk().posts().stream()
                .mapToInt(post -> post.day().number())
                .max()
                .orElse(0);
        return new DeskLanes(
                open,
                new Ruler(
                        Moment.REFERENCE,
                        new CourseDay(Math.min(first, 0) - DAYS_BEFORE),
                        new CourseDay(Math.min(LATEST, last) + DAYS_AFTER)));
    }

    /** The posts that a key names: one, or all rungs of a ladder that open on one day. */
    static List<Post> together(OpenDesk open, String key) {
        List<Post> all = open.desk().posts().stream()
                .filter(post -> post.key().equals(key) || key.equals(together(open, post)))
                .toList();
        if (all.isEmpty()) {
            throw new IllegalArgumentException("found '" + key + "', allowed: a post that is on the map");
        }
        return all;
    }

    private static String together(OpenDesk open, Post post) {
        return switch (post.kind()) {
            case OPENING -> together(post, open.ladder(post));
            case MEASURING -> together(post, "measured");
            default -> "";
        };
    }

    private static String together(Post post, String lane) {
        return String.join(
                "|",
                TOGETHER,
                post.file(),
                lane,
                String.join(",", post.when()),
                String.valueOf(post.day().number()));
    }

    List<DeskLane> all() {
        Map<String, List<Post>> lanes = new LinkedHashMap<>();
        open.desk().posts().stream()
                .sorted(Comparator.comparingInt(post -> order(post.kind())))
                .forEach(post -> lanes.computeIfAbsent(lane(post), key -> new ArrayList<>())
                        .add(post));
        return lanes.values().stream().map(this::lane).toList();
    }

    private static int order(Post.Kind kind) {
        return switch (kind) {
            case PHASE, EXPECTED -> 0;
            case LIMIT -> 1;
            case DUTY -> 2;
            case DUE -> 3;
            case OPENING -> 4;
            case VISITS, HOME -> 5;
            case MEASURING -> 6;
            case CORRIDOR -> 7;
            case SET_UP -> 8;
        };
    }

    /** What holds under some answers alone is a branch, on a lane of its own. */
    private String lane(Post post) {
        return trunk(post) + "|" + String.join(",", post.when());
    }

    private String trunk(Post post) {
        return switch (post.kind()) {
            case PHASE, EXPECTED -> "phases";
            case DUE -> "due";
            case OPENING -> post.file() + "|" + open.ladder(post);
            case MEASURING -> "measuring";
            default -> post.rule();
        };
    }

    private DeskLane lane(List<Post> posts) {
        Post first = posts.get(0);
        return new DeskLane(
                first.kind().name().toLowerCase(Locale.ROOT),
                title(first),
                List.of(Post.Kind.LIMIT, Post.Kind.DUTY, Post.Kind.SET_UP).contains(first.kind()) ? first.rule() : "",
                first.file(),
                first.when().stream().map(open::branch).toList(),
                first.kind() == Post.Kind.OPENING || first.kind() == Post.Kind.MEASURING
                        ? grouped(posts)
                        : marks(posts));
    }

    private String title(Post post) {
        return switch (post.kind()) {
            case PHASE, EXPECTED -> "Phases";
            case DUE -> "Due by";
            case OPENING -> "Opens: " + open.ladder(post);
            case MEASURING -> "Measured";
            case VISITS -> "Visits";
            case HOME -> "At home";
            case CORRIDOR -> "Expected: " + post.about();
            default -> post.title();
        };
    }

    private List<DeskMark> marks(List<Post> posts) {
        List<Post> sorted =
                posts.stream().sorted(Comparator.comparing(Post::day)).toList();
        List<DeskMark> marks = new ArrayList<>();
        for (int at = 0; at < sorted.size(); at++) {
            Post post = sorted.get(at);
            CourseDay until = at + 1 < sorted.size() ? sorted.get(at + 1).day() : ruler.last();
            marks.add(new DeskMark(
                    post.key(),
                    List.of(post),
                    mark(post, until),
                    ghost(post),
                    open.moved().containsKey(post.key())));
        }
        return marks;
    }

    private Mark mark(Post post, CourseDay until) {
        double left = ruler.at(post.day());
        double[] range = post.kind() != Post.Kind.LIMIT
                ? new double[] {0, 0}
                : open.limit(post)
                        .flatMap(limit -> open.allowed(limit, post).map(allowed -> AllowedRange.of(limit, allowed)))
                        .orElse(new double[] {0, 0});
        String kind = range[1] > range[0] ? "ceiling" : "bar";
        boolean free = post.allows().equals(Optional.of("free"));
        return new Mark(
                free ? "free" : kind,
                left,
                Math.max(0, ruler.at(until) - left),
                range[0],
                range[1],
                post.allows().orElse(post.title()),
                open.say(post));
    }

    private OptionalDouble ghost(Post post) {
        Optional<Post> was = open.moved().getOrDefault(post.key(), Optional.empty());
        return was.isPresent() && !was.get().day().equals(post.day())
                ? OptionalDouble.of(ruler.at(was.get().day()))
                : OptionalDouble.empty();
    }

    /** What opens on one day is one mark. */
    private List<DeskMark> grouped(List<Post> posts) {
        Map<Integer, List<Post>> byDay = posts.stream()
                .collect(Collectors.groupingBy(post -> post.day().number(), TreeMap::new, Collectors.toList()));
        List<DeskMark> marks = new ArrayList<>();
        byDay.forEach((day, same) -> {
            Post one = same.get(0);
            String names = same.stream().map(post -> open.named(post.about())).collect(Collectors.joining(", "));
            Mark mark = new Mark(
                    "opens",
                    ruler.at(one.day()),
                    0,
                    0,
                    0,
                    same.size() == 1 ? open.named(one.about()) : String.valueOf(same.size()),
                    same.size() == 1 ? open.say(one) : names + ": from " + DeskWords.say(one.day()));
            boolean moved = same.stream().anyMatch(post -> open.moved().containsKey(post.key()));
            OptionalDouble ghost = same.stream()
                    .map(this::ghost)
                    .filter(OptionalDouble::isPresent)
                    .findFirst()
                    .orElse(OptionalDouble.empty());
            marks.add(new DeskMark(key(same), same, mark, ghost, moved));
        });
        return marks;
    }

    private String key(List<Post> same) {
        return same.size() == 1 ? same.get(0).key() : together(open, same.get(0));
    }
}
