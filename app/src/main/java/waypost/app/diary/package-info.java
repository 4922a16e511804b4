/**
 * What patients say of their days at home, and what of it somebody has to look at.
 *
 * <p>Start at {@link Diary}. Rows are only added. May use: account, shell, the core, the library.
 */
@NullMarked
package waypost.app.diary;

import org.jspecify.annotations.NullMarked;
