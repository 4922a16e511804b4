package waypost.core.anatomy;

import java.util.List;

/**
 * A body as it is said to be held: how its trunk lies, how its joints are bent, and what it touches.
 *
 * @param contacts at least one
 */
public record Stance(Attitude attitude, JointAngles angles, List<Contact> contacts) {

    public Stance {
        contacts = Contact.ordered(contacts);
        if (contacts.isEmpty()) {
            throw new IllegalArgumentException("contacts: found none, allowed: at least one, since nobody floats");
        }
    }

    /** Left and right changed for one another. */
    public Stance mirrored() {
        return new Stance(
                attitude.mirrored(),
                angles.mirrored(),
                contacts.stream().map(Contact::mirrored).toList());
    }

    public Stance with(JointAngles others) {
        return new Stance(attitude, others, contacts);
    }

    /** The same with everything level that it touches so many metres higher. */
    public Stance raised(double metres) {
        return new Stance(
                attitude,
                angles,
                contacts.stream().map(contact -> contact.raised(metres)).toList());
    }

    /** What is touched of what is level. */
    public List<Contact> level() {
        return contacts.stream()
                .filter(contact -> contact.surface() instanceof Surface.Level)
                .toList();
    }
}
