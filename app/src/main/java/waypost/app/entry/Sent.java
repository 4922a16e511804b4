package waypost.app.entry;

import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.ModelAndView;

/** The answer to a form that was sent. */
public final class Sent {

    private Sent() {}

    /**
     * Where the writing leads; or, where what was typed can't be taken, its own page once more with status 422 and what was
     * found by field as {@code problems}.
     *
     * @param writing writes, and gives the view to go to
     * @param again the page with what was typed
     */
    public static ModelAndView answer(Supplier<String> writing, Function<Map<String, String>, ModelAndView> again) {
        try {
            return new ModelAndView(writing.get());
        } catch (FormProblem problem) {
            ModelAndView page = again.apply(problem.byField()).addObject("problems", problem.byField());
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }
}
