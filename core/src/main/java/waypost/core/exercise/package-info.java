/**
 * Describes exercises and tests by what they ask of the body, the ways in which they can be set up, the ladders they
 * stand on and their usual dose.
 *
 * <p>Start at {@link Activity} and {@link Role}. May use: anatomy, body, demand.
 */
@NullMarked
package waypost.core.exercise;

import org.jspecify.annotations.NullMarked;
