package waypost.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;

@AnalyzeClasses(packages = "waypost.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    /** From the ground up; a package uses only those on floors below its own. */
    private static final List<List<String>> FLOORS = List.of(
            List.of("body", "time", "question"),
            List.of("anatomy", "demand"),
            List.of("exercise", "measure", "paper", "safety"),
            List.of("limit", "criterion", "trend", "strength", "doubt", "done"),
            List.of("function", "gait"),
            List.of("log"),
            List.of("protocol"),
            List.of("own", "reason", "prescription"),
            List.of("program", "resolved"),
            List.of("gate"),
            List.of("milestone"),
            List.of("course"),
            List.of("block", "care", "compare", "followup", "movement", "progression", "sport", "teach", "treatment"),
            List.of("battery", "caseload", "home", "runner", "visit"),
            List.of("transfer", "hand"));

    @ArchTest
    static void floorsUseOnlyFloorsBelow(JavaClasses classes) {
        for (int floor = 0; floor < FLOORS.size(); floor++) {
            String[] here = packages(FLOORS.subList(floor, floor + 1));
            String[] above = packages(FLOORS.subList(floor + 1, FLOORS.size()));
            noClasses()
                    .that()
                    .resideInAnyPackage(here)
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(above)
                    .allowEmptyShould(true)
                    .check(classes);
        }
    }

    @ArchTest
    static void everyPackageStandsOnAFloor(JavaClasses classes) {
        List<String> known = FLOORS.stream().flatMap(List::stream).toList();
        assertThat(classes.stream().map(c -> c.getPackageName().split("\\.")[2]).distinct())
                .isSubsetOf(known);
    }

    private static String[] packages(List<List<String>> floors) {
        return floors.stream()
                .flatMap(List::stream)
                .map(name -> "waypost.core." + name + "..")
                .toArray(String[]::new);
    }

    @ArchTest
    static final ArchRule noCycles =
            slices().matching("waypost.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule onlyJavaItself = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("java..", "org.jspecify..", "org.hipparchus..", "waypost.core..");

    @ArchTest
    static final ArchRule mathematicsIsTheBodysAlone = noClasses()
            .that()
            .resideOutsideOfPackage("waypost.core.anatomy..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.hipparchus..");

    @ArchTest
    static final ArchRule noClockOfItsOwn = noClasses()
            .should()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class)
            .orShould()
            .callMethod(System.class, "currentTimeMillis");
}
