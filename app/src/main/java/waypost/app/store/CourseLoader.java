package waypost.app.store;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.SignedPhase;
import waypost.core.log.Attestation;
import waypost.core.log.Decisions;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.log.Session;
import waypost.core.measure.Readings;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.library.bundle.Bundle;

/** Assembles courses with the same nine queries for one as for a hundred. */
@Service
public class CourseLoader {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CourseMapper mapper;
    private final Bundles bundles;
    private final ReadingStore readingStore;
    private final WorkStore workStore;

    CourseLoader(CourseMapper mapper, Bundles bundles, ReadingStore readingStore, WorkStore workStore) {
        this.mapper = mapper;
        this.bundles = bundles;
        this.readingStore = readingStore;
        this.workStore = workStore;
    }

    /** One course of this clinic; another clinic's course is not found. */
    @Transactional(readOnly = true)
    public LoadedCourse load(UUID clinicId, UUID courseId) {
        LoadedCourse course = loadAll(clinicId, List.of(courseId)).get(courseId);
        if (course == null) {
            throw new NotFoundException();
        }
        return course;
    }

    /** The bundle to which a course of this clinic is pinned, without putting the course together. */
    @Transactional(readOnly = true)
    public Bundle bundleOf(UUID clinicId, UUID courseId) {
        return mapper.findCourses(clinicId, new UUID[] {courseId}).stream()
                .findFirst()
                .map(row -> bundles.get(row.bundleHash()))
                .orElseThrow(NotFoundException::new);
    }

    /** The named courses as far as they are this clinic's, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, LoadedCourse> loadAll(UUID clinicId, Collection<UUID> courseIds) {
        List<CourseRow> rows = mapper.findCourses(clinicId, courseIds.toArray(UUID[]::new));
        UUID[] ids = rows.stream().map(CourseRow::id).toArray(UUID[]::new);
        Map<UUID, Readings> readings = readingStore.of(rows, bundles::get);
        Map<UUID, List<AdvanceRow>> advances = grouped(mapper.findAdvances(ids), AdvanceRow::courseId);
        Map<UUID, List<HoldRow>> holds = grouped(mapper.findHolds(ids), HoldRow::courseId);
        Map<UUID, List<AttestationRow>> attested = grouped(mapper.findAttestations(ids), AttestationRow::courseId);
        Map<UUID, List<OrderRow>> orders = grouped(mapper.findOrders(ids), OrderRow::courseId);
        Map<UUID, List<Session>> sessions = workStore.sessions(List.of(ids));
        Map<UUID, LoadedCourse> loaded = new LinkedHashMap<>();
        for (CourseRow row : rows) {
            Rows of = new Rows(
                    readings.getOrDefault(row.id(), Readings.NONE),
                    advances.getOrDefault(row.id(), List.of()),
                    holds.getOrDefault(row.id(), List.of()),
                    attested.getOrDefault(row.id(), List.of()),
                    orders.getOrDefault(row.id(), List.of()),
                    sessions.getOrDefault(row.id(), List.of()));
            loaded.put(row.id(), assemble(row, of));
        }
        return loaded;
    }

    /** What is stored of one course. */
    private record Rows(
            Readings readings,
            List<AdvanceRow> advances,
            List<HoldRow> holds,
            List<AttestationRow> attested,
            List<OrderRow> orders,
            List<Session> sessions) {}

    private static <T> Map<UUID, List<T>> grouped(List<T> rows, Function<T, UUID> courseId) {
        return rows.stream().collect(Collectors.groupingBy(courseId));
    }

    private LoadedCourse assemble(CourseRow row, Rows of) {
        Bundle bundle = bundles.get(row.bundleHash());
        Protocol protocol = bundle.protocol(row.protocolId());
        Decisions decisions = new Decisions(
                of.orders().stream().map(order -> order.order(protocol)).toList(), List.of());
        Resolved resolved =
                Resolver.resolve(protocol, answers(row.answers()), Clocks.startingOn(row.dayZero()), decisions);
        Evidence evidence = new Evidence(
                of.readings(),
                of.attested().stream()
                        .map(a -> new Attestation(a.criterion(), a.attestedOn(), a.saidBy()))
                        .toList(),
                of.sessions());
        History history = History.of(
                Side.valueOf(row.side()),
                evidence,
                of.advances().stream()
                        .map(a -> new SignedPhase(a.phase(), a.fromDate()))
                        .toList(),
                of.holds().stream()
                        .map(h -> new Hold(h.kind(), h.why(), h.fromDate(), h.reviewOn(), h.ended(), h.placedBy()))
                        .toList());
        Course course = Course.of(resolved, bundle.activities(), bundle.measures(), history);
        return new LoadedCourse(row, bundle, course, of.holds(), of.orders());
    }

    /** Answers as they are stored: by question the possible values; absent is not stated. */
    public static Answers answers(String json) {
        return new Answers(JSON.readValue(json, new TypeReference<Map<String, Set<String>>>() {}));
    }

    public static String json(Answers answers) {
        return JSON.writeValueAsString(answers.stated());
    }
}
