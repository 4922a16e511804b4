package waypost.library.paper;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.library.text.Document;
import waypost.library.text.Entry;
import waypost.library.text.SchemaCheck;
import waypost.library.text.StrictYaml;

/**
 * All papers of a clinic in one file: what it wrote itself, beside the library that ships.
 *
 * @param clinic that it is of
 * @param licence under which it may be used
 */
public record ContentFile(String clinic, String licence, List<PaperFile> papers) {

    private static final String KIND = "clinic-content";
    private static final String ITEM = "    ";

    public ContentFile {
        papers = List.copyOf(papers);
    }

    /** The same content gives the same bytes. */
    public String write() {
        return KIND + ": " + PaperFile.quoted(clinic) + "\nlicence: " + PaperFile.quoted(licence) + "\n"
                + (papers.isEmpty()
                        ? "papers: []\n"
                        : "papers:\n" + papers.stream().map(ContentFile::item).collect(Collectors.joining()));
    }

    private static String item(PaperFile paper) {
        return "  - "
                + paper.write()
                        .lines()
                        .map(line -> ITEM + line + "\n")
                        .collect(Collectors.joining())
                        .substring(ITEM.length());
    }

    /**
     * Reads a file.
     *
     * @throws waypost.library.text.RefusedException with every problem, its line and what is allowed
     */
    public static ContentFile read(String text) {
        Document document = StrictYaml.read("content.yaml", text);
        SchemaCheck.of(KIND + "-file").check(document);
        Optional<ContentFile> read = document.top().tried(ContentFile::read);
        document.refuseIfAnyProblem();
        return read.orElseThrow();
    }

    private static ContentFile read(Entry top) {
        return new ContentFile(top.text(KIND), top.text("licence"), top.list("papers", PaperFile::read));
    }
}
