package waypost.app.prescription;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.ExerciseSet;
import waypost.core.protocol.Frequency;

/** Keeps the sets of exercises that a clinic saves for itself; a title is given once in a clinic. */
@Service
public class ClinicSets {

    private static final int SHORTEST = 3;
    private static final int LONGEST = 80;

    private final ClinicSetMapper mapper;
    private final ClinicClock clock;

    ClinicSets(ClinicSetMapper mapper, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The clinic's own sets, by title. */
    public List<ExerciseSet> of(UUID clinicId) {
        Map<UUID, List<ClinicSetMapper.Row>> bySet = new LinkedHashMap<>();
        mapper.find(clinicId)
                .forEach(row ->
                        bySet.computeIfAbsent(row.id(), id -> new ArrayList<>()).add(row));
        return bySet.values().stream().map(ClinicSets::set).toList();
    }

    private static ExerciseSet set(List<ClinicSetMapper.Row> rows) {
        ClinicSetMapper.Row first = rows.get(0);
        return new ExerciseSet(
                first.id().toString(),
                first.title(),
                "Saved by " + first.writtenBy() + ".",
                Set.of(),
                rows.stream()
                        .map(row -> new ExerciseSet.Item(
                                RoleKey.of(row.role()),
                                row.sets(),
                                SetAim.parse(row.aim()),
                                Optional.of(row.often())
                                        .filter(often -> !often.isEmpty())
                                        .map(Frequency::parse)))
                        .toList());
    }

    /** Saves a set. Sent twice, it is saved once. */
    @Transactional
    public void save(Staff staff, UUID id, String title, List<ExerciseSet.Item> items) {
        String named = title.strip();
        if (named.length() < SHORTEST || named.length() > LONGEST) {
            throw new FormProblem(
                    "title",
                    "Found a title of " + named.length() + " characters, allowed: " + SHORTEST + " to " + LONGEST
                            + ".");
        }
        if (items.size() < ExerciseSet.LEAST) {
            throw new FormProblem(
                    "title",
                    "Found " + items.size() + " exercises in the plan, allowed: " + ExerciseSet.LEAST + " to "
                            + ExerciseSet.MOST + ". Add to the plan first.");
        }
        if (mapper.isWritten(id, staff.clinicId())) {
            return;
        }
        if (mapper.insert(id, staff.clinicId(), named, staff.id(), clock.now()) == 0) {
            throw new FormProblem(
                    "title", "Found '" + named + "', which the clinic has already. Choose another title.");
        }
        for (int nth = 0; nth < items.size(); nth++) {
            ExerciseSet.Item item = items.get(nth);
            mapper.insertItem(
                    id,
                    nth + 1,
                    ClinicSetMapper.Item.of(item),
                    item.often().map(Frequency::toString).orElse(""));
        }
    }
}
