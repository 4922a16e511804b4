package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import waypost.core.function.FingerMotion;
import waypost.core.measure.Measure;

/** Total active motion of a finger. */
@Component
final class FingerMotionBench implements Calculator {

    private static final Field MCP = Field.number("mcp", "MCP bends to", "°", "85");
    private static final Field PIP = Field.number("pip", "PIP bends to", "°", "90");
    private static final Field DIP = Field.number("dip", "DIP bends to", "°", "60");
    private static final Field MCP_LACKS = Field.number("mcpLacks", "MCP lacks", "°", "0");
    private static final Field PIP_LACKS = Field.number("pipLacks", "PIP lacks", "°", "5");
    private static final Field DIP_LACKS = Field.number("dipLacks", "DIP lacks", "°", "0");

    @Override
    public String id() {
        return "finger-motion";
    }

    @Override
    public Face face() {
        return new Face(
                "Total active motion of a finger",
                "(MCP + PIP + DIP flexion) − what extension lacks; and (PIP + DIP − their lag) ÷ 175 × 100.",
                "Strickland and Glogovac 1980 (original), from memory: excellent 85, good 70, fair 50",
                "Active, in a fist and then opened; compare with the same finger of the other hand, usually 260° to 270°.");
    }

    @Override
    public List<Field> fields() {
        return List.of(MCP, PIP, DIP, MCP_LACKS, PIP_LACKS, DIP_LACKS);
    }

    @Override
    public Answer work(Inputs inputs) {
        double bends = inputs.number(PIP) + inputs.number(DIP);
        double lacks = lacking(inputs, PIP_LACKS) + lacking(inputs, DIP_LACKS);
        double total = inputs.number(MCP) + bends - lacks - lacking(inputs, MCP_LACKS);
        double percent = FingerMotion.percent(inputs.number(PIP), inputs.number(DIP), lacks);
        return Answer.of(
                        new Answer.Line("total active motion", number(total) + "°"),
                        new Answer.Line(
                                "PIP and DIP of 175°",
                                number(percent) + " %, "
                                        + FingerMotion.of(percent).name().toLowerCase(Locale.ROOT)))
                .yielding(total);
    }

    @Override
    public boolean yields(Measure measure) {
        return measure.id().equals("finger-total-motion");
    }

    /** Going beyond zero adds nothing. */
    private static double lacking(Inputs inputs, Field field) {
        return Math.max(0, inputs.number(field));
    }
}
