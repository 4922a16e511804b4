package waypost.app.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.gate.Gate;
import waypost.core.log.Decisions;
import waypost.core.log.Evidence;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.library.bundle.Bundle;

/** Rules put into force and compiled once for all courses with equal ones: they depend on nothing that happens later. */
@Component
class CompiledRules {

    private static final int MOST = 1000;
    private static final History NOTHING_YET = History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of());

    /** What decides which rules are in force. */
    private record Rules(String bundleHash, String protocolId, Answers answers, Clocks clocks, Decisions decisions) {}

    /** What applies whatever the dates. */
    private record Applied(String bundleHash, String protocolId, Answers answers) {}

    /** The same without the dates: courses that differ only in day 0 share what is compiled. */
    private record Undated(
            String bundleHash, String protocolId, Answers answers, Clocks.Undated clocks, Decisions decisions) {}

    private final Cache<Rules, Course> compiled =
            Caffeine.newBuilder().maximumSize(MOST).build();

    private final Cache<Applied, Resolver> applied =
            Caffeine.newBuilder().maximumSize(MOST).build();

    private final Cache<Undated, Gate> gates =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** The gate of some course that is answered alike: only the days may have to be put into it. */
    private final Cache<Applied, Gate> alike =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** A course under these rules in which nothing has happened. */
    Course of(Bundle bundle, Protocol protocol, Answers answers, Clocks clocks, Decisions decisions) {
        Rules rules = new Rules(bundle.hash(), protocol.id(), answers, clocks, decisions);
        return compiled.get(rules, key -> {
            Applied answered = new Applied(bundle.hash(), protocol.id(), answers);
            Resolver applies = applied.get(answered, any -> Resolver.of(protocol, answers));
            Undated undated = new Undated(bundle.hash(), protocol.id(), answers, applies.undated(clocks), decisions);
            Gate known = gates.getIfPresent(undated);
            Course course =
                    course(applies.on(clocks, decisions), bundle, known == null ? alike.getIfPresent(answered) : known);
            gates.put(undated, course.gate());
            alike.put(answered, course.gate());
            return course;
        });
    }

    private static Course course(Resolved resolved, Bundle bundle, @Nullable Gate known) {
        return known == null
                ? Course.of(resolved, bundle.activities(), bundle.measures(), NOTHING_YET)
                : Course.of(resolved, bundle.activities(), bundle.measures(), known, NOTHING_YET);
    }
}
