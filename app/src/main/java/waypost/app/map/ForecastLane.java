package waypost.app.map;

import java.util.ArrayList;
import java.util.List;
import waypost.core.course.Progress;
import waypost.core.course.Standing;
import waypost.core.time.CourseDay;
import waypost.core.trend.Forecast;
import waypost.library.words.Dates;
import waypost.library.words.ProgressWords;

/** When a value that the next phase asks for is to be expected: a bar over its interval, one lane for each value. */
record ForecastLane(Standing standing, Ruler ruler) {

    List<Lane> lanes() {
        List<Lane> lanes = new ArrayList<>();
        for (Progress progress : Progress.of(standing)) {
            progress.forecast()
                    .map(forecast -> mark(progress, forecast))
                    .filter(mark -> mark.width() > 0)
                    .ifPresent(mark -> lanes.add(new Lane(
                            "forecasts",
                            "Expected: " + progress.milestone().criterion().title(),
                            List.of(mark))));
        }
        return lanes;
    }

    private Mark mark(Progress progress, Forecast forecast) {
        double left = ruler.at(CourseDay.between(ruler.dayZero(), forecast.earliest()));
        double right = forecast.latest()
                .map(latest ->
                        ruler.at(CourseDay.between(ruler.dayZero(), latest).plusDays(1)))
                .orElse(100.0);
        return Mark.of(
                "forecast",
                left,
                right - left,
                progress.milestone().criterion().title(),
                "expected from " + Dates.say(forecast.earliest()) + ": " + ProgressWords.say(progress));
    }
}
