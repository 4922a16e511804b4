package waypost.app.gait;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.app.figure.SideView;
import waypost.core.gait.Fault;
import waypost.core.gait.Move;
import waypost.core.gait.Part;
import waypost.core.gait.Place;
import waypost.core.gait.Profile;
import waypost.core.gait.Stand;
import waypost.core.gait.Walk;
import waypost.core.gait.Way;
import waypost.core.runner.CourseWalk;
import waypost.library.words.GaitWords;
import waypost.library.words.PrecautionWords;

/** Draws a walk from above: a hundred units a metre, ahead is up. */
record GaitPages(CourseWalk today, Walk walk) {

    private static final double UNITS = 100;
    private static final double EDGE = 45;
    private static final double TREAD = UNITS * Profile.TREAD_METRES;
    private static final double HALF_TREAD = TREAD / 2;

    GaitPage page() {
        GaitWords words = new GaitWords(walk, today.mass());
        List<Move> moves = walk.moves();
        List<GaitPage.Frame> frames = new ArrayList<>();
        WalkFromTheSide side = new WalkFromTheSide(walk);
        frames.add(new GaitPage.Frame(
                "Ready: upright, look ahead, shoes on.", marks(walk.begin(), Set.of()), side.of(walk.begin())));
        moves.forEach(move -> frames.add(
                new GaitPage.Frame(words.say(move), marks(move.after(), move.parts()), side.of(move.after()))));
        return new GaitPage(
                choices(today.aids().isEmpty() ? List.of(walk.aid()) : today.aids(), GaitWords::say, walk.aid()),
                choices(walk.patterns(), GaitWords::say, walk.pattern()),
                choices(walk.ways(), GaitWords::say, walk.way()),
                weight(),
                walk.way() == Way.TURN ? words.turning() : "",
                box(Stream.concat(Stream.of(walk.begin()), moves.stream().map(Move::after))
                        .toList()),
                walk.way() == Way.TURN
                        ? ""
                        : SideView.box(frames.stream()
                                .flatMap(frame -> frame.side().stream())
                                .toList()),
                treads(),
                frames,
                Arrays.stream(Fault.values())
                        .map(fault -> new GaitPage.Frame(
                                GaitWords.say(fault), marks(fault.stand(walk.operated()), Set.of()), List.of()))
                        .toList());
    }

    private String weight() {
        String limit = today.weight()
                .by()
                .map(PrecautionWords::say)
                .orElse(
                        walk.alone().percent() < walk.most().percent()
                                ? "No limit on the weight beside an aid; the leg does not stand alone yet."
                                : "No limit on the weight of the leg.");
        return limit + opened();
    }

    private String opened() {
        if (today.aids().isEmpty()) {
            return " No walking is open today: this is how it looks with a frame.";
        }
        return today.later().isEmpty()
                ? ""
                : today.later().stream().map(GaitWords::say).collect(Collectors.joining(", ", " Not open yet: ", "."));
    }

    private static <E extends Enum<E>> List<GaitPage.Choice> choices(List<E> all, Function<E, String> title, E now) {
        return all.stream()
                .map(each -> new GaitPage.Choice(each.name(), title.apply(each), each == now))
                .toList();
    }

    private static List<GaitPage.Mark> marks(Stand stand, Set<Part> moved) {
        return stand.places().entrySet().stream()
                .sorted(Comparator.comparing(each -> each.getKey()))
                .map(each -> new GaitPage.Mark(
                        kind(each.getKey()),
                        at(each.getValue()),
                        moved.contains(each.getKey()),
                        each.getValue().isLifted()))
                .toList();
    }

    private static String kind(Part part) {
        return switch (part) {
            case OPERATED_FOOT -> "operated";
            case OTHER_FOOT -> "other";
            case FRAME -> "frame";
            case AID_OPERATED_SIDE, AID_OTHER_SIDE -> "tip";
        };
    }

    private static String at(Place place) {
        return "translate(" + said(place.x() * UNITS) + " " + said(-place.y() * UNITS) + ") rotate("
                + said(place.heading()) + ")";
    }

    private static String box(List<Stand> stands) {
        double left = least(stands, Place::x) - EDGE;
        double right = -least(stands, place -> -place.x()) + EDGE;
        double low = least(stands, Place::y) - EDGE;
        double high = -least(stands, place -> -place.y()) + EDGE;
        return said(left) + " " + said(-high) + " " + said(right - left) + " " + said(high - low);
    }

    private static double least(List<Stand> stands, Function<Place, Double> of) {
        return stands.stream()
                .flatMap(stand -> stand.places().values().stream())
                .flatMapToDouble(place -> DoubleStream.of(of.apply(place) * UNITS))
                .min()
                .orElse(0);
    }

    /** The edge of each step, halfway between where feet stand on it and below it. */
    private List<String> treads() {
        boolean stairs = walk.way() == Way.STAIRS_UP || walk.way() == Way.STAIRS_DOWN;
        return stairs
                ? IntStream.range(0, 3)
                        .mapToObj(nth -> said(-(HALF_TREAD + nth * TREAD)))
                        .toList()
                : List.of();
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }
}
