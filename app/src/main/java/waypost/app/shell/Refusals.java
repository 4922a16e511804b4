package waypost.app.shell;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.InvalidPropertyException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.InitBinder;
import waypost.app.entry.FormProblem;
import waypost.app.entry.OutOfReach;
import waypost.app.store.UnreadableCourse;

/** Says in words what no page took: a day out of reach, a damaged form, something the database does not hold. */
@ControllerAdvice
class Refusals {

    private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);
    private static final String NOTHING_WRITTEN = " Nothing was written. Go back: what you typed is still there.";

    /** No form of ours has fields within fields. */
    @InitBinder
    void flat(WebDataBinder binder) {
        binder.setDisallowedFields("*.*");
    }

    @ExceptionHandler(OutOfReach.class)
    String outOfReach(OutOfReach refused, HttpServletRequest request) {
        return say(request, HttpStatus.BAD_REQUEST, "That day is out of reach", String.valueOf(refused.getMessage()));
    }

    /** A form that its own page could not be shown for again. */
    @ExceptionHandler(FormProblem.class)
    String formProblem(FormProblem refused, HttpServletRequest request) {
        return say(
                request,
                HttpStatus.UNPROCESSABLE_CONTENT,
                "That could not be taken",
                refused.getMessage() + NOTHING_WRITTEN);
    }

    @ExceptionHandler(UnreadableCourse.class)
    String unreadable(UnreadableCourse course, HttpServletRequest request) {
        Throwable cause = course.getCause();
        LOG.error(
                "course {} can't be put together: {}",
                course.course(),
                cause == null ? "?" : cause.getClass().getName());
        return say(
                request,
                HttpStatus.CONFLICT,
                "This course can't be read",
                "Something on its record does not fit its protocol, so nothing about it is judged and nothing shown."
                        + " Nothing of it is lost. Tell whoever runs Waypost this number: " + course.course() + ".");
    }

    /** A field by a name that no form of ours has. */
    @ExceptionHandler(InvalidPropertyException.class)
    String strangeField(HttpServletRequest request) {
        return say(
                request,
                HttpStatus.BAD_REQUEST,
                "This form is damaged",
                "Found a field that this page does not have." + NOTHING_WRITTEN);
    }

    /** The database's own words may hold what was typed: they are neither shown nor logged. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    String notHeld(HttpServletRequest request) {
        LOG.warn("the database refused what {} {} would have written", request.getMethod(), pattern(request));
        return say(
                request,
                HttpStatus.UNPROCESSABLE_CONTENT,
                "That could not be kept",
                "Found a value that the record can't hold: too long, too large, or in conflict with what stands there."
                        + NOTHING_WRITTEN);
    }

    static Object pattern(HttpServletRequest request) {
        Object pattern = request.getAttribute("org.springframework.web.servlet.HandlerMapping.bestMatchingPattern");
        return pattern == null ? "a request" : pattern;
    }

    private static String say(HttpServletRequest request, HttpStatus status, String title, String text) {
        request.setAttribute(RequestDispatcher.ERROR_STATUS_CODE, status.value());
        request.setAttribute(ErrorPages.REFUSED, new ErrorPages.Said(status.value(), title, text));
        return "forward:/error";
    }
}
