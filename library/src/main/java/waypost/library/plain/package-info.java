/**
 * What a patient is told: the same rules, duties, goals and reasons as the therapist reads, in short sentences, in the
 * second person, and in the patient's own language.
 *
 * <p>Start at {@link waypost.library.plain.PlainRules}. Every word lies in a message bundle beside this room, one file
 * for a subject and a language; the sentences are put together from what a rule is, never from its technical title.
 * May use: the core.
 */
@NullMarked
package waypost.library.plain;

import org.jspecify.annotations.NullMarked;
