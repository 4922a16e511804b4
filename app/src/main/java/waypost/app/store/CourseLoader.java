package waypost.app.store;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import waypost.core.log.Session;
import waypost.core.measure.Readings;
import waypost.core.question.Answers;
import waypost.library.bundle.Bundle;
import waypost.library.coursefile.CheckedIn;

/** Assembles courses with the same ten queries at most for one as for a hundred, each beside the others of its patient. */
@Service
public class CourseLoader {

    private static final Logger LOG = LoggerFactory.getLogger(CourseLoader.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CourseMapper mapper;
    private final ClinicBundles bundles;
    private final ReadingStore readingStore;
    private final WorkStore workStore;
    private final PatientsTogether together;
    private final OncePerRequest once;

    CourseLoader(
            CourseMapper mapper,
            ClinicBundles bundles,
            ReadingStore readingStore,
            WorkStore workStore,
            PatientsTogether together,
            OncePerRequest once) {
        this.mapper = mapper;
        this.bundles = bundles;
        this.readingStore = readingStore;
        this.workStore = workStore;
        this.together = together;
        this.once = once;
    }

    /**
     * One course of this clinic; another clinic's course is not found.
     *
     * @throws UnreadableCourse where a row of it does not fit its library
     */
    @Transactional(readOnly = true)
    public LoadedCourse load(UUID clinicId, UUID courseId) {
        return patient(clinicId, courseId).stream()
                .filter(course -> course.row().id().equals(courseId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    /** Every course of the patient to whom a course of this clinic belongs, by day 0; none where it is another clinic's. */
    @Transactional(readOnly = true)
    public List<LoadedCourse> patient(UUID clinicId, UUID courseId) {
        return once.get(
                "waypost.patient." + clinicId + "." + courseId,
                () -> List.copyOf(whole(clinicId, courseId).values()));
    }

    private Map<UUID, LoadedCourse> whole(UUID clinicId, UUID courseId) {
        try {
            return persons(clinicId, List.of(courseId));
        } catch (RuntimeException failed) {
            throw Outage.isBehind(failed) ? failed : new UnreadableCourse(courseId, failed);
        }
    }

    /** The bundle to which a course of this clinic is pinned, without putting the course together. */
    @Transactional(readOnly = true)
    public Bundle bundleOf(UUID clinicId, UUID courseId) {
        return mapper.findCourses(clinicId, new UUID[] {courseId}).stream()
                .filter(row -> row.id().equals(courseId))
                .findFirst()
                .map(bundles::of)
                .orElseThrow(NotFoundException::new);
    }

    /**
     * The named courses as far as they are this clinic's, by id. One that can't be put together is left out and takes no
     * other with it.
     */
    @Transactional(readOnly = true)
    public Map<UUID, LoadedCourse> loadAll(UUID clinicId, Collection<UUID> courseIds) {
        Map<UUID, LoadedCourse> loaded = whatCanBeRead(clinicId, courseIds);
        loaded.keySet().retainAll(Set.copyOf(courseIds));
        return loaded;
    }

    private Map<UUID, LoadedCourse> whatCanBeRead(UUID clinicId, Collection<UUID> courseIds) {
        try {
            return persons(clinicId, courseIds);
        } catch (RuntimeException unreadable) {
            if (Outage.isBehind(unreadable)) {
                throw unreadable;
            }
            Map<UUID, LoadedCourse> loaded = new LinkedHashMap<>();
            courseIds.forEach(id -> {
                try {
                    loaded.putAll(persons(clinicId, List.of(id)));
                } catch (RuntimeException odd) {
                    LOG.error(
                            "course {} can't be put together: {}",
                            id,
                            odd.getClass().getName());
                }
            });
            return loaded;
        }
    }

    /**
     * Courses of this clinic as they would be under other published bundles, by id, each beside the patient's others as they
     * are. One that can't be put together so is left out.
     *
     * @param hashes by course the bundle
     */
    @Transactional(readOnly = true)
    public Map<UUID, LoadedCourse> under(UUID clinicId, Map<UUID, String> hashes) {
        List<CourseRow> rows = hashes.isEmpty()
                ? List.of()
                : mapper.findCourses(clinicId, hashes.keySet().toArray(UUID[]::new));
        Map<UUID, CourseRow> moved = rows.stream()
                .filter(row -> hashes.containsKey(row.id()))
                .collect(Collectors.toMap(
                        CourseRow::id, row -> row.under(Objects.requireNonNull(hashes.get(row.id())))));
        Map<UUID, CourseRows> asTheyAre = stored(rows);
        Map<UUID, Readings> read = readingStore.of(moved.values(), bundles::published);
        Map<UUID, LoadedCourse> loaded = new LinkedHashMap<>();
        moved.forEach((id, course) -> {
            List<CourseRow> patient = rows.stream()
                    .filter(row -> row.patientId().equals(course.patientId()))
                    .map(row -> row.id().equals(id) ? course : row)
                    .toList();
            Map<UUID, CourseRows> stored = new HashMap<>(asTheyAre);
            stored.computeIfPresent(id, (same, as) -> as.with(read.getOrDefault(id, Readings.NONE)));
            try {
                loaded.put(
                        id, Objects.requireNonNull(together.of(patient, stored).get(id)));
            } catch (RuntimeException unreadable) {
                if (Outage.isBehind(unreadable)) {
                    throw unreadable;
                }
                LOG.warn("course {} can't be put together under bundle {}", id, course.bundleHash());
            }
        });
        return loaded;
    }

    /** Whose courses these are, without putting one together; another clinic's are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, String> patientNames(UUID clinicId, Collection<UUID> courseIds) {
        return courseIds.isEmpty()
                ? Map.of()
                : mapper.findCourses(clinicId, courseIds.toArray(UUID[]::new)).stream()
                        .collect(Collectors.toMap(CourseRow::id, CourseRow::patientName));
    }

    /** The named courses and every other of their patients. */
    private Map<UUID, LoadedCourse> persons(UUID clinicId, Collection<UUID> courseIds) {
        List<CourseRow> rows = mapper.findCourses(clinicId, courseIds.toArray(UUID[]::new));
        Map<UUID, CourseRows> stored = stored(rows);
        Map<UUID, List<CourseRow>> byPatient = rows.stream().collect(Collectors.groupingBy(CourseRow::patientId));
        Map<UUID, LoadedCourse> loaded = new LinkedHashMap<>();
        for (List<CourseRow> patient : byPatient.values()) {
            Map<UUID, LoadedCourse> courses = together.of(patient, stored);
            patient.forEach(row -> loaded.put(row.id(), Objects.requireNonNull(courses.get(row.id()))));
        }
        return loaded;
    }

    private Map<UUID, CourseRows> stored(List<CourseRow> rows) {
        UUID[] ids = rows.stream().map(CourseRow::id).toArray(UUID[]::new);
        Map<UUID, Readings> readings = readingStore.of(rows, bundles::published);
        Map<UUID, List<AdvanceRow>> advances = grouped(mapper.findAdvances(ids), AdvanceRow::courseId);
        Map<UUID, List<HoldRow>> holds = grouped(mapper.findHolds(ids), HoldRow::courseId);
        Map<UUID, List<AttestationRow>> attested = grouped(mapper.findAttestations(ids), AttestationRow::courseId);
        Map<UUID, List<OrderRow>> orders = grouped(mapper.findOrders(ids), OrderRow::courseId);
        Map<UUID, List<EventRow>> events = grouped(mapper.findEvents(ids), EventRow::courseId);
        Map<UUID, List<NarrowingRow>> narrowings = grouped(mapper.findNarrowings(ids), NarrowingRow::courseId);
        Map<UUID, List<CheckedIn>> checkIns = workStore.checkIns(ids);
        Map<UUID, List<Session>> sessions = workStore.sessions(ids, checkIns);
        return rows.stream()
                .map(CourseRow::id)
                .collect(Collectors.toMap(
                        Function.identity(),
                        id -> new CourseRows(
                                readings.getOrDefault(id, Readings.NONE),
                                advances.getOrDefault(id, List.of()),
                                holds.getOrDefault(id, List.of()),
                                attested.getOrDefault(id, List.of()),
                                orders.getOrDefault(id, List.of()),
                                events.getOrDefault(id, List.of()),
                                narrowings.getOrDefault(id, List.of()),
                                sessions.getOrDefault(id, List.of()),
                                checkIns.getOrDefault(id, List.of()))));
    }

    private static <T> Map<UUID, List<T>> grouped(List<T> rows, Function<T, UUID> courseId) {
        return rows.stream().collect(Collectors.groupingBy(courseId));
    }

    /** Answers as they are stored: by question the possible values; absent is not stated. */
    public static Answers answers(String json) {
        return new Answers(JSON.readValue(json, new TypeReference<Map<String, Set<String>>>() {}));
    }

    public static String json(Answers answers) {
        return JSON.writeValueAsString(answers.stated());
    }
}
