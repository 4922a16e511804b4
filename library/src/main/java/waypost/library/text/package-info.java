/**
 * Reads YAML strictly and says everything that is wrong with a file at once, with line, path and what is allowed.
 *
 * <p>Start at {@link StrictYaml#read}. Knows nothing of protocols; must not use the core. May use: nothing of the
 * other rooms.
 */
@NullMarked
package waypost.library.text;

import org.jspecify.annotations.NullMarked;
