package waypost.core.log;

import java.time.LocalDate;
import waypost.core.exercise.RoleKey;

/** An exercise that was stopped, with what was felt. */
public record Stop(LocalDate on, RoleKey role, String why) {}
