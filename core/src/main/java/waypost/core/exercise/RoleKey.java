package waypost.core.exercise;

/** Names a role of an activity: {@code split-squat/operated-front}. */
public record RoleKey(String activity, String role) {

    /** Reads what {@code toString} writes. */
    public static RoleKey of(String text) {
        String[] parts = text.split("/", -1);
        if (parts.length != 2 || parts[0].isBlank() || parts[1].isBlank()) {
            throw new IllegalArgumentException("found '" + text + "', allowed: 'activity/role'");
        }
        return new RoleKey(parts[0], parts[1]);
    }

    @Override
    public String toString() {
        return activity + "/" + role;
    }
}
