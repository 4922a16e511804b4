package waypost.app.audit;

import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.http.server.ServletServerHttpRequest;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** Files and figures are no pages: their look is noted before their first letter leaves. */
@ControllerAdvice
class EveryFile implements ResponseBodyAdvice<Object> {

    private final EveryLook looks;

    EveryFile(EveryLook looks) {
        this.looks = looks;
    }

    @Override
    public boolean supports(MethodParameter returned, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter returned,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> converter,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        if (request instanceof ServletServerHttpRequest servlet) {
            looks.note(servlet.getServletRequest());
        }
        return body;
    }
}
