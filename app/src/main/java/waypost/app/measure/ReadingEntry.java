package waypost.app.measure;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.library.words.SpokenReading;

/** Writes readings; a correction is a new row that names the one it replaces. */
@Service
public class ReadingEntry {

    private final ReadingMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    ReadingEntry(ReadingMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
        this.loader = loader;
    }

    /** A value that is ready to be written. */
    public record Value(
            UUID id,
            Measure measure,
            Side side,
            Mode mode,
            Amount amount,
            LocalDate measuredOn,
            boolean strict,
            HowTaken how) {}

    /** Every reading that stands, oldest first. */
    @Transactional(readOnly = true)
    public List<KeptReading> kept(LoadedCourse course) {
        return mapper.findAll(course.row().id());
    }

    /** Those of these ids that are on the course's record, standing or not. */
    @Transactional(readOnly = true)
    public Set<UUID> known(LoadedCourse course, Collection<UUID> ids) {
        return Set.copyOf(mapper.findKnown(course.row().id(), ids.toArray(UUID[]::new)));
    }

    /** Adds what was typed. Sent twice, it is written once. */
    @Transactional
    public void add(Staff staff, UUID courseId, ReadingForm form, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        Map<Measure, Amount> amounts = form.readAmounts(course);
        UUID id = Entered.id("readingId", form.readingId());
        Side side = form.readSide();
        LocalDate date = form.readDate(course, today);
        amounts.forEach((measure, amount) -> add(
                staff,
                course,
                new Value(
                        idFor(id, measure),
                        measure,
                        side,
                        form.readMode(measure),
                        amount,
                        date,
                        form.isStrict(),
                        HowTaken.USUAL)));
    }

    /** Adds one value; what has no sides is kept on the operated one. Sent twice, it is written once. */
    public int add(Staff staff, LoadedCourse course, Value value) {
        return mapper.insert(new NewReading(
                value.id(),
                course.row().id(),
                null,
                false,
                "",
                value.measure().id(),
                value.measure().bothSides()
                        ? value.side()
                        : Side.valueOf(course.row().side()),
                value.mode(),
                BigDecimal.valueOf(value.amount().value()),
                value.measuredOn(),
                value.strict(),
                value.how(),
                staff.id(),
                clock.now()));
    }

    /** One form may take a measure in several ways; each gets an id of its own that the form's id determines. */
    public static UUID idFor(UUID form, String way) {
        return UUID.nameUUIDFromBytes((form + way).getBytes(StandardCharsets.UTF_8));
    }

    /** One form may write several readings; each gets an id of its own that the form's id determines. */
    public static UUID idFor(UUID form, Measure measure) {
        return idFor(form, measure.id());
    }

    /** Replaces a reading by a corrected value, or withdraws it when {@code said} is blank. */
    @Transactional
    public void correct(Staff staff, UUID courseId, UUID readingId, String said, String why) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        KeptReading old = mapper.find(courseId, readingId).orElseThrow(NotFoundException::new);
        if (why.strip().length() < 3) {
            throw new FormProblem("why", "Say why it is corrected or withdrawn, in a few words.");
        }
        boolean withdrawn = said.isBlank();
        BigDecimal value = withdrawn ? old.value() : value(course, old, said);
        try {
            mapper.insert(new NewReading(
                    UUID.randomUUID(),
                    courseId,
                    old.id(),
                    withdrawn,
                    why.strip(),
                    old.measure(),
                    old.side(),
                    old.mode(),
                    value,
                    old.measuredOn(),
                    old.strict(),
                    withdrawn ? old.how() : old.how().workedFrom(""),
                    staff.id(),
                    clock.now()));
        } catch (DuplicateKeyException correctedMeanwhile) {
            throw new FormProblem(
                    "why", "Somebody else corrected this reading a moment ago. Look at it again; nothing was written.");
        }
    }

    private static BigDecimal value(LoadedCourse course, KeptReading old, String said) {
        try {
            return BigDecimal.valueOf(SpokenReading.parse(course.bundle().measure(old.measure()), said)
                    .value());
        } catch (IllegalArgumentException unreadable) {
            throw new FormProblem("said", String.valueOf(unreadable.getMessage()));
        }
    }
}
