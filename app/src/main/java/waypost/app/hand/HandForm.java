package waypost.app.hand;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.body.Motion;
import waypost.core.hand.Finger;
import waypost.core.hand.FingerReading;
import waypost.library.words.HandWords;

/** A finger's joints as they were typed, in degrees; what lacks to straight is typed without a sign. */
public record HandForm(
        @Nullable String entryId,
        @Nullable String finger,
        @Nullable String mcpBent,
        @Nullable String mcpLacks,
        @Nullable String pipBent,
        @Nullable String pipLacks,
        @Nullable String dipBent,
        @Nullable String dipLacks,
        @Nullable String tip) {

    static HandForm blank(String finger) {
        return new HandForm(UUID.randomUUID().toString(), finger, "", "", "", "", "", "", "");
    }

    UUID id() {
        return Entered.id("entryId", Entered.text(entryId));
    }

    Finger which() {
        return Entered.choice(Finger.class, "finger", Entered.text(finger));
    }

    FingerReading reading(LocalDate on) {
        Finger of = which();
        Map<Motion, Double> bent = new EnumMap<>(Motion.class);
        Map<Motion, Double> lacks = new EnumMap<>(Motion.class);
        for (Motion joint : of.joints()) {
            bent.put(joint, degrees(joint, true));
            lacks.put(joint, degrees(joint, false));
        }
        try {
            return new FingerReading(of, on, bent, lacks, tipToPalm());
        } catch (IllegalArgumentException impossible) {
            throw new FormProblem("finger", impossible.getMessage() + ".");
        }
    }

    private double degrees(Motion joint, boolean bends) {
        String typed = typed(joint, bends).strip();
        return Entered.decimal(typed)
                .orElseThrow(() -> new FormProblem(
                        joint.joint().name(),
                        joint.joint() + (bends ? ", bent" : ", lacks to straight") + ": found '" + typed
                                + "', allowed: degrees such as " + (bends ? "80" : "0") + "."));
    }

    /** What was typed into a joint's field. */
    public String typed(String field) {
        return Entered.text(
                switch (field) {
                    case "mcpBent" -> mcpBent;
                    case "mcpLacks" -> mcpLacks;
                    case "pipBent" -> pipBent;
                    case "pipLacks" -> pipLacks;
                    case "dipBent" -> dipBent;
                    default -> dipLacks;
                });
    }

    private String typed(Motion joint, boolean bends) {
        return typed(HandWords.measured(joint) + (bends ? "Bent" : "Lacks"));
    }

    private OptionalDouble tipToPalm() {
        String typed = Entered.text(tip).strip();
        OptionalDouble number = Entered.decimal(typed);
        if (!typed.isEmpty() && number.isEmpty()) {
            throw new FormProblem("tip", "Found '" + typed + "', allowed: centimetres such as 1.5, or nothing.");
        }
        return number;
    }
}
