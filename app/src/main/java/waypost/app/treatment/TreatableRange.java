package waypost.app.treatment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import waypost.core.course.Standing;
import waypost.core.followup.LimitedRange;
import waypost.core.gate.Verdict;
import waypost.core.reason.Reason;
import waypost.core.treatment.HandTreatment;
import waypost.core.treatment.Technique;
import waypost.library.words.LimitedWords;
import waypost.library.words.TechniqueWords;
import waypost.library.words.Words;

/**
 * A limited range, and what hands may do for it today between what was measured and what is wanted.
 *
 * @param open names of techniques that nothing speaks against
 * @param closed what speaks against others, with the techniques it closes
 */
record TreatableRange(String title, String says, List<String> open, List<Closed> closed) {

    /** Why, and for which techniques. */
    record Closed(String why, String techniques) {}

    static List<TreatableRange> of(Standing standing) {
        return LimitedRange.of(standing).stream()
                .filter(limited -> HandTreatment.isTreatable(limited.measure()))
                .map(limited -> of(limited, standing))
                .toList();
    }

    private static TreatableRange of(LimitedRange limited, Standing standing) {
        Map<Technique, List<Reason>> against = new LinkedHashMap<>();
        Arrays.stream(Technique.values())
                .forEach(technique -> against.put(technique, objections(limited, technique, standing)));
        Words words = Words.of(standing.course().resolved());
        Map<String, List<String>> byReason = new LinkedHashMap<>();
        against.forEach((technique, reasons) -> {
            if (!reasons.isEmpty()) {
                byReason.computeIfAbsent(words.say(reasons.get(0)).whole(), why -> new ArrayList<>())
                        .add(TechniqueWords.name(technique));
            }
        });
        return new TreatableRange(
                limited.measure().title(),
                LimitedWords.say(limited),
                against.entrySet().stream()
                        .filter(entry -> entry.getValue().isEmpty())
                        .map(entry -> TechniqueWords.name(entry.getKey()))
                        .toList(),
                byReason.entrySet().stream()
                        .map(entry -> new Closed(entry.getKey(), String.join("; ", entry.getValue())))
                        .toList());
    }

    /** The one that decides first. */
    private static List<Reason> objections(LimitedRange limited, Technique technique, Standing standing) {
        HandTreatment wanted =
                new HandTreatment(limited.measure(), technique, limited.latest().amount(), limited.goal());
        Verdict verdict = wanted.judgedBy(standing);
        return verdict.reasons().stream()
                .filter(reason ->
                        reason.kind() == verdict.kind() && !reason.kind().isOpen())
                .toList();
    }
}
