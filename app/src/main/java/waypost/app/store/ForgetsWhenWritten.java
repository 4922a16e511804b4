package waypost.app.store;

import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Whatever writes a row, what a request kept of the courses is no longer true; nor is, once a transaction was rolled back,
 * what was kept within it. The log of looks tells of no course.
 */
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
            if (TransactionSynchronizationManager.isSynchronizationActive()) {
                TransactionSynchronizationManager.registerSynchronization(new ForgetsWhenRolledBack(once));
            }
        }
        return invocation.proceed();
    }

    private record ForgetsWhenRolledBack(OncePerRequest once) implements TransactionSynchronization {
        @Override
        public void afterCompletion(int status) {
            if (status != STATUS_COMMITTED) {
                once.forget();
            }
        }
    }
}
