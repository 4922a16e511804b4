package waypost.app.battery;

import java.util.List;
import java.util.Locale;
import waypost.app.measure.SheetRow;
import waypost.core.battery.Result;
import waypost.core.battery.ReturnSheet;
import waypost.core.battery.Station;
import waypost.core.milestone.Milestone;
import waypost.library.words.MilestoneWords;
import waypost.library.words.ReturnWords;
import waypost.library.words.Words;

/** Lays out a course's tests of return as they stand. */
record ReturnPages(ReturnSheet sheet, Words words) {

    /** The station that was asked for, or the one to go on with, or the first. */
    Station station(String asked) {
        List<Station> stations = sheet.battery().stations();
        return stations.stream()
                .filter(station -> station.id().equals(asked))
                .findFirst()
                .or(sheet::next)
                .orElse(stations.get(0));
    }

    ReturnPage page(Station at, List<SheetRow> rows) {
        ReturnWords said = new ReturnWords(words);
        return new ReturnPage(
                sheet.battery().title(),
                sheet.battery().warmUp(),
                List.of(
                        new ReturnPage.Answer(
                                "Time",
                                sheet.timeReached(),
                                sheet.timeReached() ? "come" : "not yet",
                                said.time(sheet)),
                        new ReturnPage.Answer(
                                "Tests",
                                sheet.testsPassed(),
                                sheet.testsPassed() ? "passed" : "not passed",
                                ReturnWords.tests(sheet)),
                        new ReturnPage.Answer(
                                "Surgeon",
                                sheet.cleared(),
                                sheet.cleared() ? "cleared" : "not cleared",
                                said.surgeon(sheet))),
                said.early(sheet),
                sheet.results().stream().map(result -> line(said, result)).toList(),
                sheet.besides().stream().map(this::besides).toList(),
                new ReturnPage.Shown(at.id(), at.wants().title(), at.how(), ReturnWords.taking(at), at.restSeconds()),
                rows);
    }

    private ReturnPage.Line line(ReturnWords said, Result result) {
        Station station = result.station();
        return new ReturnPage.Line(
                sheet.battery().stations().indexOf(station) + 1,
                station.id(),
                station.wants().title(),
                result.mark().name().toLowerCase(Locale.ROOT),
                ReturnWords.mark(result.mark()),
                ReturnWords.found(result),
                ReturnWords.sides(result),
                ReturnWords.error(result),
                said.say(result));
    }

    private ReturnPage.Besides besides(Milestone milestone) {
        return new ReturnPage.Besides(
                milestone.criterion().title(),
                milestone.isMet(),
                MilestoneWords.state(milestone),
                new MilestoneWords(words.dates()).say(milestone));
    }
}
