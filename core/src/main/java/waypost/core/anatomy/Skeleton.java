package waypost.core.anatomy;

import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Degrees;
import waypost.core.body.Joint;
import waypost.core.body.Motion;

/** Where every joint, segment and place of a body is, once its joints are bent and its pelvis is turned and put somewhere. */
public final class Skeleton {

    private static final double HALF_SHOULDERS = 0.129;
    private static final double HALF_HIPS = 0.05;
    private static final double THIGH_ON_SEAT = 0.6;
    private static final double FLESH = 0.04;
    private static final Vector3D DOWN = Vector3D.MINUS_K;

    private final Build build;
    private final JointAngles angles;
    private final Rotation root;
    private final Vector3D hips;
    private final Map<Half, Map<Segment, Placed>> limbs = new EnumMap<>(Half.class);
    private final Map<Segment, Placed> middle = new EnumMap<>(Segment.class);

    /** A segment: where it begins, and how it is turned. */
    private record Placed(Vector3D from, Rotation turned, double length, double centre) {

        Vector3D along(double share) {
            return from.add(turned.applyTo(DOWN.scalarMultiply(length * share)));
        }

        Placed next(Rotation turned, Build build, Segment segment) {
            return of(along(1), turned, build, segment);
        }

        static Placed of(Vector3D from, Rotation turned, Build build, Segment segment) {
            return new Placed(from, turned, build.length(segment), segment.centreShare());
        }
    }

    private Skeleton(Build build, JointAngles angles, Rotation root, Vector3D hips) {
        this.build = build;
        this.angles = angles;
        this.root = root;
        this.hips = hips;
        for (Half half : Half.values()) {
            limbs.put(half, limbsOf(new LimbChain(angles, half), half));
        }
        // Trunk and head go up from where they begin; limbs hang down.
        Placed trunk = Placed.of(hips, upsideDown(), build, Segment.TRUNK);
        middle.put(Segment.TRUNK, trunk);
        middle.put(Segment.HEAD, trunk.next(upsideDown(), build, Segment.HEAD));
    }

    /** With its pelvis turned so and the middle between its hips there. */
    static Skeleton of(Build build, JointAngles angles, Rotation root, Vector3D hips) {
        return new Skeleton(build, angles, root, hips);
    }

    private Rotation upsideDown() {
        return root.compose(
                new Rotation(Vector3D.PLUS_I, Math.PI, RotationConvention.VECTOR_OPERATOR),
                RotationConvention.VECTOR_OPERATOR);
    }

    private Map<Segment, Placed> limbsOf(LimbChain chain, Half half) {
        Map<Segment, Placed> placed = new EnumMap<>(Segment.class);
        Placed upperArm = Placed.of(
                onTrunk(0, half.outward() * HALF_SHOULDERS, Segment.TRUNK.lengthShare()),
                chain.upperArm(root),
                build,
                Segment.UPPER_ARM);
        Placed forearm = upperArm.next(chain.forearm(upperArm.turned()), build, Segment.FOREARM);
        Placed thigh = Placed.of(onTrunk(0, half.outward() * HALF_HIPS, 0), chain.thigh(root), build, Segment.THIGH);
        Placed shank = thigh.next(chain.shank(thigh.turned()), build, Segment.SHANK);
        placed.put(Segment.UPPER_ARM, upperArm);
        placed.put(Segment.FOREARM, forearm);
        placed.put(Segment.HAND, forearm.next(chain.hand(forearm.turned()), build, Segment.HAND));
        placed.put(Segment.THIGH, thigh);
        placed.put(Segment.SHANK, shank);
        placed.put(Segment.FOOT, shank.next(chain.foot(shank.turned()), build, Segment.FOOT));
        return placed;
    }

    private Vector3D onTrunk(double forward, double outward, double up) {
        return hips.add(root.applyTo(new Vector3D(build.metres(forward), build.metres(outward), build.metres(up))));
    }

    private Placed of(Half half, Segment segment) {
        @Nullable
        Placed found = segment.isPaired() ? limbs.getOrDefault(half, Map.of()).get(segment) : middle.get(segment);
        if (found == null) {
            throw new IllegalStateException(segment + " of " + half + " has not been placed");
        }
        return found;
    }

    public Build build() {
        return build;
    }

    /** How a joint stands, in degrees. */
    public double angle(Half half, Motion motion) {
        return angles.at(half, motion);
    }

