package waypost.core.protocol;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.limit.Limit;
import waypost.core.log.Event;
import waypost.core.question.Question;
import waypost.core.time.CourseDay;
import waypost.core.time.DayZero;

/**
 * A surgeon's protocol as data.
 *
 * @param clock what day 0 is
 * @param source its source statement, shown on its face
 * @param review "unreviewed", or by whom and when
 * @param parts the healing parts whose rules stand among its own
 */
public record Protocol(
        String id,
        String title,
        String version,
        DayZero clock,
        String source,
        String review,
        Scope scope,
        List<Question> questions,
        List<Phase> phases,
        List<Criterion> criteria,
        Rules rules,
        FollowUp followUp,
        List<Included> parts) {

    public Protocol {
        questions = List.copyOf(questions);
        phases = List.copyOf(phases);
        criteria = List.copyOf(criteria);
        parts = List.copyOf(parts);
        if (phases.isEmpty()) {
            throw new IllegalArgumentException(id + ": found no phase, allowed: at least one");
        }
    }

    /** This protocol with other rules. */
    public Protocol with(Rules others) {
        return new Protocol(
                id, title, version, clock, source, review, scope, questions, phases, criteria, others, followUp, parts);
    }

    public List<Limit<?>> limits() {
        return rules.limits();
    }

    public List<Opening> openings() {
        return rules.openings();
    }

    public List<Duty> duties() {
        return rules.duties();
    }

    /** Title and version, as shown behind a reason. */
    public String face() {
        return title + " " + version;
    }

    public Phase firstPhase() {
        return phases.get(0);
    }

    public Phase phase(String phaseId) {
        return phases.stream().filter(p -> p.id().equals(phaseId)).findFirst().orElseThrow(() -> unknownPhase(phaseId));
    }

    /** The phase behind this one; empty for the last. */
    public Optional<Phase> after(Phase phase) {
        int next = phases.indexOf(phase) + 1;
        return next < phases.size() ? Optional.of(phases.get(next)) : Optional.empty();
    }

    /** Whether {@code reached} is {@code wanted} or lies behind it on the way. */
    public boolean hasReached(String reached, String wanted) {
        return position(reached) >= position(wanted);
    }

    private int position(String phaseId) {
        for (int i = 0; i < phases.size(); i++) {
            if (phases.get(i).id().equals(phaseId)) {
                return i;
            }
        }
        throw unknownPhase(phaseId);
    }

    private IllegalArgumentException unknownPhase(String phaseId) {
        return new IllegalArgumentException("phase: found '" + phaseId + "', allowed: "
                + String.join(", ", phases.stream().map(Phase::id).toList()));
    }

    public Criterion criterion(String criterionId) {
        return criteria.stream()
                .filter(c -> c.id().equals(criterionId))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("criterion: found '" + criterionId + "', allowed: "
                        + String.join(", ", criteria.stream().map(Criterion::id).toList())));
    }

    public Question question(String questionId) {
        return questions.stream()
                .filter(q -> q.id().equals(questionId))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("question: found '" + questionId + "', allowed: "
                        + String.join(", ", questions.stream().map(Question::id).toList())));
    }

    /** The limit of this id. */
    public Limit<?> limit(String limitId) {
        return limits().stream()
                .filter(l -> l.head().id().equals(limitId))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("limit: found '" + limitId + "', allowed: "
                        + String.join(
                                ", ", limits().stream().map(l -> l.head().id()).toList())));
    }

    /** The clocks that an event may start: a fall, which every course knows, and those of its rules. */
    public List<String> eventClocks() {
        return Stream.concat(Stream.of(Event.FALL), scope.clocks().stream())
                .distinct()
                .toList();
    }

    /** The first day of the course: day 0, or the earliest day of the first phase where that comes before it. */
    public CourseDay begins(LocalDate dayZero) {
        return phases.stream()
                .map(phase -> phase.earliest().from(dayZero))
                .filter(day -> day.isBefore(CourseDay.ZERO))
                .min(CourseDay::compareTo)
                .orElse(CourseDay.ZERO);
    }
}
