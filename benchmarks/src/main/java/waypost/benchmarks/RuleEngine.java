package waypost.benchmarks;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.kie.api.KieBase;
import org.kie.api.io.ResourceType;
import org.kie.api.runtime.KieSession;
import org.kie.api.runtime.rule.FactHandle;
import org.kie.internal.utils.KieHelper;
import waypost.core.exercise.Activity;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** The limits and openings of a course judged by a general-purpose rule engine (Drools), from its own rules. */
final class RuleEngine {

    private final KieBase rules = new KieHelper()
            .addContent(EngineRules.text(), ResourceType.DRL)
            .build();
    private final List<Object> facts;
    private final KieSession kept;
    private final FactHandle keptDay;
    private final EngineFacts.Today today = new EngineFacts.Today();
    private final Set<String> keptSays = new HashSet<>();

    RuleEngine(Resolved resolved, List<Activity> library) {
        facts = EngineFacts.of(resolved, library);
        kept = rules.newKieSession();
        kept.setGlobal("said", keptSays);
        facts.forEach(kept::insert);
        today.is(CourseDay.ZERO, resolved.protocol().firstPhase().id());
        keptDay = kept.insert(today);
        kept.fireAllRules();
    }

    int facts() {
        return facts.size();
    }

    /** Every objection on a day, from a session made for it. */
    Set<String> fresh(CourseDay day, String phase) {
        Set<String> said = new HashSet<>();
        KieSession session = rules.newKieSession();
        try {
            session.setGlobal("said", said);
            today.is(day, phase);
            facts.forEach(session::insert);
            session.insert(today);
            session.fireAllRules();
        } finally {
            session.dispose();
        }
        return said;
    }

    /** Every objection on a day, from a session that is kept and told the new day. */
    Set<String> kept(CourseDay day, String phase) {
        keptSays.clear();
        today.is(day, phase);
        kept.update(keptDay, today);
        kept.fireAllRules();
        return keptSays;
    }
}
