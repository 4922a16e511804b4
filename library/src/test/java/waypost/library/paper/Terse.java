package waypost.library.paper;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.paper.PaperRule;
import waypost.core.paper.Span;
import waypost.core.paper.Understanding;
import waypost.core.paper.What;

/** What was understood, in one short line for a table. */
final class Terse {

    private Terse() {}

    static String of(Understanding read) {
        if (read instanceof Understanding.Asks asks) {
            return "? " + asks.question().id();
        }
        if (read instanceof Understanding.Understood understood) {
            String spelling =
                    understood.spelling().isEmpty() ? "" : " (" + String.join(", ", understood.spelling()) + ")";
            return understood.rules().stream().map(Terse::rule).collect(Collectors.joining("; ")) + spelling;
        }
        return "- " + ((Understanding.Unread) read).unknown();
    }

    private static String rule(PaperRule rule) {
        return what(rule.what()) + span(rule.span());
    }

    private static String span(Span span) {
        String from = span.from().map(moment -> " from " + moment).orElse("");
        String until = span.until().map(moment -> " until " + moment).orElse("");
        return from + until + (span.needs().isEmpty() ? "" : " needs " + String.join("+", span.needs()));
    }

    private static String what(What what) {
        if (what instanceof What.Weight weight) {
            return "weight " + Math.round(weight.most().percent()) + " %";
        } else if (what instanceof What.Reach reach) {
            return reach(reach);
        } else if (what instanceof What.Rests rests) {
            return "no " + modes(rests.modes()) + " " + rests.tissue().name().toLowerCase(Locale.ROOT);
        } else if (what instanceof What.Lifts lifts) {
            return "lifts " + lifts.kilograms() + " kg";
        } else if (what instanceof What.Worn worn) {
            return worn.what() + (worn.how().isEmpty() ? "" : " [" + String.join(", ", worn.how()) + "]");
        } else if (what instanceof What.Barred barred) {
            return "no " + barred.name();
        }
        return "told " + ((What.Told) what).text();
    }

    private static String reach(What.Reach reach) {
        Motion motion = reach.motion();
        String arc = reach.isFree()
                ? "free"
                : reach.allowed()
                        .map(allowed -> Math.round(allowed.least().value()) + ".."
                                + Math.round(allowed.most().value()))
                        .orElse("none");
        return motion.name().toLowerCase(Locale.ROOT) + " " + modes(reach.modes()) + " " + arc
                + reach.working()
                        .map(toward -> " toward " + motion.name(toward))
                        .orElse("");
    }

    private static String modes(Set<Mode> modes) {
        return modes.size() == Mode.values().length
                ? "all"
                : modes.stream()
                        .sorted()
                        .map(mode -> mode.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining("+"));
    }
}
