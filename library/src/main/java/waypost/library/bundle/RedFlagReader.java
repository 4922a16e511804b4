package waypost.library.bundle;

import java.util.Map;
import waypost.core.body.Joint;
import waypost.core.body.Tissue;
import waypost.core.safety.RedFlag;
import waypost.core.safety.Tier;
import waypost.library.text.Entry;

/** Reads the red flags. */
record RedFlagReader(Map<String, RedFlag> flags) {

    void read(Entry top) {
        top.list("flags", RedFlagReader::flag).forEach(flag -> {
            if (flags.put(flag.id(), flag) != null) {
                top.problem("found the red flag '" + flag.id() + "' twice, allowed: once");
            }
        });
    }

    private static RedFlag flag(Entry entry) {
        return new RedFlag(
                entry.text("id"),
                entry.text("asks"),
                Word.at(entry, "tier", Tier.class),
                entry.text("think"),
                entry.text("says"),
                Word.all(entry, "joints", Joint.class),
                Word.all(entry, "tissues", Tissue.class));
    }
}
