package waypost.library.diary;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.course.DutyStatus;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.Hold;
import waypost.core.reason.Reason;
import waypost.library.bundle.Bundle;
import waypost.library.words.DutyWords;
import waypost.library.words.PrecautionWords;
import waypost.library.words.Words;

/** What is different on a day from the day of change before it. */
final class DiaryDay {

    private final Standing before;
    private final Standing now;
    private final Bundle bundle;
    private final Words words;
    private final List<String> lines = new ArrayList<>();

    DiaryDay(Standing before, Standing now, Bundle bundle) {
        this.before = before;
        this.now = now;
        this.bundle = bundle;
        this.words = Words.of(now.course().resolved());
    }

    List<String> lines() {
        if (!before.phase().equals(now.phase()) || now.day().number() == 0) {
            lines.add("phase: " + now.phase().title());
        }
        holds();
        precautions();
        duties();
        verdicts();
        return lines;
    }

    private void holds() {
        changed(named(before.facts().holds()), named(now.facts().holds()), "hold", "hold ends");
    }

    private static Map<String, String> named(List<Hold> holds) {
        Map<String, String> named = new LinkedHashMap<>();
        holds.forEach(hold -> named.put(hold.why(), hold.why()));
        return named;
    }

    private void precautions() {
        changed(limits(before), limits(now), "limit", "limit ends");
    }

    /** By rule and authority what is left, with the rule behind it. */
    private static Map<String, String> limits(Standing standing) {
        Map<String, String> limits = new LinkedHashMap<>();
        for (Precaution<?> precaution : standing.precautions()) {
            String rule = precaution.limit().from().ruleId();
            String key = rule
                    + precaution.limit().from().authority()
                    + precaution.limit().steps();
            limits.put(key, PrecautionWords.say(precaution) + "  [" + rule + "]");
        }
        return limits;
    }

    private void duties() {
        changed(duties(before), duties(now), "duty", "duty ends");
    }

    private static Map<String, String> duties(Standing standing) {
        DutyWords words = new DutyWords(Words.of(standing.course().resolved()));
        Map<String, String> duties = new LinkedHashMap<>();
        for (DutyStatus duty : standing.duties()) {
            duties.put(duty.ruleId(), words.say(duty) + "  [" + duty.ruleId() + "]");
        }
        return duties;
    }

    private void changed(Map<String, String> then, Map<String, String> today, String begins, String ends) {
        today.forEach((key, said) -> {
            if (!said.equals(then.get(key))) {
                lines.add(begins + ": " + said);
            }
        });
        then.forEach((key, said) -> {
            if (!today.containsKey(key)) {
                lines.add(ends + ": " + said);
            }
        });
    }

    private void verdicts() {
        Map<RoleKey, Verdict> then = new LinkedHashMap<>();
        before.verdicts().forEach(v -> then.put(v.role(), v));
        List<RoleKey> off = now.switchedOff();
        List<RoleKey> offBefore = before.switchedOff();
        for (Verdict verdict : now.verdicts()) {
            Optional.ofNullable(then.get(verdict.role()))
                    .filter(earlier -> isOurs(verdict) || isOurs(earlier))
                    .flatMap(earlier -> said(earlier, verdict))
                    .ifPresent(lines::add);
        }
        off.stream()
                .filter(role -> !offBefore.contains(role))
                .forEach(role -> lines.add("switched off: " + title(role) + ", its purpose is reached"));
    }

    /** Whether a rule of this protocol speaks about it at all. */
    private boolean isOurs(Verdict verdict) {
        return !verdict.reasons().isEmpty()
                || now.course().resolved().openings().containsKey(verdict.role());
    }

    private Optional<String> said(Verdict then, Verdict today) {
        boolean wasOpen = then.kind().isOpen();
        boolean isOpen = today.kind().isOpen();
        if (wasOpen && !isOpen) {
            return Optional.of("closes: " + title(today.role()) + ". " + words.why(today));
        }
        boolean first = now.day()
                .equals(now.course()
                        .resolved()
                        .protocol()
                        .begins(now.course().resolved().dayZero()));
        if (!isOpen || wasOpen && !first && limits(then).equals(limits(today))) {
            return Optional.empty();
        }
        String verb = wasOpen && !first ? "now" : "opens";
        String limits = limits(today);
        return Optional.of(verb + ": " + title(today.role()) + (limits.isEmpty() ? "" : ". " + limits));
    }

    private String limits(Verdict verdict) {
        List<String> sentences = new ArrayList<>();
        for (Reason reason : verdict.reasons()) {
            sentences.add(words.say(reason).sentence());
        }
        return String.join(" ", sentences);
    }

    private String title(RoleKey role) {
        Activity activity = bundle.findActivity(role.activity()).orElseThrow();
        return activity.roles().stream()
                .filter(r -> r.key().equals(role))
                .map(r -> activity.title() + " (" + r.title() + ")")
                .findFirst()
                .orElseThrow();
    }
}
