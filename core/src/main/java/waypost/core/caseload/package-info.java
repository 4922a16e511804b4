/**
 * What of a course somebody who looks after many has to look at: held, late, standing still, seen too seldom or too often,
 * waiting for the surgeon, ready, unsigned.
 *
 * <p>Start at {@link Concern}. Nothing here opens or closes anything. May use: course, criterion, followup, log, milestone,
 * protocol, question.
 */
@NullMarked
package waypost.core.caseload;

import org.jspecify.annotations.NullMarked;
