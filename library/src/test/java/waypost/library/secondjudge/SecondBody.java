package waypost.library.secondjudge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import waypost.core.anatomy.Attitude;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Stance;
import waypost.core.anatomy.Surface;
import waypost.core.body.Degrees;
import waypost.core.body.Limb;
import waypost.core.body.Motion;

/**
 * A second body, written without the first: points hung on one another by plain trigonometry, put on what it touches by trying
 * every lean and every ankle, and carried by every way in which upright forces alone can carry it. Shares of mass and length:
 * Dempster 1955 in Winter 1990, Drillis and Contini 1966, from memory. In statures and body weights.
 */
final class SecondBody {

    private static final double LEAN = 1;
    private static final int WHOLE = 40;
    private static final double NEARLY = 0.012;

    /** The least and the most of the body that a limb can carry, in percent. */
    record Range(double least, double most) {}

    private record Point(double x, double y, double z) {
        Point plus(Point other) {
            return new Point(x + other.x, y + other.y, z + other.z);
        }

        Point times(double by) {
            return new Point(x * by, y * by, z * by);
        }

        /** Turned over the side axis: what hangs comes forward. */
        Point forward(double degrees) {
            double s = Math.sin(Math.toRadians(degrees));
            double c = Math.cos(Math.toRadians(degrees));
            return new Point(x * c - z * s, y, x * s + z * c);
        }

        /** Turned over the axis ahead: what hangs goes toward y. */
        Point sideward(double degrees) {
            double s = Math.sin(Math.toRadians(degrees));
            double c = Math.cos(Math.toRadians(degrees));
            return new Point(x, y * c - z * s, y * s + z * c);
        }

        Point turned(double degrees) {
            double s = Math.sin(Math.toRadians(degrees));
            double c = Math.cos(Math.toRadians(degrees));
            return new Point(x * c - y * s, x * s + y * c, z);
        }
    }

    /** Where things are once the joints are bent, and where the mass of it acts. */
    private record Bent(Map<String, Point> places, Point centre) {
        Point at(Contact contact) {
            return places.get(contact.half() + " " + contact.spot());
        }
    }

    private SecondBody() {}

    /** What each limb can carry; empty where it stands on what is not level. */
    static Map<String, Range> carried(Stance said) {
        if (said.contacts().stream().anyMatch(contact -> !(contact.surface() instanceof Surface.Level))) {
            return Map.of();
        }
        double ankle = saysAnkles(said) ? Double.NaN : ankle(said);
        Bent bent = leaning(said, ankle, lean(said, ankle));
        Map<String, Range> found = new LinkedHashMap<>();
        for (double[] forces : ways(said.contacts(), bent)) {
            for (Half half : Half.values()) {
                for (Limb limb : Limb.values()) {
                    double share = 100 * sum(said.contacts(), forces, half, limb);
                    found.merge(half + " " + limb, new Range(share, share), SecondBody::both);
                }
            }
        }
        return found;
    }

    /**
     * How hard it is to bend a joint of the operated side further, by virtual work: how much the weight of the whole, and of what
     * is held in the hand or hangs at the ankle, rises for a small turn. In body weights times statures.
     *
     * @param load share of the body's mass that is held there
     */
    static double rises(Stance said, Motion motion, double load) {
        double ankle = saysAnkles(said) ? Double.NaN : ankle(said);
        double lean = lean(said, ankle);
        String place = Half.OPERATED + (motion.joint().limb() == Limb.ARM ? " PALM" : " ANKLE");
        double higher = height(turned(said, motion, LEAN / 2), ankle, lean, place, load);
        double lower = height(turned(said, motion, -LEAN / 2), ankle, lean, place, load);
        return (higher - lower) / Math.toRadians(LEAN);
    }

    private static double height(Stance said, double ankle, double lean, String place, double load) {
        Bent bent = leaning(said, ankle, lean);
        return bent.centre.z + load * bent.places.get(place).z;
    }

    private static Stance turned(Stance said, Motion motion, double degrees) {
        Degrees now = Degrees.of(said.angles().at(Half.OPERATED, motion) + degrees);
        return new Stance(said.attitude(), said.angles().with(Half.OPERATED, motion, now), said.contacts());
    }

    private static Range both(Range one, Range other) {
        return new Range(Math.min(one.least, other.least), Math.max(one.most, other.most));
    }

    private static double sum(List<Contact> contacts, double[] forces, Half half, Limb limb) {
        double sum = 0;
        for (int at = 0; at < forces.length; at++) {
            Spot spot = contacts.get(at).spot();
            if (contacts.get(at).half() == half && (limb == Limb.ARM ? spot.isOfArm() : spot.isOfLeg())) {
                sum += forces[at];
            }
        }
        return sum;
    }

