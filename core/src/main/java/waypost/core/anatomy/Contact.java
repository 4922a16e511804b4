package waypost.core.anatomy;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A place of the body and what it touches. */
public record Contact(Half half, Spot spot, Surface surface) {

    private static final Comparator<Contact> BY_NAME =
            Comparator.comparing(Contact::spot).thenComparing(Contact::half);

    /** Both sides alike. */
    public static List<Contact> both(Spot spot, Surface surface) {
        return Stream.of(Half.values())
                .map(half -> new Contact(half, spot, surface))
                .toList();
    }

    /** A whole sole. */
    public static List<Contact> sole(Half half, Surface surface) {
        return List.of(new Contact(half, Spot.HEEL, surface), new Contact(half, Spot.TOES, surface));
    }

    /** In an order that does not depend on how they were written. */
    static List<Contact> ordered(List<Contact> contacts) {
        return contacts.stream().sorted(BY_NAME).toList();
    }

    /** The same on something level that is so many metres higher; what is not level stays. */
    public Contact raised(double metres) {
        return surface instanceof Surface.Level level
                ? new Contact(half, spot, new Surface.Level(level.heightMetres() + metres))
                : this;
    }

    public Contact mirrored() {
        Surface other = surface instanceof Surface.Upright upright ? upright.mirrored() : surface;
        return new Contact(half.opposite(), spot, other);
    }
}
