package waypost.app.usual;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.store.ClinicProtocols;
import waypost.core.protocol.Protocol;
import waypost.core.question.Question;

/** Keeps what surgeons of a clinic usually say; every setting stays, the last one stands. */
@Service
public class UsualAnswers {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONGEST_NAME = 120;
    private static final int MOST = 400;

    private final UsualMapper mapper;
    private final ClinicProtocols protocols;

    UsualAnswers(UsualMapper mapper, ClinicProtocols protocols) {
        this.mapper = mapper;
        this.protocols = protocols;
    }

    /** All that stands in a clinic, by surgeon. */
    @Transactional(readOnly = true)
    public List<Usual> all(UUID clinicId) {
        return mapper.standing(clinicId).stream()
                .map(row -> new Usual(
                        row.surgeon(),
                        row.protocol(),
                        JSON.readValue(row.answers(), new TypeReference<Map<String, String>>() {}),
                        row.setBy(),
                        row.setAt()))
                .toList();
    }

    /** What a surgeon usually says, protocol by protocol; names are the same whatever their capitals. */
    @Transactional(readOnly = true)
    public List<Usual> of(UUID clinicId, String surgeon) {
        return surgeon.isBlank()
                ? List.of()
                : all(clinicId).stream().filter(usual -> usual.isOf(surgeon)).toList();
    }

    /** What a protocol leaves to the surgeon: its schools. What the note must say is never among these. */
    public static List<Question> leftToTheSurgeon(Protocol protocol) {
        return protocol.questions().stream().filter(Question::isSchool).toList();
    }

    /** Sets what is usual; sent twice, it is set once. */
    @Transactional
    public void set(Staff staff, UUID id, String surgeon, String protocol, Map<String, String> answers) {
        String name = surgeon.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME || name.chars().anyMatch(Character::isISOControl)) {
            throw new FormProblem("surgeon", "Write the surgeon's name as referrals have it, in 1 to 120 characters.");
        }
        Protocol chosen = protocols.offered(staff.clinicId()).stream()
                .filter(each -> each.id().equals(protocol))
                .findFirst()
                .orElseThrow(() -> new FormProblem("protocol", "Choose a protocol from the list."));
        Map<String, String> kept = new TreeMap<>();
        for (Question question : leftToTheSurgeon(chosen)) {
            String value = answers.getOrDefault(question.id(), "");
            if (!value.isEmpty() && !question.inside().contains(value)) {
                throw new FormProblem(question.id(), "Choose one of the answers to: " + question.prompt());
            } else if (!value.isEmpty()) {
                kept.put(question.id(), value);
            }
        }
        List<Usual> standing = all(staff.clinicId());
        if (standing.size() >= MOST && standing.stream().noneMatch(usual -> usual.isOf(name, protocol))) {
            throw new FormProblem("surgeon", "Found " + MOST + " usual answers, allowed: no more. End some first.");
        }
        mapper.insert(id, staff.clinicId(), name, protocol, JSON.writeValueAsString(kept), "SET", staff.id());
    }

    /** Ends what was usual. */
    @Transactional
    public void end(Staff staff, UUID id, String surgeon, String protocol) {
        boolean stands = all(staff.clinicId()).stream().anyMatch(usual -> usual.isOf(surgeon, protocol));
        if (!stands) {
            throw new FormProblem("surgeon", "This does not stand any more.");
        }
        mapper.insert(id, staff.clinicId(), surgeon.strip(), protocol, "{}", "ENDED", staff.id());
    }
}