    private static boolean saysAnkles(Stance said) {
        return said.contacts().stream().anyMatch(c -> said.angles().says(c.half(), Motion.ANKLE_DORSIFLEXION))
                || !said.contacts().stream().map(Contact::spot).toList().containsAll(List.of(Spot.HEEL, Spot.TOES));
    }

    private static boolean onFeet(Stance said) {
        return said.contacts().stream().allMatch(c -> c.spot() == Spot.HEEL || c.spot() == Spot.TOES);
    }

    private static double ankle(Stance said) {
        return least(-45, 40, 1, ankle -> {
            double lean = lean(said, ankle);
            Bent bent = leaning(said, ankle, lean);
            return onFeet(said) ? Math.abs(bent.centre.x - middle(said, bent).x) : uneven(said, bent);
        });
    }

    private static double lean(Stance said, double ankle) {
        List<Contact> level = said.contacts();
        boolean oneLine = level.stream().map(Contact::spot).distinct().count() == 1;
        if (onFeet(said) && oneLine) {
            return least(-80, 80, LEAN, lean -> {
                Bent bent = leaning(said, ankle, lean);
                return Math.abs(bent.centre.x - middle(said, bent).x);
            });
        }
        return level.size() < 2
                ? 0
                : least(-80, 80, LEAN, lean -> uneven(said, leaning(said, ankle, lean)) + 1e-9 * lean * lean);
    }

    private static double least(double from, double to, double step, DoubleUnaryOperator badness) {
        double best = 0;
        double least = badness.applyAsDouble(0);
        for (double tried = from; tried <= to; tried += step) {
            double bad = badness.applyAsDouble(tried);
            if (bad < least) {
                least = bad;
                best = tried;
            }
        }
        return best;
    }

    private static double height(Contact contact) {
        return ((Surface.Level) contact.surface()).heightMetres() / 1.75;
    }

    private static double uneven(Stance said, Bent bent) {
        double sum = 0;
        double squares = 0;
        for (Contact contact : said.contacts()) {
            double gap = bent.at(contact).z - height(contact);
            sum += gap;
            squares += gap * gap;
        }
        return squares - sum * sum / said.contacts().size();
    }

    private static Point middle(Stance said, Bent bent) {
        Point sum = new Point(0, 0, 0);
        for (Contact contact : said.contacts()) {
            sum = sum.plus(bent.at(contact));
        }
        return sum.times(1.0 / said.contacts().size());
    }

    private static Bent leaning(Stance said, double ankle, double lean) {
        Bent upright = bent(said, ankle);
        Map<String, Point> places = new LinkedHashMap<>();
        upright.places.forEach(
                (name, place) -> places.put(name, over(said.attitude(), place).forward(-lean)));
        return new Bent(places, over(said.attitude(), upright.centre).forward(-lean));
    }

    private static Point over(Attitude attitude, Point place) {
        return switch (attitude) {
            case UPRIGHT -> place;
            case ON_BACK -> place.forward(90);
            case ON_FRONT -> place.forward(-90);
            case ON_OPERATED_SIDE -> place.sideward(-90);
            case ON_OTHER_SIDE -> place.sideward(90);
        };
    }

    private static Bent bent(Stance said, double ankle) {
        Map<String, Point> places = new LinkedHashMap<>();
        Point mass = new Point(0, 0, 0.288 * 0.5).times(0.497).plus(new Point(0, 0, 0.288 + 0.182 * 0.62).times(0.081));
        for (Half half : Half.values()) {
            double out = half == Half.OPERATED ? 1 : -1;
            mass = mass.plus(arm(said, half, out, places)).plus(leg(said, half, out, ankle, places));
            places.put(half + " SEAT", new Point(-0.02, out * 0.04, -0.04));
            places.put(half + " BUTTOCK", new Point(-0.06, out * 0.05, 0));
            places.put(half + " SHOULDER_BLADE", new Point(-0.06, out * 0.07, 0.26));
            places.put(half + " BREAST", new Point(0.06, out * 0.07, 0.24));
            places.put(half + " GROIN", new Point(0.05, out * 0.05, 0.02));
            places.put(half + " HIP_SIDE", new Point(0, out * 0.095, 0));
            places.put(half + " SHOULDER_SIDE", new Point(0, out * 0.13, 0.28));
            places.put(half + " HEAD_BACK", new Point(-0.05, 0, 0.40));
        }
        return new Bent(places, mass);
    }

    private static double of(Stance said, Half half, Motion motion) {
        return said.angles().at(half, motion);
    }

