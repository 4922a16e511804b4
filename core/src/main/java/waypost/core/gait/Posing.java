package waypost.core.gait;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Sagittal;
import waypost.core.gait.Profile.Stick;

/**
 * Bends a body so that its feet and hands are where a walk has put them: the pelvis between the feet that stand or over an
 * operated one that may not be left behind, the trunk leaning and the knees giving no more than the hands need.
 */
final class Posing {

    private static final Build BUILD = Build.MIDDLING;
    private static final double ANKLE_BEHIND_MIDDLE = BUILD.statureMetres() * 0.045;
    /** The wrist's crease with the arm hanging, as a share of stature: Drillis and Contini 1966, from memory. */
    private static final double HANDLE_UP = BUILD.statureMetres() * 0.485;

    private static final double LIFT = 0.04;
    private static final double NEARLY_STRAIGHT = 0.9995;
    private static final double HALF_FRAME = 0.12;
    private static final double HANDLE_BEHIND = 0.06;
    private static final double ARMPIT = 0.06;
    private static final int MOST_LEAN = 24;
    private static final double LOWERED = 0.01;
    private static final double MOST_LOWERED = 0.25;

    private final Walk walk;
    private final Stand stand;

    Posing(Walk walk, Stand stand) {
        this.walk = walk;
        this.stand = stand;
    }

    Profile profile() {
        Sagittal body = settled();
        Map<Part, Stick> aids = new EnumMap<>(Part.class);
        for (Part part : stand.places().keySet()) {
            if (!part.isFoot()) {
                aids.put(part, stick(part, body));
            }
        }
        for (Half half : Half.values()) {
            body = body.foot(half, ankle(half));
            Stick held = aids.get(held(half));
            body = held == null ? body : body.hand(half, held.handle());
        }
        return new Profile(body.body(), aids);
    }

    private Sagittal settled() {
        Sagittal.Place hips = hips();
        double lowest = hips.up() - MOST_LOWERED;
        Sagittal body = Sagittal.at(BUILD, hips, 0);
        while (!reaches(body) && body.hips().up() > lowest) {
            body = body.lean() < MOST_LEAN
                    ? Sagittal.at(BUILD, body.hips(), body.lean() + 1)
                    : Sagittal.at(
                            BUILD, new Sagittal.Place(hips.ahead(), body.hips().up() - LOWERED), body.lean());
        }
        return body;
    }

    private static Part foot(Half half) {
        return half == Half.OPERATED ? Part.OPERATED_FOOT : Part.OTHER_FOOT;
    }

    private Sagittal.Place ankle(Half half) {
        Place place = stand.of(foot(half));
        return new Sagittal.Place(
                place.y() - ANKLE_BEHIND_MIDDLE, Sagittal.ankleUp(BUILD, floor(place) + (place.isLifted() ? LIFT : 0)));
    }

    private static double floor(Place place) {
        return place.level() * Profile.RISE_METRES;
    }

    private boolean stands(Half half) {
        return !stand.of(foot(half)).isLifted();
    }

    private Sagittal.Place hips() {
        List<Sagittal.Place> standing =
                Stream.of(Half.values()).filter(this::stands).map(this::ankle).toList();
        double middle =
                standing.stream().mapToDouble(Sagittal.Place::ahead).average().orElseThrow();
        double ahead = walk.bounds().isNeverBehind() && stands(Half.OPERATED)
                ? Math.min(middle, ankle(Half.OPERATED).ahead())
                : middle;
        double straight = Sagittal.leg(BUILD) * NEARLY_STRAIGHT;
        double up = standing.stream()
                .mapToDouble(ankle ->
                        ankle.up() + Math.sqrt(straight * straight - (ankle.ahead() - ahead) * (ankle.ahead() - ahead)))
                .min()
                .orElseThrow();
        return new Sagittal.Place(ahead, up);
    }

    private Part held(Half half) {
        return walk.aid() == Aid.WALKER
                ? Part.FRAME
                : half == Half.OPERATED ? Part.AID_OPERATED_SIDE : Part.AID_OTHER_SIDE;
    }

    private boolean reaches(Sagittal body) {
        return Stream.of(Half.values()).allMatch(half -> body.reachesWithFoot(ankle(half)))
                && stand.places().keySet().stream()
                        .filter(part -> !part.isFoot())
                        .allMatch(part -> body.reachesWithHand(stick(part, body).handle()));
    }

    /** A frame stands upright; a crutch or a cane points from where it stands toward the shoulder. */
    private Stick stick(Part part, Sagittal body) {
        Place place = stand.of(part);
        Sagittal.Place tip = new Sagittal.Place(place.y(), floor(place));
        return part == Part.FRAME ? frame(tip) : pole(tip, body.shoulder());
    }

    private static Stick frame(Sagittal.Place middle) {
        double top = middle.up() + HANDLE_UP;
        double back = middle.ahead() - HALF_FRAME;
        double front = middle.ahead() + HALF_FRAME;
        return new Stick(
                List.of(
                        new Sagittal.Place(back, middle.up()),
                        new Sagittal.Place(back, top),
                        new Sagittal.Place(front, top),
                        new Sagittal.Place(front, middle.up())),
                new Sagittal.Place(middle.ahead() - HANDLE_BEHIND, top));
    }

    private Stick pole(Sagittal.Place tip, Sagittal.Place shoulder) {
        Sagittal.Place handle = tip.toward(shoulder, HANDLE_UP);
        boolean crutch = walk.aid() != Aid.CANE;
        return new Stick(List.of(tip, crutch ? tip.toward(shoulder, tip.to(shoulder) - ARMPIT) : handle), handle);
    }
}
