package waypost.core.anatomy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * What a body that holds still is carried by: forces at everything it touches that hold its weight and what pulls at it.
 * Where more than one way would hold it, the one with the least friction and the least effort of shoulders and hips, weighed
 * alike: people push along their arms and legs as far as the ground lets them.
 */
public final class Equilibrium {

    private static final int EQUATIONS = 6;
    private static final double EVENLY = 1e-3;
    private static final double NOTHING = 1e-9;
    private static final double BALANCED = 0.03;

    private final Skeleton skeleton;
    private final List<Contact> contacts;
    private final List<Pull> pulls;

    private Equilibrium(Skeleton skeleton, List<Contact> contacts, List<Pull> pulls) {
        this.skeleton = skeleton;
        this.contacts = Contact.ordered(contacts);
        this.pulls = pulls;
    }

    /**
     * The forces that hold it.
     *
     * @throws IllegalArgumentException where nothing it touches can hold it so
     */
    public static Held of(Skeleton skeleton, List<Contact> contacts, List<Pull> pulls) {
        return new Equilibrium(skeleton, contacts, pulls).solved();
    }

    private Held solved() {
        Set<Integer> idle = new HashSet<>();
        while (idle.size() < contacts.size()) {
            double[] forces = solve(idle);
            int pulled = mostPulled(forces);
            if (pulled < 0) {
                check(forces);
                return held(forces);
            }
            // Nothing that is touched holds a body back: what would have to does not carry at all.
            idle.add(pulled);
        }
        throw new IllegalArgumentException("contacts: found " + contacts + ", allowed: what can carry the body");
    }

    private int mostPulled(double[] forces) {
        int worst = -1;
        double least = -NOTHING;
        for (int at = 0; at < contacts.size(); at++) {
            double normal = contacts.get(at).surface().normal().dotProduct(force(forces, at));
            if (normal < least) {
                least = normal;
                worst = at;
            }
        }
        return worst;
    }

    private static Vector3D force(double[] forces, int at) {
        return new Vector3D(forces[3 * at], forces[3 * at + 1], forces[3 * at + 2]);
    }

    /**
     * Least cost under the six equations, in shares of body weight: with the costs H and the equations A x = b the answer is
     * H' A^T (A H' A^T)' b, where ' is the inverse. Points in a row can't hold every turn, hence the pseudo-inverse.
     */
    private double[] solve(Set<Integer> idle) {
        int count = contacts.size();
        RealMatrix held = new Array2DRowRealMatrix(EQUATIONS, EQUATIONS);
        List<RealMatrix> answers = new ArrayList<>();
        for (int at = 0; at < count; at++) {
            RealMatrix moves = balance(place(at));
            RealMatrix answer = idle.contains(at)
                    ? new Array2DRowRealMatrix(3, EQUATIONS)
                    : MatrixUtils.inverse(cost(contacts.get(at))).multiply(moves.transpose());
            answers.add(answer);
            held = held.add(moves.multiply(answer));
        }
        RealVector shared = new SingularValueDecomposition(held).getSolver().solve(weighing());
        double[] forces = new double[3 * count];
        for (int at = 0; at < count; at++) {
            System.arraycopy(answers.get(at).operate(shared).toArray(), 0, forces, 3 * at, 3);
        }
        return forces;
    }

    private Vector3D place(int at) {
        Contact contact = contacts.get(at);
        return skeleton.spot(contact.half(), contact.spot());
    }

    /** What a force at a place does to the whole: pushes it, and turns it about the point below its hips. */
    private static RealMatrix balance(Vector3D place) {
        double x = place.getX();
        double y = place.getY();
        double z = place.getZ();
        return new Array2DRowRealMatrix(
                new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}, {0, -z, y}, {z, 0, -x}, {-y, x, 0}});
    }

    /** What the contacts must hold against, as pushes and turns. */
    private RealVector weighing() {
        double weight = skeleton.build().weight();
        RealVector sum = balance(skeleton.centre()).operate(new ArrayRealVector(new double[] {0, 0, 1}));
        for (Pull pull : pulls) {
            Vector3D share = pull.newtons().scalarMultiply(-1 / weight);
            sum = sum.add(
                    balance(skeleton.spot(pull.half(), pull.spot())).operate(new ArrayRealVector(share.toArray())));
        }
        return sum;
    }

    /** Friction, and for a hand or foot what does not go along its limb; a little of everything, to share it evenly. */
    private RealMatrix cost(Contact contact) {
        RealMatrix cost = across(contact.surface().normal());
        if (contact.spot().isOfArm() || contact.spot().isOfLeg()) {
            Segment root = contact.spot().isOfArm() ? Segment.UPPER_ARM : Segment.THIGH;
            Vector3D along =
                    skeleton.begin(contact.half(), root).subtract(skeleton.spot(contact.half(), contact.spot()));
            cost = cost.add(across(along.normalize()));
        }
        return cost.add(MatrixUtils.createRealIdentityMatrix(3).scalarMultiply(EVENLY));
    }

    /** Takes of a vector what does not go along a direction. */
    private static RealMatrix across(Vector3D direction) {
        RealVector along = new ArrayRealVector(direction.toArray());
        return MatrixUtils.createRealIdentityMatrix(3).subtract(along.outerProduct(along));
    }

    private void check(double[] forces) {
        RealVector sum = new ArrayRealVector(EQUATIONS);
        for (int at = 0; at < contacts.size(); at++) {
            sum = sum.add(balance(place(at))
                    .operate(new ArrayRealVector(force(forces, at).toArray())));
        }
        double missing = sum.subtract(weighing()).getLInfNorm();
        if (missing > BALANCED * skeleton.build().statureMetres()) {
            throw new IllegalArgumentException("contacts: found that the body tips over on " + contacts
                    + ", allowed: its weight over what it stands, sits or lies on");
        }
    }

    private Held held(double[] forces) {
        double weight = skeleton.build().weight();
        List<Held.Push> pushes = new ArrayList<>();
        for (int at = 0; at < contacts.size(); at++) {
            pushes.add(new Held.Push(contacts.get(at), force(forces, at).scalarMultiply(weight)));
        }
        return new Held(skeleton, pushes, pulls);
    }
}
