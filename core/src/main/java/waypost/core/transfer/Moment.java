package waypost.core.transfer;

import java.util.List;
import java.util.Optional;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Sagittal;
import waypost.core.anatomy.Sagittal.Place;
import waypost.core.anatomy.Skeleton;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.gait.LegBounds;

/**
 * How a body is held at a step of a way from place to place, seen from the side: the trunk leans forward no further, and the
 * operated foot stands no nearer, than hip and knee may bend. Places and leans are common practice, no source.
 */
public enum Moment {
    /** On the back in bed. */
    LYING(-90, new Place(0, 0.066), 0.859, 0, 0),
    /** On both elbows. */
    ON_ELBOWS(-50, new Place(0, 0.066), 0.859, 0, 0),
    /** Far back on the seat. */
    SITTING(0, new Place(0, 0.09), 0.40, 0.10, 0),
    /** At the front edge, the other foot under the knee. */
    AT_THE_EDGE(5, new Place(0.12, 0.09), 0.42, 0.16, 0),
    /** Half up, pushing through the hands. */
    RISING(32, new Place(0.18, 0.30), 0.42, 0.16, 0),
    /** Half up with the trunk held back. */
    RISING_LEANING_BACK(-8, new Place(0.18, 0.30), 0.42, 0.16, 0),
    /** Half down, reaching back. */
    LOWERING(24, new Place(0.16, 0.28), 0.42, 0.18, 0),
    /** Half down with the trunk held back. */
    LOWERING_LEANING_BACK(-8, new Place(0.16, 0.28), 0.42, 0.18, 0),
    /** Standing before the seat, the operated foot ahead. */
    BEFORE_THE_SEAT(4, new Place(0.42, Moment.STRAIGHT), 0.40, 0.18, 0),
    /** Standing, both hands on the aid. */
    STANDING(2, new Place(0.42, Moment.STRAIGHT), 0.40, 0.04, 0.36);

    private static final Build BUILD = Build.MIDDLING;
    /** Above the floor, not above the seat: as high as a straight leg holds the hip. */
    private static final double STRAIGHT = -1;

    private static final double HALF_WAY = 0.2;
    private static final double NEARLY_STRAIGHT = 0.998;
    private static final double STEP = 0.01;
    private static final double FURTHEST = 0.80;
    private static final double LIFT = 0.04;
    private static final double HANDLE_UP = 0.85;
    private static final double HALF_FRAME = 0.12;
    private static final double MOST_BACK = -60;

    private final double lean;
    private final Place hips;
    private final double foot;
    private final double operatedAhead;
    private final double aidAhead;

    /**
     * @param hips ahead of where one sits, above what one sits on
     * @param foot the other one's ankle
     * @param operatedAhead how far ahead of it the operated one stands
     * @param aidAhead how far ahead of the hips a frame is held; 0 without
     */
    Moment(double lean, Place hips, double foot, double operatedAhead, double aidAhead) {
        this.lean = lean;
        this.hips = hips;
        this.foot = foot;
        this.operatedAhead = operatedAhead;
        this.aidAhead = aidAhead;
    }

    /** Whether one stands on the feet alone. */
    public boolean isUpright() {
        return hips.up() == STRAIGHT;
    }

    private boolean isHalfWay() {
        return !isUpright() && hips.up() > HALF_WAY;
    }

    /** Whether one lies on what is else sat on. */
    public boolean lies() {
        return this == LYING || this == ON_ELBOWS;
    }

    /**
     * The body in it.
     *
     * @param seatMetres how high what is sat or lain on is
     * @param bounds of the operated leg
     * @param offTheFloor whether that leg takes nothing
     */
    public Skeleton body(double seatMetres, LegBounds bounds, boolean offTheFloor) {
        Place at = new Place(hips.ahead(), isUpright() ? standingHeight() : seatMetres + hips.up());
        double floor = lies() ? seatMetres : 0;
        Place other = new Place(foot, Sagittal.ankleUp(BUILD, floor));
        boolean lifted = offTheFloor && (isUpright() || isHalfWay());
        Sagittal legs =
                operated(Sagittal.at(BUILD, at, 0).foot(Half.OTHER, other), floor + (lifted ? LIFT : 0), bounds);
        double bend = legs.body().angle(Half.OPERATED, Motion.HIP_FLEXION);
        double leans = Math.max(MOST_BACK, Math.min(lean, bounds.hip().most().value() - bend));
        return arms(
                        operated(
                                Sagittal.at(BUILD, at, lies() ? lean : leans).foot(Half.OTHER, other),
                                floor + (lifted ? LIFT : 0),
                                bounds),
                        seatMetres)
                .body();
    }

    /** The frame that is held, from the side; empty where the hands are elsewhere. */
    public Optional<List<Place>> frame() {
        double back = hips.ahead() + aidAhead - HALF_FRAME / 2;
        double front = back + 2 * HALF_FRAME;
        return aidAhead == 0
                ? Optional.empty()
                : Optional.of(List.of(
                        new Place(back, 0),
                        new Place(back, HANDLE_UP),
                        new Place(front, HANDLE_UP),
                        new Place(front, 0)));
    }

    private double standingHeight() {
        return Sagittal.ankleUp(BUILD, 0) + Sagittal.leg(BUILD) * NEARLY_STRAIGHT;
    }

    /** Further ahead until the knee bends no more than it may. */
    private Sagittal operated(Sagittal body, double floor, LegBounds bounds) {
        double up = Sagittal.ankleUp(BUILD, floor);
        Sagittal placed = body.foot(Half.OPERATED, new Place(foot + operatedAhead, up));
        for (double ahead = operatedAhead + STEP; !fits(placed, bounds) && ahead < FURTHEST; ahead += STEP) {
            placed = body.foot(Half.OPERATED, new Place(foot + ahead, up));
        }
        return placed;
    }

    private static boolean fits(Sagittal body, LegBounds bounds) {
        double knee = body.body().angle(Half.OPERATED, Motion.KNEE_FLEXION);
        return Degrees.of(knee).compareTo(bounds.knee().most()) <= 0;
    }

    /** On the frame, on the seat beside the hips, along the body in bed; hanging where nothing is held. */
    private Sagittal arms(Sagittal body, double seatMetres) {
        if (this == BEFORE_THE_SEAT || this == SITTING) {
            return body;
        }
        Place palm = aidAhead > 0
                ? new Place(body.hips().ahead() + aidAhead, HANDLE_UP)
                : new Place(lies() ? body.shoulder().ahead() + alongTheBody() : 0, seatMetres + 0.04);
        return body.hand(Half.OPERATED, palm).hand(Half.OTHER, palm);
    }

    private double alongTheBody() {
        return this == ON_ELBOWS ? 0.3 : 0.6;
    }
}
