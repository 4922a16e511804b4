package waypost.app.testing;

import java.util.concurrent.atomic.AtomicInteger;
import org.apache.ibatis.cache.CacheKey;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.stereotype.Component;

/** Counts the statements that the application sends through MyBatis. */
@Component
@Intercepts({
    @Signature(
            type = Executor.class,
            method = "update",
            args = {MappedStatement.class, Object.class}),
    @Signature(
            type = Executor.class,
            method = "query",
            args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}),
    @Signature(
            type = Executor.class,
            method = "query",
            args = {
                MappedStatement.class,
                Object.class,
                RowBounds.class,
                ResultHandler.class,
                CacheKey.class,
                BoundSql.class
            })
})
public class QueryCount implements Interceptor {

    private final AtomicInteger sent = new AtomicInteger();

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        sent.incrementAndGet();
        return invocation.proceed();
    }

    /** How many statements {@code work} sends. */
    public int during(Runnable work) {
        int before = sent.get();
        work.run();
        return sent.get() - before;
    }
}
