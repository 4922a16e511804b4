package waypost.app.account;

import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** The sign-in page, and a fresh form token for a page whose session ended. */
@Controller
class SignInController {

    @GetMapping("/sign-in")
    String signIn() {
        return "account/sign-in";
    }

    @GetMapping(path = "/session/token", produces = "text/plain")
    @ResponseBody
    String token(CsrfToken token) {
        return token.getToken();
    }
}
