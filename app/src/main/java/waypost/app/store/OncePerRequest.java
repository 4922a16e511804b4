package waypost.app.store;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Keeps what was put together for a request that only reads, so that no page does it twice. A request that writes sees
 * every course anew, and so does whatever runs outside a request.
 */
@Component
public class OncePerRequest {

    /** What was made under this name for the request, or makes it now. */
    @SuppressWarnings("unchecked") // a name is used for one kind of thing alone
    public <T> T get(String name, Supplier<T> made) {
        RequestAttributes attributes = RequestContextHolder.getRequestAttributes();
        if (!(attributes instanceof ServletRequestAttributes request)
                || !request.getRequest().getMethod().equals("GET")) {
            return made.get();
        }
        Object kept = request.getAttribute(name, RequestAttributes.SCOPE_REQUEST);
        if (kept != null) {
            return (T) kept;
        }
        T now = made.get();
        request.setAttribute(name, now, RequestAttributes.SCOPE_REQUEST);
        return now;
    }
}
