package waypost.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTag;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Instant;
import java.time.LocalDate;
import org.apache.ibatis.annotations.Mapper;

@ArchTag("slow")
@AnalyzeClasses(packages = "waypost.app", importOptions = ImportOption.DoNotIncludeTests.class)
class AppArchitectureTest {

    @ArchTest
    static final ArchRule noCyclesBetweenFeatures =
            slices().matching("waypost.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule mappersStayInTheirFeature =
            classes().that().areAnnotatedWith(Mapper.class).should().notBePublic();

    @ArchTest
    static final ArchRule oneClockForAll =
            noClasses().should().callMethod(LocalDate.class, "now").orShould().callMethod(Instant.class, "now");
}
