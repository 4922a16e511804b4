package waypost.app.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Joint;
import waypost.core.paper.PaperQuestion;
import waypost.core.paper.PaperReader;
import waypost.core.paper.PaperRule;
import waypost.core.paper.Understanding;
import waypost.core.paper.WeekNames;
import waypost.library.paper.Paper;
import waypost.library.paper.PaperWords;

/** A paper line by line, as far as it is understood. */
record ReadPaper(PaperRow row, List<Line> lines) {

    /**
     * A line.
     *
     * @param question what is asked of it; null where nothing is
     * @param unread what of it was not understood; blank where all was
     */
    record Line(
            String written,
            List<PaperRule> rules,
            List<String> spelling,
            @Nullable PaperQuestion question,
            String unread) {}

    static ReadPaper of(PaperRow row, Map<String, String> answers) {
        PaperReader reader = new PaperReader(PaperWords.shipped(), Joint.valueOf(row.joint()));
        List<Line> lines = new ArrayList<>();
        for (String line : Papers.lines(row.lines())) {
            lines.add(line(line, reader.read(line, answersOf(line, answers))));
        }
        return new ReadPaper(row, List.copyOf(lines));
    }

    private static Map<String, String> answersOf(String line, Map<String, String> all) {
        Map<String, String> answers = PaperAnswers.ofLine(line, all);
        String weeks = all.get(WeekNames.QUESTION);
        if (weeks != null) {
            answers.put(WeekNames.QUESTION, weeks);
        }
        return answers;
    }

    private static Line line(String written, Understanding read) {
        if (read instanceof Understanding.Asks asks) {
            return new Line(written, List.of(), List.of(), asks.question(), "");
        } else if (read instanceof Understanding.Understood understood) {
            return new Line(written, understood.rules(), understood.spelling(), null, "");
        }
        return new Line(written, List.of(), List.of(), null, ((Understanding.Unread) read).unknown());
    }

    /** Lines that are not rules yet. */
    public long open() {
        return lines.stream().filter(line -> line.rules().isEmpty()).count();
    }

    Paper paper() {
        return new Paper(
                row.protocol(),
                row.title(),
                row.base(),
                lines.stream().flatMap(line -> line.rules().stream()).toList(),
                OwnFilesJson.read(row.files()));
    }
}
