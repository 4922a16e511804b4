package waypost.core.anatomy;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How high everything is that should touch something level, while the whole leans: a place of height z that lies x ahead
 * comes to the height z cos - x sin.
 *
 * @param wanted the heights at which it should be, up to one offset for all
 */
record Heights(double[] ahead, double[] high, double[] wanted) {

    static Heights of(Skeleton upright, List<Contact> level) {
        Heights heights = new Heights(new double[level.size()], new double[level.size()], new double[level.size()]);
        for (int at = 0; at < level.size(); at++) {
            Vector3D place = upright.spot(level.get(at).half(), level.get(at).spot());
            heights.ahead[at] = place.getX();
            heights.high[at] = place.getZ();
            heights.wanted[at] = place.getZ() - Placing.gap(upright, level.get(at));
        }
        return heights;
    }

    /** The squares of what is missing once the body is set down as well as it can be, in square metres. */
    double unevenness(double lean) {
        double sum = 0;
        double squares = 0;
        for (int at = 0; at < ahead.length; at++) {
            double gap = high[at] * Math.cos(lean) - ahead[at] * Math.sin(lean) - wanted[at];
            sum += gap;
            squares += gap * gap;
        }
        return squares - sum * sum / ahead.length;
    }
}
