package waypost.library.paper;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import waypost.core.body.Joint;
import waypost.library.desk.OwnFiles;
import waypost.library.text.Document;
import waypost.library.text.Entry;
import waypost.library.text.SchemaCheck;
import waypost.library.text.StrictYaml;

/**
 * A surgeon's paper as a file: its lines as they were written and what was answered, so that another clinic reads it as it was
 * read here. What it opens or closes is in no file: each clinic reads, looks through and signs it anew.
 *
 * @param title 1 to 120 characters
 * @param base id of the protocol that it stands on
 * @param joint that its numbers are about
 * @param licence under which it may be used
 * @param source where it is from, and who signed it there
 * @param weeks how weeks are named, where that was asked
 * @param own what was written on the desk in place of what ships
 */
public record PaperFile(
        String title,
        String base,
        Joint joint,
        String licence,
        String source,
        Optional<String> weeks,
        List<Line> lines,
        OwnFiles own) {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    public PaperFile {
        lines = List.copyOf(lines);
    }

    /**
     * A line.
     *
     * @param answers by question
     */
    public record Line(String written, Map<String, String> answers) {
        public Line {
            answers = Map.copyOf(answers);
        }
    }

    /** The same paper gives the same bytes. */
    public String write() {
        StringBuilder text = new StringBuilder();
        text.append("surgeon-paper: ").append(quoted(title)).append('\n');
        text.append("base: ").append(base).append('\n');
        text.append("joint: ").append(joint.name().toLowerCase(Locale.ROOT)).append('\n');
        text.append("licence: ").append(quoted(licence)).append('\n');
        text.append("source: ").append(quoted(source)).append('\n');
        weeks.ifPresent(choice -> text.append("weeks: ").append(quoted(choice)).append('\n'));
        text.append(lines.isEmpty() ? "lines: []\n" : "lines:\n");
        for (Line line : lines) {
            text.append("  - line: ").append(quoted(line.written())).append('\n');
            if (!line.answers().isEmpty()) {
                text.append("    answers:\n");
                line.answers().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .forEach(answer -> text.append("      - { question: ")
                                .append(quoted(answer.getKey()))
                                .append(", answer: ")
                                .append(quoted(answer.getValue()))
                                .append(" }\n"));
            }
        }
        writeOwn(text);
        return text.toString();
    }

    private void writeOwn(StringBuilder text) {
        own.protocol()
                .ifPresent(protocol ->
                        text.append("protocol-text: ").append(quoted(protocol)).append('\n'));
        text.append(own.parts().isEmpty() ? "" : "part-texts:\n");
        own.parts().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(part -> text.append("  - { part: ")
                        .append(part.getKey())
                        .append(", text: ")
                        .append(quoted(part.getValue()))
                        .append(" }\n"));
        own.measures()
                .ifPresent(measures ->
                        text.append("measures-text: ").append(quoted(measures)).append('\n'));
    }

    /** A JSON string is one in YAML too. */
    static String quoted(String text) {
        return JSON.writeValueAsString(text);
    }

    /**
     * Reads a file.
     *
     * @throws waypost.library.text.RefusedException with every problem, its line and what is allowed
     */
    public static PaperFile read(String text) {
        Document document = StrictYaml.read("paper.yaml", text);
        SchemaCheck.of("surgeon-paper-file").check(document);
        document.refuseIfAnyProblem();
        Optional<PaperFile> read = document.top().tried(PaperFile::read);
        document.refuseIfAnyProblem();
        return read.orElseThrow();
    }

    static PaperFile read(Entry top) {
        return new PaperFile(
                top.text("surgeon-paper"),
                top.text("base"),
                top.at("joint").as(joint -> Joint.valueOf(joint.toUpperCase(Locale.ROOT))),
                top.text("licence"),
                top.text("source"),
                top.maybe("weeks", said -> said),
                top.list("lines", PaperFile::line),
                own(top));
    }

    private static OwnFiles own(Entry top) {
        Map<String, String> parts = new LinkedHashMap<>();
        top.list("part-texts", each -> each).forEach(each -> parts.put(each.text("part"), each.text("text")));
        return new OwnFiles(top.maybe("protocol-text", text -> text), parts, top.maybe("measures-text", text -> text));
    }

    private static Line line(Entry entry) {
        Map<String, String> answers = new LinkedHashMap<>();
        if (entry.has("answers")) {
            entry.list("answers", each -> each)
                    .forEach(each -> answers.put(each.text("question"), each.text("answer")));
        }
        return new Line(entry.text("line"), answers);
    }
}
