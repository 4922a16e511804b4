/**
 * The demo: an invented clinic with invented people, entered through the same services as everything else.
 *
 * <p>Start at {@link DemoClinic}. Only with the profile demo. May use: account, appointment, band, course, event,
 * finder, measure, milestone, shell, store, the core, the library.
 */
@NullMarked
package waypost.app.demo;

import org.jspecify.annotations.NullMarked;
