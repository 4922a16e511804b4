package waypost.core.movement;

/** A fault on both sides. */
public record Seen(Fault fault, Grade operated, Grade other) {

    /** Whether it is more than on the other side: then the operation is likelier behind it than how somebody moves. */
    public boolean isOfTheOperatedSide() {
        return operated.compareTo(other) > 0;
    }
}
