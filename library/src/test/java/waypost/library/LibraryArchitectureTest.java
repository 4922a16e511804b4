package waypost.library;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTag;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@ArchTag("slow")
@AnalyzeClasses(packages = "waypost.library", importOptions = ImportOption.DoNotIncludeTests.class)
class LibraryArchitectureTest {

    @ArchTest
    static final ArchRule noCycles =
            slices().matching("waypost.library.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule textKnowsNoProtocol = noClasses()
            .that()
            .resideInAPackage("waypost.library.text")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("waypost.core..");
}
