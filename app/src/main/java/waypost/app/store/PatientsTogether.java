package waypost.app.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.micrometer.core.instrument.Metrics;
import io.micrometer.core.instrument.Timer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
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
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/**
 * Patients put together from the rows of their courses. What was made is kept under all of those rows: it is used again only
 * where every one of them is as it was, whoever wrote in between.
 */
@Component
class PatientsTogether {

    private static final int MOST_PATIENTS = 300;

    private final ClinicBundles bundles;
    private final CompiledRules rules;
    private final Cache<List<Stored>, Map<UUID, LoadedCourse>> made =
            Caffeine.newBuilder().maximumSize(MOST_PATIENTS).build();

    PatientsTogether(ClinicBundles bundles, CompiledRules rules) {
        this.bundles = bundles;
        this.rules = rules;
    }

    /** Everything that is stored of one course. */
    private record Stored(CourseRow row, CourseRows rows) {}

    /** Every course of one patient, each beside the others, by id. */
    Map<UUID, LoadedCourse> of(List<CourseRow> patient, Map<UUID, CourseRows> stored) {
        List<Stored> all = patient.stream()
                .map(row -> new Stored(row, Objects.requireNonNull(stored.get(row.id()))))
                .toList();
        return made.get(all, this::together);
    }

    private Map<UUID, LoadedCourse> together(List<Stored> patient) {
        Timer.Sample begun = Timer.start();
        List<CourseRow> rows = patient.stream().map(Stored::row).toList();
        Person person = Person.of(patient.stream()
                .map(stored -> new Episode(stored.row().id().toString(), alone(stored.row(), stored.rows())))
                .toList());
        Map<UUID, LoadedCourse> loaded = new HashMap<>();
        for (Stored stored : patient) {
            CourseRow row = stored.row();
            loaded.put(
                    row.id(),
                    new LoadedCourse(
                            row, bundles.of(row), person.course(row.id().toString()), stored.rows(), rows));
        }
        begun.stop(Metrics.timer("waypost.putting.together"));
        return Map.copyOf(loaded);
    }

    /** A course as it is before the patient's others are looked at. */
    private Course alone(CourseRow row, CourseRows stored) {
        Bundle bundle = bundles.of(row);
        Protocol protocol = bundle.protocol(row.protocolId());
        Decisions decisions = new Decisions(
                        stored.orders().stream()
                                .map(order -> order.order(protocol))
                                .toList(),
                        stored.narrowings().stream()
                                .map(narrowing -> narrowing.narrowing(protocol))
                                .toList())
                .barringAlso(bundle.madeFrom());
        List<Event> events = stored.events().stream().map(EventRow::event).toList();
        return rules.of(
                        bundle,
                        protocol,
                        CourseLoader.answers(row.answers()),
                        Event.clocks(row.dayZero(), events),
                        decisions)
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
}
