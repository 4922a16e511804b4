package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.sql.DriverManager;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Tags;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;

/** The quick part stays quick: what starts the application or needs a database says so by a tag. */
class QuickPartTest {

    private static final Set<String> STARTERS =
            Set.of(SpringApplicationBuilder.class.getName(), DriverManager.class.getName());
    private static final Set<String> LEFT_OUT = Set.of("served", "browser", "slow", "shots", "benchmark", "soak");

    @Test
    void whatStartsTheApplicationIsTagged() {
        assertThat(new ClassFileImporter()
                        .withImportOption(new ImportOption.OnlyIncludeTests()).importPackages("waypost.app").stream()
                                .filter(QuickPartTest::isRun)
                                .filter(QuickPartTest::starts)
                                .filter(type -> !isLeftOut(type))
                                .map(JavaClass::getName))
                .as("tests that start the application without a tag of %s", LEFT_OUT)
                .isEmpty();
    }

    private static boolean isRun(JavaClass type) {
        return type.getSimpleName().endsWith("Test") && !type.reflect().equals(QuickPartTest.class);
    }

    private static boolean starts(JavaClass type) {
        return type.getTransitiveDependenciesFromSelf().stream()
                .filter(dependency ->
                        !dependency.getOriginClass().getName().startsWith("waypost.app.WaypostApplication"))
                .map(Dependency::getTargetClass)
                .anyMatch(target -> STARTERS.contains(target.getName()));
    }

    private static boolean isLeftOut(JavaClass type) {
        if (type.isAnnotatedWith(Tag.class)) {
            return LEFT_OUT.contains(type.getAnnotationOfType(Tag.class).value());
        }
        return type.isAnnotatedWith(Tags.class);
    }
}
