package waypost.app.map;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import waypost.core.course.Course;
import waypost.core.course.Standing;
import waypost.core.log.Hold;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;
import waypost.library.words.SignWords;

/** Draws a course as one way. */
@Component
public class CourseMaps {

    private static final int DAYS_BEFORE = 14;
    private static final int DAYS_AFTER = 28;
    private static final int CEILINGS = 3;

    /**
     * The map around the day of a standing.
     *
     * @param bundle names what opens and what is measured
     */
    public CourseMap map(Standing standing, Bundle bundle, List<Visit> visits, LocalDate today, Scale scale) {
        Course course = standing.course();
        LocalDate dayZero = course.resolved().dayZero();
        Protocol protocol = course.resolved().protocol();
        CourseDay begins = begins(protocol, dayZero);
        CourseDay ends = ends(protocol, standing, dayZero);
        Ruler ruler = new Ruler(dayZero, scale.first(standing.day(), begins), scale.last(standing.day(), begins, ends));
        CourseDay now = CourseDay.between(dayZero, today);
        LimitLanes limits = new LimitLanes(standing, ruler, now);
        List<Lane> ceilings = limits.drawn();
        List<Lane> inSight = ceilings.subList(0, Math.min(CEILINGS, ceilings.size()));
        List<Lane> folded = new ArrayList<>(ceilings.subList(inSight.size(), ceilings.size()));
        folded.addAll(limits.others());
        List<Lane> lanes = new ArrayList<>(ahead(standing, ruler, now, inSight));
        lanes.add(new OpensLane(course, bundle, ruler).lane());
        lanes.add(new DutyLanes(standing, ruler).due());
        lanes.add(new MeasureLane(course, bundle, ruler, today).lane());
        lanes.add(new VisitLane(visits, ruler).lane());
        return new CourseMap(
                ruler,
                scale,
                lanes.stream().filter(lane -> !lane.marks().isEmpty()).toList(),
                folded,
                ruler.at(standing.day()),
                standing.day().number(),
                SignWords.date(standing.date()),
                ruler.at(now));
    }

    /** Phases, the ceilings in sight, what is worn, what holds and is ordered, and what is to be expected. */
    private static List<Lane> ahead(Standing standing, Ruler ruler, CourseDay now, List<Lane> ceilings) {
        Course course = standing.course();
        PhaseLane phases = new PhaseLane(standing, ruler, now);
        List<Lane> lanes = new ArrayList<>(List.of(phases.lane(), new GateLane(standing, ruler, phases).lane()));
        lanes.addAll(ceilings);
        lanes.addAll(new DutyLanes(standing, ruler).worn());
        holds(course, ruler).ifPresent(lanes::add);
        lanes.add(new OrderLane(course.resolved().decisions(), ruler).lane());
        lanes.addAll(new ForecastLane(standing, ruler).lanes());
        return lanes;
    }

    private static CourseDay begins(Protocol protocol, LocalDate dayZero) {
        CourseDay begins = protocol.begins(dayZero);
        return begins.number() < 0 ? begins : new CourseDay(-DAYS_BEFORE);
    }

    /** Four weeks into the last phase, or to the shown day where that is later. */
    private static CourseDay ends(Protocol protocol, Standing standing, LocalDate dayZero) {
        List<Phase> phases = protocol.phases();
        int last = phases.get(phases.size() - 1).expected().from(dayZero).number() + DAYS_AFTER;
        return new CourseDay(Math.max(last, standing.day().number() + DAYS_BEFORE));
    }

    private static Optional<Lane> holds(Course course, Ruler ruler) {
        List<Mark> marks = course.history().holds().stream()
                .map(hold -> hold(hold, ruler))
                .filter(mark -> mark.width() > 0)
                .toList();
        return marks.isEmpty() ? Optional.empty() : Optional.of(new Lane("holds", "On hold", marks));
    }

    private static Mark hold(Hold hold, Ruler ruler) {
        CourseDay start = CourseDay.between(ruler.dayZero(), hold.from());
        LocalDate until = hold.ended().orElse(hold.review());
        double left = ruler.at(start);
        return Mark.of(
                "hold",
                left,
                ruler.at(CourseDay.between(ruler.dayZero(), until)) - left,
                hold.why(),
                "on hold from " + Dates.say(hold.from()) + ", " + (hold.ended().isPresent() ? "ended " : "review ")
                        + Dates.say(until) + ": " + hold.why());
    }
}
