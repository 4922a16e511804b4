package waypost.app.store;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.UUID;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.NullUnmarked;

/** Passes many ids as one array, so that a query's text does not depend on their number. */
@NullUnmarked
@MappedTypes(UUID[].class)
public final class UuidArrayHandler extends BaseTypeHandler<UUID[]> {

    @Override
    public void setNonNullParameter(PreparedStatement statement, int i, UUID[] ids, JdbcType type) throws SQLException {
        statement.setArray(i, statement.getConnection().createArrayOf("uuid", ids));
    }

    @Override
    public UUID[] getNullableResult(ResultSet rows, String column) throws SQLException {
        return (UUID[]) rows.getArray(column).getArray();
    }

    @Override
    public UUID[] getNullableResult(ResultSet rows, int column) throws SQLException {
        return (UUID[]) rows.getArray(column).getArray();
    }

    @Override
    public UUID[] getNullableResult(CallableStatement statement, int column) throws SQLException {
        return (UUID[]) statement.getArray(column).getArray();
    }
}
