package waypost.app.store;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientException;
import java.util.List;
import org.apache.commons.lang3.exception.ExceptionUtils;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Tells a database that does not answer from a fault of ours: the one passes by itself. */
public final class Outage {

    private static final List<Class<? extends Throwable>> SIGNS = List.of(
            DataAccessResourceFailureException.class,
            CannotCreateTransactionException.class,
            TransactionSystemException.class,
            QueryTimeoutException.class,
            SQLTransientException.class,
            SQLRecoverableException.class,
            SQLNonTransientConnectionException.class);

    private Outage() {}

    public static boolean isBehind(Throwable failed) {
        return ExceptionUtils.getThrowableList(failed).stream()
                .anyMatch(cause -> SIGNS.stream().anyMatch(sign -> sign.isInstance(cause)) || saysSo(cause));
    }

    /** Connection exceptions and a server that shuts down, by their SQL state (classes 08 and 57P of the standard's list). */
    private static boolean saysSo(Throwable cause) {
        return cause instanceof SQLException sql
                && sql.getSQLState() != null
                && (sql.getSQLState().startsWith("08") || sql.getSQLState().startsWith("57P"));
    }
}
