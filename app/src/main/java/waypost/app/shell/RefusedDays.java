package waypost.app.shell;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import waypost.app.entry.OutOfReach;

/** Says at once that a day in an address is out of reach; nothing is worked out for it. */
@ControllerAdvice
class RefusedDays {

    @ExceptionHandler(OutOfReach.class)
    String outOfReach(OutOfReach refused, HttpServletRequest request) {
        request.setAttribute(RequestDispatcher.ERROR_STATUS_CODE, HttpStatus.BAD_REQUEST.value());
        request.setAttribute(ErrorPages.REFUSED, String.valueOf(refused.getMessage()));
        return "forward:/error";
    }
}
