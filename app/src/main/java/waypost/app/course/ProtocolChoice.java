package waypost.app.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import waypost.core.protocol.Protocol;
import waypost.library.words.Words;

/**
 * The protocols of one part of the body, as they are offered.
 *
 * @param area the first part of their ids in words, such as "Hip or knee"
 */
public record ProtocolChoice(String area, List<Protocol> protocols) {

    /** All protocols, by area and title. */
    public static List<ProtocolChoice> of(List<Protocol> protocols) {
        Map<String, List<Protocol>> byArea = new TreeMap<>();
        for (Protocol protocol : protocols) {
            String area = protocol.id().split("\\.", 2)[0];
            byArea.computeIfAbsent(Words.sentenceCase(Words.plainName(area)), key -> new ArrayList<>())
                    .add(protocol);
        }
        return byArea.entrySet().stream()
                .map(entry -> new ProtocolChoice(
                        entry.getKey(),
                        entry.getValue().stream()
                                .sorted(java.util.Comparator.comparing(Protocol::title))
                                .toList()))
                .toList();
    }
}
