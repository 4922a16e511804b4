package waypost.app.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import waypost.core.measure.Derived;
import waypost.core.measure.Readings;
import waypost.library.bundle.Bundle;

/**
 * The readings of courses, with what is derived from them. Rows are only ever added, so what was made of a course's rows
 * stays true until there is another: it is kept under their number and the last one's, and every process of the application
 * finds the same. The last one alone would not do: of two that are written at once the earlier may be seen the later.
 */
@Component
class ReadingStore {

    private static final int MOST_COURSES = 500;

    private final CourseMapper mapper;
    private final Cache<Upto, Readings> made =
            Caffeine.newBuilder().maximumSize(MOST_COURSES).build();

    ReadingStore(CourseMapper mapper) {
        this.mapper = mapper;
    }

    /** So many rows of a course up to the last one, read by a bundle's measures. */
    private record Upto(UUID courseId, String bundleHash, long nth, long many) {}

    /** The readings of each course; what is not named has none. */
    Map<UUID, Readings> of(Collection<CourseRow> courses, Function<String, Bundle> bundles) {
        Map<UUID, Upto> wanted = courses.stream()
                .flatMap(course -> Optional.ofNullable(course.lastReading())
                        .map(last -> new Upto(course.id(), course.bundleHash(), last, course.readings()))
                        .stream())
                .collect(Collectors.toMap(Upto::courseId, Function.identity()));
        Map<UUID, Readings> readings = new HashMap<>();
        wanted.forEach((id, upto) -> {
            Readings known = made.getIfPresent(upto);
            if (known != null) {
                readings.put(id, known);
            }
        });
        UUID[] missing =
                wanted.keySet().stream().filter(id -> !readings.containsKey(id)).toArray(UUID[]::new);
        Map<UUID, List<ReadingSeries>> series = missing.length == 0
                ? Map.of()
                : mapper.findReadings(missing).stream().collect(Collectors.groupingBy(ReadingSeries::courseId));
        wanted.forEach((id, upto) ->
                Optional.ofNullable(series.get(id)).ifPresent(each -> readings.put(id, make(each, upto, bundles))));
        return readings;
    }

    private Readings make(List<ReadingSeries> series, Upto upto, Function<String, Bundle> bundles) {
        Bundle bundle = bundles.apply(upto.bundleHash());
        Readings readings =
                new Derived(bundle.measures()).in(new Readings(ReadingSeries.lastOfEachDay(series, bundle::measure)));
        made.put(upto, readings);
        return readings;
    }
}
