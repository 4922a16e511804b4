package waypost.app.hand;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.course.OpenCourse;
import waypost.app.entry.FormProblem;
import waypost.app.measure.HowTaken;
import waypost.app.measure.ReadingEntry;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.followup.MeasuringSheet;
import waypost.core.hand.Finger;
import waypost.core.hand.FingerReading;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.library.words.HandWords;
import waypost.library.words.SpokenReading;

/** Keeps what fingers reach. What the hurt ones reach at worst is the course's reading: milestones wait for it. */
@Service
class HandRecord {

    private static final String TIP = "tip-to-palm";

    private final HandMapper mapper;
    private final ReadingEntry readings;

    HandRecord(HandMapper mapper, ReadingEntry readings) {
        this.mapper = mapper;
        this.readings = readings;
    }

    @Transactional(readOnly = true)
    public Set<Finger> hurt(OpenCourse open) {
        return Set.copyOf(mapper.hurt(open.course().row().id()));
    }

    /** The last of each finger and day, the earliest first. */
    @Transactional(readOnly = true)
    public List<FingerReading> fingers(OpenCourse open) {
        return mapper.readings(open.course().row().id()).stream()
                .map(HandRecord::reading)
                .toList();
    }

    @Transactional
    public void setHurt(Staff staff, OpenCourse open, UUID id, Finger finger, boolean hurt) {
        mapper.setHurt(id, open.course().row().id(), finger, hurt, staff.id());
    }

    @Transactional
    public void keep(Staff staff, OpenCourse open, HandForm form) {
        FingerReading taken = form.reading(open.today());
        Set<Finger> hurts = hurt(open);
        if (hurts.isEmpty()) {
            throw new FormProblem("finger", "Nobody has said which finger is hurt: say that first, nothing was kept.");
        }
        boolean hurt = hurts.contains(taken.finger());
        if (hurt) {
            closed(open).ifPresent(why -> {
                throw new FormProblem("finger", why);
            });
        }
        if (mapper.insert(row(form.id(), open, taken, staff)) > 0 && hurt) {
            worst(staff, open, form.id(), hurts);
        }
    }

    /** Why hurt fingers may not be measured by their own motion today. */
    static Optional<String> closed(OpenCourse open) {
        return open.course()
                .bundle()
                .findMeasure("finger-total-motion")
                .flatMap(measure -> MeasuringSheet.closedTest(measure, open.standing()))
                .map(test -> test.test().title()
                        + " is not safe yet: hurt fingers are not measured by their own motion today. " + "Meanwhile: "
                        + test.test().alternative() + ".");
    }

    private void worst(Staff staff, OpenCourse open, UUID id, Set<Finger> hurt) {
        List<FingerReading> today = fingers(open).stream()
                .filter(reading ->
                        hurt.contains(reading.finger()) && reading.on().equals(open.today()))
                .toList();
        FingerReading.worst(today).ifPresent(worst -> {
            String words = HandWords.worstOf(today.stream()
                    .map(FingerReading::finger)
                    .filter(finger -> finger != Finger.THUMB)
                    .toList());
            for (Motion joint : worst.finger().joints()) {
                String name = HandWords.measured(joint);
                put(staff, open, id, name + "-flexion", String.valueOf(worst.bends(joint)), words);
                put(staff, open, id, name + "-extension", "-" + worst.lacksAt(joint), words);
            }
            worst.tipToPalm().ifPresent(tip -> put(staff, open, id, TIP, String.valueOf(tip), words));
        });
    }

    private void put(Staff staff, OpenCourse open, UUID id, String measureId, String said, String words) {
        open.course()
                .bundle()
                .findMeasure(measureId)
                .ifPresent(measure -> readings.add(
                        staff,
                        open.course(),
                        new ReadingEntry.Value(
                                ReadingEntry.idFor(id, measure),
                                measure,
                                open.standing().facts().side(),
                                Mode.ACTIVE,
                                value(measure, said),
                                open.today(),
                                true,
                                HowTaken.worked(words, HowTaken.Source.SHEET))));
    }

    private static Amount value(Measure measure, String said) {
        return measure.motion().isPresent()
                ? SpokenReading.parse(measure, said)
                : measure.amount(Double.parseDouble(said));
    }

    private static HandMapper.Row row(UUID id, OpenCourse open, FingerReading taken, Staff staff) {
        boolean thumb = taken.finger() == Finger.THUMB;
        return new HandMapper.Row(
                id,
                open.course().row().id(),
                taken.finger(),
                taken.on(),
                BigDecimal.valueOf(taken.bends(Motion.MCP_FLEXION)),
                BigDecimal.valueOf(taken.lacksAt(Motion.MCP_FLEXION)),
                thumb ? null : BigDecimal.valueOf(taken.bends(Motion.PIP_FLEXION)),
                thumb ? null : BigDecimal.valueOf(taken.lacksAt(Motion.PIP_FLEXION)),
                BigDecimal.valueOf(taken.bends(Motion.DIP_FLEXION)),
                BigDecimal.valueOf(taken.lacksAt(Motion.DIP_FLEXION)),
                taken.tipToPalm().isPresent()
                        ? BigDecimal.valueOf(taken.tipToPalm().getAsDouble())
                        : null,
                staff.id());
    }

    private static FingerReading reading(HandMapper.Row row) {
        Map<Motion, Double> bent = new EnumMap<>(Motion.class);
        Map<Motion, Double> lacks = new EnumMap<>(Motion.class);
        put(bent, Motion.MCP_FLEXION, row.mcpBent());
        put(lacks, Motion.MCP_FLEXION, row.mcpLacks());
        put(bent, Motion.PIP_FLEXION, row.pipBent());
        put(lacks, Motion.PIP_FLEXION, row.pipLacks());
        put(bent, Motion.DIP_FLEXION, row.dipBent());
        put(lacks, Motion.DIP_FLEXION, row.dipLacks());
        BigDecimal tip = row.tipToPalm();
        return new FingerReading(
                row.finger(),
                row.measuredOn(),
                bent,
                lacks,
                tip == null ? OptionalDouble.empty() : OptionalDouble.of(tip.doubleValue()));
    }

    private static void put(Map<Motion, Double> to, Motion joint, @Nullable BigDecimal value) {
        if (value != null) {
            to.put(joint, value.doubleValue());
        }
    }
}
