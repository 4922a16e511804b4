package waypost.core.resolved;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import waypost.core.limit.Authority;
import waypost.core.limit.Provenance;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;

/** Says of each rule where it comes from and which answers keep it in force. */
record Provenances(Protocol protocol, Answers answers) {

    Provenance of(RuleHead head) {
        String face = protocol.face();
        return by(
                head,
                head.part().isEmpty() ? new Authority.FromProtocol(face) : new Authority.FromPart(head.part(), face));
    }

    Provenance by(RuleHead head, Authority authority) {
        List<Provenance.Because> because = head.when().oneOf().entrySet().stream()
                .map(e -> because(protocol.question(e.getKey()), e.getValue()))
                .sorted(Comparator.comparing(Provenance.Because::question))
                .toList();
        return new Provenance(head.id(), head.title(), authority, because, head.surgeonOnly());
    }

    private Provenance.Because because(Question question, Set<String> makeItApply) {
        Set<String> still = answers.possible(question);
        Set<String> applying = new LinkedHashSet<>(question.valueIds());
        applying.retainAll(still);
        applying.retainAll(makeItApply);
        return new Provenance.Because(question.id(), question.prompt(), applying, makeItApply.containsAll(still));
    }
}
