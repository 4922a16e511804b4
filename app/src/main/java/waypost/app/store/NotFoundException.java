package waypost.app.store;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** There is nothing here for this account; whether it exists elsewhere is not said. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public final class NotFoundException extends RuntimeException {

    private static final long serialVersionUID = 1L;
}
