package waypost.app.store;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import waypost.core.body.Side;
import waypost.core.care.Episode;
import waypost.core.care.Person;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.SignedPhase;
import waypost.core.log.Attestation;
import waypost.core.log.Decisions;
import waypost.core.log.Event;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.log.Session;
import waypost.core.measure.Readings;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.library.bundle.Bundle;
import waypost.library.coursefile.CheckedIn;

/** Assembles courses with the same ten queries at most for one as for a hundred, each beside the others of its patient. */
@Service
public class CourseLoader {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CourseMapper mapper;
    private final Bundles bundles;
    private final ReadingStore readingStore;
    private final WorkStore workStore;
    private final CompiledRules rules;
    private final OncePerRequest once;

    CourseLoader(
            CourseMapper mapper,
            Bundles bundles,
            ReadingStore readingStore,
            WorkStore workStore,
            CompiledRules rules,
            OncePerRequest once) {
        this.mapper = mapper;
        this.bundles = bundles;
        this.readingStore = readingStore;
        this.workStore = workStore;
        this.rules = rules;
        this.once = once;
    }

    /** One course of this clinic; another clinic's course is not found. */
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
                () -> List.copyOf(persons(clinicId, List.of(courseId)).values()));
    }

    /** The bundle to which a course of this clinic is pinned, without putting the course together. */
    @Transactional(readOnly = true)
    public Bundle bundleOf(UUID clinicId, UUID courseId) {
        return mapper.findCourses(clinicId, new UUID[] {courseId}).stream()
                .filter(row -> row.id().equals(courseId))
                .findFirst()
                .map(row -> bundles.get(row.bundleHash()))
                .orElseThrow(NotFoundException::new);
    }

    /** The named courses as far as they are this clinic's, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, LoadedCourse> loadAll(UUID clinicId, Collection<UUID> courseIds) {
        Map<UUID, LoadedCourse> loaded = persons(clinicId, courseIds);
        loaded.keySet().retainAll(Set.copyOf(courseIds));
        return loaded;
    }

    /** The named courses and every other of their patients. */
    private Map<UUID, LoadedCourse> persons(UUID clinicId, Collection<UUID> courseIds) {
        List<CourseRow> rows = mapper.findCourses(clinicId, courseIds.toArray(UUID[]::new));
        Map<UUID, CourseRows> stored = stored(rows);
        Map<UUID, List<CourseRow>> byPatient = rows.stream().collect(Collectors.groupingBy(CourseRow::patientId));
        Map<UUID, LoadedCourse> loaded = new LinkedHashMap<>();
        for (List<CourseRow> patient : byPatient.values()) {
            Person person = Person.of(patient.stream()
                    .map(row ->
                            new Episode(row.id().toString(), alone(row, Objects.requireNonNull(stored.get(row.id())))))
                    .toList());
            for (CourseRow row : patient) {
                Course course = person.course(row.id().toString());
                loaded.put(
                        row.id(),
                        new LoadedCourse(
                                row,
                                bundles.get(row.bundleHash()),
                                course,
                                Objects.requireNonNull(stored.get(row.id())),
                                patient));
            }
        }
        return loaded;
    }

    private Map<UUID, CourseRows> stored(List<CourseRow> rows) {
        UUID[] ids = rows.stream().map(CourseRow::id).toArray(UUID[]::new);
        Map<UUID, Readings> readings = readingStore.of(rows, bundles::get);
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

    /** A course as it is before the patient's others are looked at. */
    private Course alone(CourseRow row, CourseRows stored) {
        Bundle bundle = bundles.get(row.bundleHash());
        Protocol protocol = bundle.protocol(row.protocolId());
        Decisions decisions = new Decisions(
                stored.orders().stream().map(order -> order.order(protocol)).toList(),
                stored.narrowings().stream()
                        .map(narrowing -> narrowing.narrowing(protocol))
                        .toList());
        List<Event> events = stored.events().stream().map(EventRow::event).toList();
        return rules.of(bundle, protocol, answers(row.answers()), Event.clocks(row.dayZero(), events), decisions)
                .with(history(row, stored, events));
    }

    private static History history(CourseRow row, CourseRows stored, List<Event> events) {
        Evidence evidence = new Evidence(
                stored.readings(),
                stored.attested().stream()
                        .map(a -> new Attestation(a.criterion(), a.attestedOn(), a.saidBy()))
                        .toList(),
                stored.sessions());
        return new History(
                Side.valueOf(row.side()),
                true,
                evidence,
                stored.advances().stream()
                        .map(a -> new SignedPhase(a.phase(), a.fromDate()))
                        .toList(),
                stored.holds().stream()
                        .map(h -> new Hold(h.kind(), h.why(), h.fromDate(), h.reviewOn(), h.ended(), h.placedBy()))
                        .toList(),
                events,
                Optional.ofNullable(row.endedOn()),
                Optional.ofNullable(row.revises()).map(UUID::toString));
    }

    /** Answers as they are stored: by question the possible values; absent is not stated. */
    public static Answers answers(String json) {
        return new Answers(JSON.readValue(json, new TypeReference<Map<String, Set<String>>>() {}));
    }

    public static String json(Answers answers) {
        return JSON.writeValueAsString(answers.stated());
    }
}
