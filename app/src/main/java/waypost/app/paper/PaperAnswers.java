package waypost.app.paper;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.body.Joint;
import waypost.core.paper.WeekNames;
import waypost.library.paper.PaperFile;

/** What was answered to a paper's lines: by line and question, and how weeks are named once for all of them. */
final class PaperAnswers {

    private PaperAnswers() {}

    static String key(String line, String question) {
        return question.equals(WeekNames.QUESTION) ? question : line + "\n" + question;
    }

    /** Those of one line, by question. */
    static Map<String, String> ofLine(String line, Map<String, String> all) {
        Map<String, String> answers = new HashMap<>();
        all.forEach((key, answer) -> {
            if (key.startsWith(line + "\n")) {
                answers.put(key.substring(line.length() + 1), answer);
            }
        });
        return answers;
    }

    static Map<String, String> of(PaperFile file) {
        Map<String, String> answers = new HashMap<>();
        file.weeks().ifPresent(named -> answers.put(WeekNames.QUESTION, named));
        file.lines()
                .forEach(line -> line.answers()
                        .forEach((question, answer) -> answers.put(key(line.written(), question), answer)));
        return answers;
    }

    static PaperFile file(PaperRow row, Map<String, String> answers, String licence, String source) {
        List<PaperFile.Line> lines = Papers.lines(row.lines()).stream()
                .map(line -> new PaperFile.Line(line, ofLine(line, answers)))
                .toList();
        return new PaperFile(
                row.title(),
                row.base(),
                Joint.valueOf(row.joint()),
                licence,
                source,
                Optional.ofNullable(answers.get(WeekNames.QUESTION)),
                lines,
                OwnFilesJson.read(row.files()));
    }
}
