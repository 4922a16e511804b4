package waypost.core.gait;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import waypost.core.body.Side;

/** Where everything stands at one moment. */
public record Stand(Map<Part, Place> places) {

    public Stand {
        places = Map.copyOf(places);
    }

    public Place of(Part part) {
        return Objects.requireNonNull(places.get(part), () -> "nothing stands for " + part);
    }

    public boolean has(Part part) {
        return places.containsKey(part);
    }

    Stand with(Part part, Place place) {
        Map<Part, Place> other = new EnumMap<>(places);
        other.put(part, place);
        return new Stand(other);
    }

    /** Where the pelvis looks: between the feet. */
    double heading() {
        return (of(Part.OPERATED_FOOT).heading() + of(Part.OTHER_FOOT).heading()) / 2;
    }

    double midX() {
        return (of(Part.OPERATED_FOOT).x() + of(Part.OTHER_FOOT).x()) / 2;
    }

    double midY() {
        return (of(Part.OPERATED_FOOT).y() + of(Part.OTHER_FOOT).y()) / 2;
    }

    /** How far the operated foot is turned in against the pelvis, in degrees; turned out is less than 0. */
    public double turnedIn(Side operated) {
        double right = of(Part.OPERATED_FOOT).heading() - heading();
        return operated == Side.RIGHT ? -right : right;
    }

    /** How far the operated foot stands on its own side of the body's middle, in metres; less than 0 it has crossed. */
    public double asideOfMiddle(Side operated) {
        Place other = of(Part.OTHER_FOOT);
        double aside = across(of(Part.OPERATED_FOOT)) - across(other);
        return operated == Side.RIGHT ? aside : -aside;
    }

    /** How far the operated foot stands behind the middle between the feet, in metres. */
    public double behind() {
        return (along(of(Part.OTHER_FOOT)) - along(of(Part.OPERATED_FOOT))) / 2;
    }

    private double across(Place place) {
        double angle = Math.toRadians(heading());
        return place.x() * Math.cos(angle) - place.y() * Math.sin(angle);
    }

    private double along(Place place) {
        double angle = Math.toRadians(heading());
        return place.x() * Math.sin(angle) + place.y() * Math.cos(angle);
    }
}
