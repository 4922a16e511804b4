/**
 * Surgeons' papers of a clinic: typed line by line, read back, asked about, looked through, signed and published as a protocol
 * to which the clinic refers.
 *
 * <p>Start at {@link SurgeonPaperController}. May use: account, entry, signature, store, the core, the library.
 */
@NullMarked
package waypost.app.paper;

import org.jspecify.annotations.NullMarked;
