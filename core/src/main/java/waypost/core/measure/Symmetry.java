package waypost.core.measure;

/** Limb symmetry index: operated ÷ other × 100; for times, where less is better, other ÷ operated × 100. */
public record Symmetry(double percent) {

    public static Symmetry between(Amount operated, Amount other, Measure.Better better) {
        return new Symmetry(better == Measure.Better.HIGHER ? operated.percentOf(other) : other.percentOf(operated));
    }
}