    /** The same body in the same place with one joint bent otherwise. */
    public Skeleton bending(Half half, Motion motion, Degrees angle) {
        return new Skeleton(build, angles.with(half, motion, angle), root, hips);
    }

    /** The same body, bent as it is, moved along. */
    public Skeleton moved(Vector3D by) {
        return new Skeleton(build, angles, root, hips.add(by));
    }

    /** Where the middle between the hips is. */
    public Vector3D hips() {
        return hips;
    }

    /** The way that the breast faces, of length 1. */
    public Vector3D facing() {
        return root.applyTo(Vector3D.PLUS_I);
    }

    /** The way from hips to shoulders, of length 1. */
    public Vector3D upward() {
        return root.applyTo(Vector3D.PLUS_K);
    }

    /** Where a segment begins: a limb's nearer the trunk, the trunk's at the hips. */
    public Vector3D begin(Half half, Segment segment) {
        return of(half, segment).from();
    }

    /** Where a segment ends; a foot at the tips of its toes. */
    public Vector3D end(Half half, Segment segment) {
        return segment == Segment.FOOT
                ? onFoot(half, FootShape.TIP)
                : of(half, segment).along(1);
    }

    /** Where the mass of a segment acts. */
    public Vector3D centre(Half half, Segment segment) {
        Placed placed = of(half, segment);
        return segment == Segment.FOOT ? onFoot(half, FootShape.CENTRE) : placed.along(placed.centre());
    }

    /** Where a joint of a limb is. */
    public Vector3D joint(Half half, Joint joint) {
        return begin(half, Lever.beyond(joint));
    }

    /** Where the segment beyond a joint ends. */
    public Vector3D tip(Half half, Joint joint) {
        return end(half, Lever.beyond(joint));
    }

    /** How the segment beyond a joint would be turned if the joint stood at 0. */
    Rotation turnedBefore(Half half, Joint joint) {
        Segment before = Lever.before(joint);
        return before == Segment.TRUNK ? root : of(half, before).turned();
    }

    private Vector3D onFoot(Half half, FootShape place) {
        Placed foot = of(half, Segment.FOOT);
        return foot.from().add(foot.turned().applyTo(place.fromAnkle(build)));
    }

    private Vector3D behindThigh(Half half) {
        Placed thigh = of(half, Segment.THIGH);
        return thigh.along(THIGH_ON_SEAT).add(thigh.turned().applyTo(new Vector3D(-build.metres(FLESH), 0, 0)));
    }

    /** Where a place of the body is. */
    public Vector3D spot(Half half, Spot spot) {
        double out = half.outward();
        return switch (spot) {
            case HEEL -> onFoot(half, FootShape.HEEL);
            case TOES -> onFoot(half, FootShape.BALL);
            case ANKLE -> begin(half, Segment.FOOT);
            case KNEE -> begin(half, Segment.SHANK);
            case THIGH_BACK -> behindThigh(half);
            case PALM -> centre(half, Segment.HAND);
            case FOREARM -> centre(half, Segment.FOREARM);
            case ELBOW -> begin(half, Segment.FOREARM);
            case SEAT -> onTrunk(-0.02, out * 0.04, -0.04);
            case BUTTOCK -> onTrunk(-0.06, out * 0.05, 0);
            case SHOULDER_BLADE -> onTrunk(-0.06, out * 0.07, 0.26);
            case BREAST -> onTrunk(0.06, out * 0.07, 0.24);
            case GROIN -> onTrunk(0.05, out * 0.05, 0.02);
            case HIP_SIDE -> onTrunk(0, out * 0.095, 0);
            case SHOULDER_SIDE -> onTrunk(0, out * 0.13, 0.28);
            case HEAD_BACK -> onTrunk(-0.05, 0, 0.40);
        };
    }

    /** How high the lowest of hands, knees and feet is, in metres. */
    public double lowest() {
        return Stream.of(Half.values())
                .flatMap(half -> Stream.of(
                        spot(half, Spot.HEEL), end(half, Segment.FOOT), spot(half, Spot.KNEE), end(half, Segment.HAND)))
                .mapToDouble(Vector3D::getZ)
                .min()
                .orElse(0);
    }

    /** Where the mass of the whole body acts. */
    public Vector3D centre() {
        Vector3D sum = Vector3D.ZERO;
        for (Segment segment : Segment.values()) {
            for (Half half : Half.values()) {
                double share = segment.isPaired() ? segment.massShare() : segment.massShare() / 2;
                sum = sum.add(share, centre(half, segment));
            }
        }
        return sum;
    }
}
