package waypost.app.testing;

import java.util.concurrent.atomic.AtomicInteger;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.springframework.stereotype.Component;

/** Lets one write of a command fail, as a lost connection would; the log of looks is no part of a command. */
@Component
@Intercepts(
        @Signature(
                type = Executor.class,
                method = "update",
                args = {MappedStatement.class, Object.class}))
public class FailingWrite implements Interceptor {

    private static final int NEVER = -1;

    private final AtomicInteger written = new AtomicInteger();
    private volatile int failing = NEVER;

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        MappedStatement statement = (MappedStatement) invocation.getArgs()[0];
        if (!statement.getId().contains("ReadLog") && written.incrementAndGet() == failing) {
            throw new IllegalStateException("this write was made to fail: " + statement.getId());
        }
        return invocation.proceed();
    }

    /** How many rows or more {@code work} writes, by statements. */
    public int during(Runnable work) {
        written.set(0);
        work.run();
        return written.get();
    }

    /** Does {@code work} while its write of this number fails, the first is 1. */
    public void at(int nth, Runnable work) {
        written.set(0);
        failing = nth;
        try {
            work.run();
        } finally {
            failing = NEVER;
        }
    }
}
