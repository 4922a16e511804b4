package waypost.app.home;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import waypost.core.exercise.RoleKey;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeProgram;

/**
 * A program for home as it stands.
 *
 * @param language in which the patient reads it
 * @param words the therapist's own to the patient
 * @param by a display name
 * @param before the one that it followed; empty for the first
 */
public record WrittenProgram(
        UUID id, HomeProgram program, Locale language, String words, String by, Optional<HomeProgram> before) {

    /** What an exercise was on the program before; empty where it was not on it. */
    public Optional<HomeLine> earlier(RoleKey role) {
        return before.flatMap(each ->
                each.lines().stream().filter(line -> line.role().equals(role)).findFirst());
    }

    /** What it is on this one. */
    public Optional<HomeLine> line(RoleKey role) {
        return program.lines().stream().filter(line -> line.role().equals(role)).findFirst();
    }
}
