/**
 * The jointed body: how long and heavy its segments are, how it stands on what it touches, what each limb then
 * carries and what each joint must hold. Seen from the operated side; nothing is drawn here.
 *
 * <p>Axes: x points forward, y toward the operated side, z up; metres, newtons, newton-metres. Vectors, rotations and
 * the solving of equations are Hipparchus'.
 *
 * <p>Start at {@link waypost.core.anatomy.Placing}, then {@link waypost.core.anatomy.Equilibrium}. May use: body.
 */
@NullMarked
package waypost.core.anatomy;

import org.jspecify.annotations.NullMarked;
