package waypost.library.judge;

/** Writes a judgement as text for people. */
final class JudgementText {

    private final StringBuilder text = new StringBuilder();

    private JudgementText() {}

    static String of(Judgement judgement) {
        JudgementText writer = new JudgementText();
        writer.head(judgement);
        judgement.verdicts().forEach(writer::verdict);
        writer.line("");
        writer.line("The therapist decides; the operating surgeon's written instructions govern.");
        return writer.text.toString();
    }

    private void head(Judgement judgement) {
        line(judgement.course() + " on " + judgement.on() + ": day " + judgement.day() + ", " + judgement.counted());
        line(judgement.protocol() + " (" + judgement.review() + "), phase " + judgement.phase());
        judgement
                .unanswered()
                .forEach(asked -> line(
                        "ASK: " + asked.ask() + " Not stated: the stricter rule applies; an answer would open up to "
                                + asked.wouldOpen() + "."));
        line("");
        line("Precautions");
        judgement
                .precautions()
                .forEach(kept -> line("  " + kept.says()
                        + kept.until().map(until -> ", until " + until).orElse("") + "  [" + kept.rule() + "]"));
        line("Duties");
        judgement.duties().forEach(due -> line("  " + due.says() + "  [" + due.rule() + "]"));
        judgement.next().ifPresent(this::next);
        line("");
    }

    private void next(Judgement.Next next) {
        line("Next phase: " + next.phase() + ", not before " + next.earliest()
                + (next.timeReached() ? " (reached)" : "") + (next.ready() ? ", ready to sign" : ""));
        next.milestones().forEach(post -> line("  " + post.state() + ": " + post.title() + ". " + post.says()));
    }

    private void verdict(Judgement.Judged judged) {
        line(String.format(
                "%-18s %s%s",
                judged.verdict().toUpperCase(java.util.Locale.ROOT),
                judged.title(),
                judged.opensByTime().map(day -> "  (opens by time " + day + ")").orElse("")));
        judged.reasons().forEach(reason -> {
            line("    " + reason.says() + (reason.change().isEmpty() ? "" : " " + reason.change()));
            line("      " + reason.source());
        });
    }

    private void line(String line) {
        text.append(line).append('\n');
    }
}
