/**
 * What the patient does at home: the therapist writes the program, the gate judges each of its days, and it goes on paper
 * in the patient's own words and language.
 *
 * <p>Start at {@link HomePrograms} and {@link PatientSheets}. May use: account, checkin, course, diary, entry, figure,
 * message, shell, work, the core, the library.
 */
@NullMarked
package waypost.app.home;

import org.jspecify.annotations.NullMarked;
