package waypost.app.store;

import java.io.IOException;
import java.util.Arrays;
import java.util.Objects;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.boot.sql.init.dependency.DependsOnDatabaseInitialization;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.jdbc.BadSqlGrammarException;
import org.springframework.stereotype.Component;

/** Ends the start where the tables are of another version than this Waypost: neither an older nor a newer one fits. */
@Component
@DependsOnDatabaseInitialization
class TablesVersion implements InitializingBean {

    private final VersionMapper mapper;

    TablesVersion(VersionMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public void afterPropertiesSet() throws IOException {
        check(found(), needed());
    }

    private int found() {
        try {
            return mapper.version();
        } catch (BadSqlGrammarException noTables) {
            return 0;
        }
    }

    static void check(int found, int needed) {
        if (found < needed) {
            throw new IllegalStateException("Found the tables at version " + found + ", allowed: " + needed
                    + ". Run waypost-migrate of this version first.");
        }
        if (found > needed) {
            throw new IllegalStateException("Found the tables at version " + found + ", allowed: " + needed
                    + ". A newer Waypost was here; docs/upgrade.md says how to go back.");
        }
    }

    private static int needed() throws IOException {
        Resource[] migrations = new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql");
        return Arrays.stream(migrations)
                .map(file -> Objects.requireNonNull(file.getFilename()))
                .mapToInt(name -> Integer.parseInt(name.substring(1, name.indexOf("__"))))
                .max()
                .orElseThrow();
    }

    @Mapper
    interface VersionMapper {

        @Select("select max(version::integer) from flyway_schema_history where success and version is not null")
        int version();
    }
}
