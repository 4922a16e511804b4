package waypost.app.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.core.own.OwnExercises;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ClinicBundle;

/** Bundles as a clinic has them: with its own exercises. */
@Service
public class ClinicBundles {

    private static final int MOST = 500;

    private final OwnExerciseMapper mapper;
    private final Bundles bundles;

    /** What was made for a state of a clinic's exercises serves until it makes or retires one. */
    private final Cache<State, Bundle> made =
            Caffeine.newBuilder().maximumSize(MOST).build();

    ClinicBundles(OwnExerciseMapper mapper, Bundles bundles) {
        this.mapper = mapper;
        this.bundles = bundles;
    }

    private record State(String bundleHash, UUID clinicId, String exercises) {}

    /** The bundle to which a course is pinned, with what its clinic made itself. */
    Bundle of(CourseRow row) {
        Bundle bundle = bundles.get(row.bundleHash());
        if (row.ownExercises() == null) {
            return bundle;
        }
        State state = new State(row.bundleHash(), row.clinicId(), row.ownExercises());
        return made.get(
                state, key -> ClinicBundle.of(bundle, own(row.clinicId()), row.clinicId() + "." + key.exercises()));
    }

    /** A bundle as it was published: what is measured is the same in every clinic. */
    Bundle published(String hash) {
        return bundles.get(hash);
    }

    /** What a clinic made, as it is kept, the latest last. */
    @Transactional(readOnly = true)
    public List<OwnExerciseRow> rows(UUID clinicId) {
        return mapper.find(clinicId);
    }

    private OwnExercises own(UUID clinicId) {
        List<OwnExerciseRow> rows = mapper.find(clinicId);
        Set<String> retired = rows.stream()
                .filter(OwnExerciseRow::retired)
                .map(OwnExerciseRow::id)
                .collect(Collectors.toSet());
        return new OwnExercises(rows.stream().map(OwnExerciseRow::own).toList(), retired);
    }
}