    /** The inner joint turns everything beyond it, so the chain is built from the hand inward. */
    private static Point arm(Stance said, Half half, double out, Map<String, Point> places) {
        Point shoulder = new Point(0, out * 0.129, 0.288);
        Point palm = down(0.108 * 0.506).sideward(-out * of(said, half, Motion.WRIST_FLEXION));
        Point hand = inForearm(said, half, out, 0.146, palm);
        Point forearm = inForearm(said, half, out, 0.146 * 0.430, down(0));
        Point upper = inUpperArm(said, half, out, 0.186 * 0.436, down(0));
        Point elbow = inUpperArm(said, half, out, 0.186, down(0));
        places.put(half + " PALM", shoulder.plus(hand));
        places.put(half + " FOREARM", shoulder.plus(forearm));
        places.put(half + " ELBOW", shoulder.plus(elbow));
        return shoulder.plus(upper)
                .times(0.028)
                .plus(shoulder.plus(forearm).times(0.016))
                .plus(shoulder.plus(hand).times(0.006));
    }

    private static Point down(double length) {
        return new Point(0, 0, -length);
    }

    private static Point inForearm(Stance said, Half half, double out, double along, Point beyond) {
        Point turned = down(along)
                .plus(beyond)
                .turned(out * of(said, half, Motion.FOREARM_ROTATION))
                .forward(of(said, half, Motion.ELBOW_FLEXION));
        return inUpperArm(said, half, out, 0.186, turned);
    }

    private static Point inUpperArm(Stance said, Half half, double out, double along, Point beyond) {
        return down(along)
                .plus(beyond)
                .turned(out * of(said, half, Motion.SHOULDER_ROTATION))
                .sideward(out * of(said, half, Motion.SHOULDER_ABDUCTION))
                .forward(of(said, half, Motion.SHOULDER_FLEXION))
                .turned(-out * of(said, half, Motion.SHOULDER_CROSSING));
    }

    private static Point leg(Stance said, Half half, double out, double ankle, Map<String, Point> places) {
        double foot = Double.isNaN(ankle) ? of(said, half, Motion.ANKLE_DORSIFLEXION) : ankle;
        Point hip = new Point(0, out * 0.05, 0);
        Point knee = hip.plus(inThigh(said, half, out, 0.245, down(0)));
        places.put(half + " KNEE", knee);
        places.put(half + " ANKLE", hip.plus(inShank(said, half, out, 0.246, down(0))));
        places.put(
                half + " HEEL", hip.plus(inShank(said, half, out, 0.246, new Point(-0.03, 0, -0.039).forward(foot))));
        places.put(
                half + " TOES", hip.plus(inShank(said, half, out, 0.246, new Point(0.085, 0, -0.039).forward(foot))));
        return hip.plus(inThigh(said, half, out, 0.245 * 0.433, down(0)))
                .times(0.100)
                .plus(hip.plus(inShank(said, half, out, 0.246 * 0.433, down(0))).times(0.0465))
                .plus(hip.plus(inShank(said, half, out, 0.246, new Point(0.04, 0, -0.0195).forward(foot)))
                        .times(0.0145));
    }

    private static Point inShank(Stance said, Half half, double out, double along, Point beyond) {
        Point turned = down(along).plus(beyond).forward(-of(said, half, Motion.KNEE_FLEXION));
        return inThigh(said, half, out, 0.245, turned);
    }

    private static Point inThigh(Stance said, Half half, double out, double along, Point beyond) {
        return down(along)
                .plus(beyond)
                .turned(out * of(said, half, Motion.HIP_ROTATION))
                .sideward(out * of(said, half, Motion.HIP_ABDUCTION))
                .forward(of(said, half, Motion.HIP_FLEXION));
    }

    /** Upright forces at any three places, or at two or one where the weight is over them, that hold it. */
    private static List<double[]> ways(List<Contact> contacts, Bent bent) {
        List<double[]> ways = new ArrayList<>();
        int count = contacts.size();
        int apart = count < 3 ? 0 : 1;
        for (int i = 0; i < count; i++) {
            for (int j = i + apart; j < count; j++) {
                for (int k = j + apart; k < count; k++) {
                    way(contacts, bent, new int[] {i, j, k}, ways);
                }
            }
        }
        return ways;
    }

    /** Tries shares of the weight in hundredths, and keeps those with the weight over them. */
    private static void way(List<Contact> contacts, Bent bent, int[] at, List<double[]> ways) {
        for (int one = 0; one <= WHOLE; one++) {
            for (int two = 0; two <= WHOLE - one; two++) {
                double[] forces = new double[contacts.size()];
                forces[at[0]] += one / (double) WHOLE;
                forces[at[1]] += two / (double) WHOLE;
                forces[at[2]] += (WHOLE - one - two) / (double) WHOLE;
                Point over = new Point(0, 0, 0);
                for (int c = 0; c < forces.length; c++) {
                    over = over.plus(bent.at(contacts.get(c)).times(forces[c]));
                }
                if (Math.hypot(over.x - bent.centre.x, over.y - bent.centre.y) < NEARLY) {
                    ways.add(forces);
                }
            }
        }
    }
}
