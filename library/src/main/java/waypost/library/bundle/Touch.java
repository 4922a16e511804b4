package waypost.library.bundle;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Surface;
import waypost.library.text.Suggestion;

/** Reads what touches what: "other toes on floor", "operated palm on table 75 cm", "both palms on wall". */
final class Touch {

    private static final Pattern WRITTEN = Pattern.compile(
            "(operated|other|both) ([a-z]+) (?:on (wall|wall behind|[a-z]+ (\\d{1,3}) cm|floor)|under strap)");
    private static final double CENTIMETRES = 100;
    private static final Map<String, List<Spot>> PLACES = new LinkedHashMap<>();

    static {
        PLACES.put("foot", List.of(Spot.HEEL, Spot.TOES));
        PLACES.put("heel", List.of(Spot.HEEL));
        PLACES.put("toes", List.of(Spot.TOES));
        PLACES.put("ankle", List.of(Spot.ANKLE));
        PLACES.put("knee", List.of(Spot.KNEE));
        PLACES.put("palm", List.of(Spot.PALM));
        PLACES.put("elbow", List.of(Spot.ELBOW));
        PLACES.put("forearm", List.of(Spot.FOREARM));
        PLACES.put("seat", List.of(Spot.SEAT));
        PLACES.put("back", List.of(Spot.BUTTOCK, Spot.SHOULDER_BLADE));
        PLACES.put("shoulder", List.of(Spot.SHOULDER_BLADE));
        PLACES.put("front", List.of(Spot.BREAST, Spot.GROIN));
        PLACES.put("side", List.of(Spot.HIP_SIDE, Spot.SHOULDER_SIDE));
    }

    private Touch() {}

    /** One place of the body by its name. */
    static Spot spot(String name) {
        List<Spot> spots = PLACES.get(name);
        if (spots == null) {
            throw new IllegalArgumentException(Suggestion.oneOf(name, PLACES.keySet()));
        }
        return spots.get(spots.size() - 1);
    }

    /** A side and a place, "other palm"; what it is on does not matter. */
    static Contact place(String text) {
        String[] words = text.split(" ", 2);
        if (words.length < 2 || words[0].equals("both")) {
            throw new IllegalArgumentException(
                    "found '" + text + "', allowed: a side and a place, such as 'other palm'");
        }
        Half half = halves(words[0]).findFirst().orElseThrow();
        return new Contact(half, spot(words[1]), Surface.floor());
    }

    /** One place of one side or of both. */
    static List<Contact> parse(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException("found '" + text
                    + "', allowed: a side, a place and what it is on, such as 'other toes on floor', 'operated palm on"
                    + " table 75 cm', 'both palm on wall' or 'both ankle under strap'");
        }
        List<Spot> spots = PLACES.get(written.group(2));
        if (spots == null) {
            throw new IllegalArgumentException(Suggestion.oneOf(written.group(2), PLACES.keySet()));
        }
        Surface surface = surface(written);
        return halves(written.group(1))
                .flatMap(half -> spots.stream().map(spot -> new Contact(half, spot, surface)))
                .toList();
    }

    private static Surface surface(Matcher written) {
        String on = written.group(3);
        if (on == null) {
            return Surface.Holding.DOWN;
        }
        if (on.equals("wall")) {
            return Surface.Upright.AHEAD;
        }
        if (on.equals("wall behind")) {
            return Surface.Upright.BEHIND;
        }
        String height = written.group(4);
        return height == null ? Surface.floor() : new Surface.Level(Integer.parseInt(height) / CENTIMETRES);
    }

    private static Stream<Half> halves(String side) {
        return switch (side) {
            case "operated" -> Stream.of(Half.OPERATED);
            case "other" -> Stream.of(Half.OTHER);
            default -> Stream.of(Half.values());
        };
    }
}
