package waypost.app.store;

import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.springframework.stereotype.Component;

/** Whatever writes a row, what a request kept of the courses is no longer true. The log of looks tells of no course. */
@Component
@Intercepts(
        @Signature(
                type = Executor.class,
                method = "update",
                args = {MappedStatement.class, Object.class}))
class ForgetsWhenWritten implements Interceptor {

    private static final String LOG_OF_LOOKS = "waypost.app.audit.";

    private final OncePerRequest once;

    ForgetsWhenWritten(OncePerRequest once) {
        this.once = once;
    }

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        MappedStatement statement = (MappedStatement) invocation.getArgs()[0];
        if (!statement.getId().startsWith(LOG_OF_LOOKS)) {
            once.forget();
        }
        return invocation.proceed();
    }
}
