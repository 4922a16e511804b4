package waypost.core.demand;

/** How an outside load is told. The units can't be compared: limits in different units all stay. */
public enum LoadUnit {
    KILOGRAMS("kg"),
    /** A step on the clinic's own order of bands, 1 the lightest. */
    BAND_STEP("band"),
    PERCENT_OF_MAXIMUM("% of maximum");

    private final String word;

    LoadUnit(String word) {
        this.word = word;
    }

    /** As it is written: "2 kg", "band 2", "60 % of maximum". */
    public String word() {
        return word;
    }
}
