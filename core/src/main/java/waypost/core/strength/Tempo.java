package waypost.core.strength;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The seconds of one repetition: lowering, pause, lifting, pause; each 0 to 30. Written "3-0-2-1". */
public record Tempo(int lowering, int pauseBelow, int lifting, int pauseAbove) {

    private static final Pattern WRITTEN =
            Pattern.compile("\\s*(\\d{1,2})\\s*-\\s*(\\d{1,2})\\s*-\\s*(\\d{1,2})\\s*-\\s*(\\d{1,2})\\s*");
    private static final int LONGEST = 30;

    public Tempo {
        if (Math.max(Math.max(lowering, pauseBelow), Math.max(lifting, pauseAbove)) > LONGEST
                || Math.min(Math.min(lowering, pauseBelow), Math.min(lifting, pauseAbove)) < 0
                || lowering + lifting == 0) {
            throw new IllegalArgumentException("tempo: found " + lowering + "-" + pauseBelow + "-" + lifting + "-"
                    + pauseAbove + ", allowed: 0 to 30 s each, with some time to move");
        }
    }

    public static Tempo parse(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException("tempo: found '" + text.strip()
                    + "', allowed: four numbers of seconds such as 3-0-2-1 (lowering, pause, lifting, pause)");
        }
        return new Tempo(
                Integer.parseInt(written.group(1)),
                Integer.parseInt(written.group(2)),
                Integer.parseInt(written.group(3)),
                Integer.parseInt(written.group(4)));
    }

    public int secondsPerRepetition() {
        return lowering + pauseBelow + lifting + pauseAbove;
    }

    @Override
    public String toString() {
        return lowering + "-" + pauseBelow + "-" + lifting + "-" + pauseAbove;
    }
}
