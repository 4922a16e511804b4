package waypost.library.review;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import waypost.core.protocol.Included;
import waypost.core.protocol.Protocol;
import waypost.core.question.Question;
import waypost.library.bundle.Bundle;
import waypost.library.lint.OpenOnDays;
import waypost.library.words.Terms;

/** Puts a protocol on its review sheet. */
public final class ReviewSheets {

    private ReviewSheets() {}

    public static ReviewSheet of(Protocol protocol, Bundle bundle) {
        Codes codes = Codes.of(protocol);
        WeekByWeek weeks = new WeekByWeek(protocol, bundle, codes);
        return new ReviewSheet(
                protocol.face(),
                protocol.source(),
                protocol.review(),
                Terms.dayZero(protocol.clock()),
                protocol.parts().stream()
                        .map(part -> part(part, protocol, codes))
                        .toList(),
                protocol.questions().stream()
                        .map(question -> asked(protocol, question, codes))
                        .toList(),
                protocol.criteria().stream()
                        .map(criterion -> new ReviewSheet.Coded(
                                codes.milestones().getOrDefault(criterion.id(), ""), criterion.title()))
                        .toList(),
                protocol.rules().pain().stream()
                        .map(rule -> rule.head().title() + ": at most " + rule.most() + " of 10"
                                + codes.when(rule.head().when()))
                        .toList(),
                weeks.rows(),
                weeks.otherClocks(),
                open(OpenOnDays.of(protocol, bundle)));
    }

    private static String part(Included part, Protocol protocol, Codes codes) {
        return codes.parts().getOrDefault(part.face(), "") + " " + part.face()
                + (part.isAlways() ? "" : codes.when(part.when()))
                + (part.source().equals(protocol.source()) ? "" : " (" + part.source() + ")");
    }

    /** Each day tells only what is new and what is gone since the day before, so that four days fit. */
    private static List<ReviewSheet.Open> open(List<OpenOnDays> days) {
        List<ReviewSheet.Open> told = new ArrayList<>();
        for (int i = 0; i < days.size(); i++) {
            OpenOnDays on = days.get(i);
            boolean goesOn = i > 0 && days.get(i - 1).under().equals(on.under());
            List<String> then = goesOn ? days.get(i - 1).open() : List.of();
            told.add(new ReviewSheet.Open(
                    goesOn ? "" : String.join(", ", on.under()),
                    on.day().toString(),
                    on.open().size(),
                    String.join(", ", on.elsewhere()),
                    without(on.open(), then),
                    without(plain(then), plain(on.open()))));
        }
        return told;
    }

    private static String without(List<String> all, List<String> some) {
        return all.stream().filter(title -> !some.contains(title)).collect(Collectors.joining(", "));
    }

    private static List<String> plain(List<String> titles) {
        return titles.stream().map(title -> title.replace(" (limited)", "")).toList();
    }

    private static ReviewSheet.Asked asked(Protocol protocol, Question question, Codes codes) {
        WhatAnswersChange changes = new WhatAnswersChange(protocol, question);
        return new ReviewSheet.Asked(
                codes.question(question),
                question.prompt(),
                question.isDecisive(),
                question.values().stream()
                        .map(value -> new ReviewSheet.Value(
                                codes.value(question, value.id()),
                                value.title(),
                                question.usual().filter(value.id()::equals).isPresent(),
                                changes.with(value.id())))
                        .toList());
    }
}
