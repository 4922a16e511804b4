package waypost.app.version;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.difference.ComparePage;
import waypost.app.difference.DifferencePage;
import waypost.app.entry.FormProblem;
import waypost.app.rack.Signs;
import waypost.app.shell.ClinicClock;
import waypost.app.signature.Signature;
import waypost.app.signature.Signatures;
import waypost.app.store.Bundles;
import waypost.app.store.ClinicProtocols;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.core.compare.Comparison;
import waypost.core.compare.Difference;
import waypost.core.course.Standing;

/** Finds running courses behind the last version of their protocol, and moves one when that is signed. */
@Service
class Versions {

    /** So many are looked through at once; the others follow when these are settled. */
    static final int AT_ONCE = 40;

    private final VersionMapper mapper;
    private final CourseLoader loader;
    private final ClinicProtocols protocols;
    private final Bundles bundles;
    private final Signatures signatures;
    private final ClinicClock clock;

    Versions(
            VersionMapper mapper,
            CourseLoader loader,
            ClinicProtocols protocols,
            Bundles bundles,
            Signatures signatures,
            ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.protocols = protocols;
        this.bundles = bundles;
        this.signatures = signatures;
        this.clock = clock;
    }

    /**
     * Those of a clinic, by day 0.
     *
     * @param more how many are not looked through yet
     */
    record All(List<Behind> behind, int more) {}

    @Transactional(readOnly = true)
    public All all(Staff staff) {
        Map<UUID, String> later = later(staff);
        Map<UUID, String> first = new LinkedHashMap<>();
        later.entrySet().stream().limit(AT_ONCE).forEach(each -> first.put(each.getKey(), each.getValue()));
        return new All(
                behind(staff, first, loader.loadAll(staff.clinicId(), first.keySet())), later.size() - first.size());
    }

    /** Of one course; empty where it is on the last version. */
    @Transactional(readOnly = true)
    public Optional<Behind> of(Staff staff, UUID courseId) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        String to = later(staff).get(courseId);
        return to == null
                ? Optional.empty()
                : behind(staff, Map.of(courseId, to), Map.of(courseId, course)).stream()
                        .findFirst();
    }

    /** By running course the bundle of the last version of its protocol, where that is another than it is pinned to. */
    private Map<UUID, String> later(Staff staff) {
        Map<String, String> last = new HashMap<>();
        bundles.shipped()
                .protocols()
                .forEach(shipped -> last.put(shipped.id(), bundles.shipped().hash()));
        last.putAll(protocols.own(staff.clinicId()));
        Map<UUID, String> later = new LinkedHashMap<>();
        for (VersionMapper.Pinned course : mapper.running(staff.clinicId(), clock.today(staff))) {
            String to = last.get(course.protocolId());
            if (to != null && !to.equals(course.bundleHash())) {
                later.put(course.courseId(), to);
            }
        }
        return later;
    }

    private List<Behind> behind(Staff staff, Map<UUID, String> later, Map<UUID, LoadedCourse> now) {
        LocalDate today = clock.today(staff);
        Map<UUID, LoadedCourse> then = loader.under(staff.clinicId(), later);
        List<Behind> behind = new ArrayList<>();
        later.forEach((id, to) -> {
            LoadedCourse course = now.get(id);
            if (course != null) {
                behind.add(behind(course, Optional.ofNullable(then.get(id)), to, today));
            }
        });
        return behind;
    }

    private static Behind behind(LoadedCourse course, Optional<LoadedCourse> then, String to, LocalDate today) {
        Standing now = course.on(today);
        Optional<Standing> would = then.map(other -> other.on(today));
        return new Behind(
                course.row().id(),
                course.row().patientName(),
                course.protocol().title(),
                "day " + now.day().number(),
                to,
                would.isPresent(),
                would.map(standing -> DifferencePage.of(Difference.between(now, standing)))
                        .orElseGet(() -> new DifferencePage(List.of(), List.of())),
                would.map(standing -> ComparePage.of(
                                Comparison.of(now.course(), standing.course()).from(now.day()),
                                new Signs(now),
                                new Signs(standing)))
                        .orElseGet(() -> new ComparePage(List.of(), List.of(), List.of())));
    }

    /** Moves a course as it was shown; when it is not the same any more, nothing is signed. */
    @Transactional
    public void follow(Staff staff, UUID courseId, String shown) {
        Behind behind = of(staff, courseId).orElseThrow(NotFoundException::new);
        if (!behind.readable() || !behind.hash().equals(shown)) {
            throw new FormProblem("shown", "It is not what was shown any more. Read it again; nothing was signed.");
        }
        move(staff, behind);
    }

    /** Moves all of those for whom nothing changes; tells how many. */
    @Transactional
    public int followAll(Staff staff) {
        List<Behind> unchanged =
                all(staff).behind().stream().filter(Behind::isNothing).toList();
        unchanged.forEach(behind -> move(staff, behind));
        return unchanged.size();
    }

    private void move(Staff staff, Behind behind) {
        Signature signature =
                Signature.of(behind.id(), Signature.Kind.VERSION, Behind.WORDING, behind.shown(), staff, clock.now());
        signatures.keep(signature);
        mapper.insert(behind.id(), behind.to(), signature.id(), staff.id(), clock.now());
    }
}
