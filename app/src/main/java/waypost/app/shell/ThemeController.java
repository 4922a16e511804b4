package waypost.app.shell;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Every component of the interface on one page, in both themes. */
@Controller
class ThemeController {

    /** The tokens by what they are for, as they are written in tokens.css. */
    private static final List<String> TOKENS = List.of(
            "paper",
            "surface",
            "ink",
            "ink-2",
            "hairline",
            "way",
            "way-soft",
            "limit",
            "limit-soft",
            "later",
            "later-soft",
            "barred",
            "barred-soft",
            "today",
            "today-soft",
            "alarm");

    @GetMapping("/theme")
    String theme(Model model) {
        model.addAttribute("tokens", TOKENS);
        model.addAttribute("themes", List.of("light", "dark"));
        return "shell/theme";
    }
}
