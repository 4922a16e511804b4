package waypost.app.store;

import java.sql.Array;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.NullUnmarked;

/** Reads the database's arrays of int4, int8, float8 and text; none is ever written. */
@NullUnmarked
@MappedTypes({Integer[].class, Long[].class, Double[].class, String[].class})
public class ReadArrayHandler extends BaseTypeHandler<Object> {

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, Object value, JdbcType type) {
        throw new UnsupportedOperationException("arrays are read only");
    }

    @Override
    public Object getNullableResult(ResultSet results, String column) throws SQLException {
        return read(results.getArray(column));
    }

    @Override
    public Object getNullableResult(ResultSet results, int at) throws SQLException {
        return read(results.getArray(at));
    }

    @Override
    public Object getNullableResult(CallableStatement call, int at) throws SQLException {
        return read(call.getArray(at));
    }

    private static Object read(Array array) throws SQLException {
        return array == null ? null : array.getArray();
    }
}
