package waypost.app.shelf;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.lint.Finding;
import waypost.library.lint.Lint;

/** What lint finds in a protocol. A published bundle never changes, so what was found once is kept. */
@Component
class LintFindings {

    private final Map<String, List<Finding>> found = new ConcurrentHashMap<>();

    List<Finding> of(Bundle bundle, Protocol protocol) {
        return found.computeIfAbsent(bundle.hash() + " " + protocol.id(), key -> Lint.of(protocol, bundle));
    }
}
