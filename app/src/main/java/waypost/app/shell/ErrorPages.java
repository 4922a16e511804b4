package waypost.app.shell;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** Says in plain words what went wrong, without any patient's data. */
@Controller
class ErrorPages implements ErrorController {

    /** Under this name a request carries what is said of a refusal, a {@link Said}. */
    static final String REFUSED = "waypost.refused";

    /** What the page says. */
    public record Said(int status, String title, String text) {}

    @RequestMapping("/error")
    ModelAndView error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        int status = code instanceof Integer number ? number : HttpStatus.NOT_FOUND.value();
        ModelAndView page = new ModelAndView("shell/error");
        page.setStatus(HttpStatus.valueOf(status));
        Object refused = request.getAttribute(REFUSED);
        page.addObject("said", refused instanceof Said said ? said : said(status));
        Object number = request.getAttribute(RequestNumbers.NUMBER);
        page.addObject("number", status >= HttpStatus.INTERNAL_SERVER_ERROR.value() && number != null ? number : "");
        return page;
    }

    private static Said said(int status) {
        return switch (status) {
            case 400 ->
                new Said(
                        status,
                        "That could not be read",
                        "Something in the address or form is not what this page takes. Go back and try again.");
            case 401 ->
                new Said(
                        status,
                        "You were signed out",
                        "Nothing was written. Sign in on another page, then go back: your entries are still there.");
            case 403 -> new Said(status, "Not for this role", "Your account may not do this. Ask the clinic's lead.");
            case 404 -> new Said(status, "Nothing here", "There is no such page, patient or course in your clinic.");
            case 413 ->
                new Said(status, "That is too large", "Nothing was written. Send a smaller file, at most 4 MB.");
            case 503 ->
                new Said(
                        status,
                        "Not just now",
                        "Too many are signing in, or a part of Waypost does not answer. Nothing was lost; try again in a moment.");
            default ->
                new Said(
                        status,
                        "Something went wrong here",
                        "Nothing was lost that was saved before. Try again; if it stays, tell whoever runs Waypost the number below.");
        };
    }
}
