package waypost.app.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.app.work.DayOfVisit;
import waypost.core.program.Program;
import waypost.core.program.Stage;
import waypost.core.progression.ProgramToday;
import waypost.core.progression.Proposal;
import waypost.library.words.ProgramWords;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/** Lays out the programs of a day. */
record ProgramPages(DayOfVisit day) {

    List<ProgramPage> pages() {
        return day.visit().programs(day.course().bundle().programs()).stream()
                .map(this::page)
                .sorted(Comparator.comparing(ProgramPage::followed)
                        .thenComparing(ProgramPage::open)
                        .reversed())
                .toList();
    }

    private ProgramPage page(ProgramToday today) {
        Program program = today.program();
        Optional<Proposal.Do> toDo = today.proposal().toDo();
        return new ProgramPage(
                program.id(),
                program.title(),
                program.says(),
                day.visit().follows(program),
                toDo.isPresent(),
                toDo.map(each -> day.signs().title(each.role()) + ", "
                                + day.bands().in(ProgressionWords.dose(each.dose())))
                        .orElseGet(() -> notToday(today.proposal())),
                why(today.proposal()),
                toDo.map(each -> each.role().toString()).orElse(""),
                toDo.flatMap(each -> day.course().bundle().shape(each.role().activity()))
                        .isPresent(),
                ProgramWords.rules(program),
                steps(today));
    }

    private static String notToday(Proposal proposal) {
        return proposal instanceof Proposal.Rest rest ? ProgramWords.rest(rest.until()) : "Not open today.";
    }

    private String why(Proposal proposal) {
        return proposal instanceof Proposal.Closed closed
                ? words().why(closed.verdict())
                : day.words().say(proposal.grounds());
    }

    private Words words() {
        return Words.of(day.standing().course().resolved());
    }

    private List<ProgramPage.Step> steps(ProgramToday today) {
        List<ProgramPage.Step> steps = new ArrayList<>();
        List<String> reasons = new ArrayList<>();
        for (ProgramToday.At at : today.stages()) {
            Stage stage = at.stage();
            String closed = at.verdict().kind().isOpen() ? "" : words().why(at.verdict());
            int first = reasons.indexOf(closed);
            reasons.add(closed);
            steps.add(new ProgramPage.Step(
                    steps.size() + 1,
                    at.place().name().toLowerCase(Locale.ROOT),
                    day.signs().title(stage.role()),
                    ProgramWords.dose(stage),
                    ProgramWords.clean(at),
                    closed.isEmpty() || first < 0 ? closed : "As stage " + (first + 1) + "."));
        }
        return steps;
    }
}
