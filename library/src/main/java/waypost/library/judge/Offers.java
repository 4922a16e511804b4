package waypost.library.judge;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.log.SetDone;
import waypost.core.progression.Plan;
import waypost.core.progression.Proposal;
import waypost.core.visit.Visit;
import waypost.library.bundle.Bundle;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/** What is proposed for everything that was done, or for a first plan where nothing was. */
record Offers(Visit visit, Bundle bundle) {

    List<Judgement.Offer> all() {
        return planned().stream().map(role -> offer(visit.proposal(role))).toList();
    }

    private List<RoleKey> planned() {
        Set<RoleKey> done = new LinkedHashSet<>(visit.work().sets().stream()
                .filter(set -> !set.on().isAfter(visit.standing().date()))
                .map(SetDone::role)
                .toList());
        return done.isEmpty() ? Plan.firstOn(visit.standing()) : new ArrayList<>(done);
    }

    private Judgement.Offer offer(Proposal proposal) {
        ProgressionWords words =
                new ProgressionWords(Words.of(visit.standing().course().resolved()), this::title);
        Optional<Proposal.Do> toDo = proposal.toDo();
        return new Judgement.Offer(
                proposal.asked().toString(),
                kind(proposal),
                toDo.map(leads -> leads.role().toString()),
                toDo.map(leads -> ProgressionWords.way(leads.way())),
                toDo.map(leads -> ProgressionWords.dose(leads.dose())),
                proposal instanceof Proposal.Rest rest
                        ? Optional.of(rest.until().toString())
                        : Optional.empty(),
                proposal.grounds().stream().map(words::say).toList());
    }

    private static String kind(Proposal proposal) {
        return proposal.getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    private String title(RoleKey role) {
        return bundle.findActivity(role.activity()).map(Activity::title).orElse(role.activity());
    }
}
