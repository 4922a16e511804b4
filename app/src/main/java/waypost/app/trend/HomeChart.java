package waypost.app.trend;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import waypost.app.diary.HomeReport;
import waypost.library.words.Dates;

/** The worst pain of each day at home, as the patient told it. */
final class HomeChart {

    static final String ID = "pain-at-home";
    static final String TITLE = "Worst pain at home";

    private HomeChart() {}

    /** Empty while no pain was told. */
    static Optional<TrendChart> of(List<HomeReport> told) {
        TreeMap<LocalDate, Integer> worst = told.stream()
                .filter(each -> each.pain() != null)
                .collect(Collectors.toMap(
                        HomeReport::doneOn, each -> each.said().pain().orElseThrow(), Math::max, TreeMap::new));
        if (worst.isEmpty()) {
            return Optional.empty();
        }
        List<TrendChart.Point> points = worst.entrySet().stream()
                .map(day -> new TrendChart.Point(
                        day.getKey(),
                        Dates.say(day.getKey()),
                        day.getValue(),
                        0,
                        true,
                        day.getValue() + " of 10",
                        "the patient"))
                .toList();
        return Optional.of(new TrendChart(
                ID,
                TITLE,
                "of 10",
                List.of(new TrendChart.Series("worst of the day", true, "active", points)),
                List.of(),
                List.of(),
                null,
                "Told on " + points.size() + (points.size() == 1 ? " day." : " days.")));
    }
}
