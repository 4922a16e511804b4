package waypost.app.demo;

import java.util.Collections;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** A page without a course on it, as large as is asked for: what the benchmark sets the other pages beside. */
@Controller
@Profile("demo")
class BarePageController {

    private static final int MOST_ELEMENTS = 20_000;
    private static final int MOST_LETTERS = 2_000;

    /**
     * @param elements paragraphs on it
     * @param letters in each
     */
    @GetMapping("/demo/bare")
    ModelAndView bare(@RequestParam int elements, @RequestParam int letters) {
        String line = "x".repeat(Math.max(0, Math.min(letters, MOST_LETTERS)));
        return new ModelAndView("demo/bare")
                .addObject("lines", Collections.nCopies(Math.max(0, Math.min(elements, MOST_ELEMENTS)), line));
    }
}
