package waypost.app;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.equivalentTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
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
import waypost.core.exercise.Dose;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.Response;
import waypost.core.visit.Visit;

@ArchTag("slow")
@AnalyzeClasses(packages = "waypost.app", importOptions = ImportOption.DoNotIncludeTests.class)
class AppArchitectureTest {

    @ArchTest
    static final ArchRule noCyclesBetweenFeatures =
            slices().matching("waypost.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule mappersStayInTheirFeature =
            classes().that().areAnnotatedWith(Mapper.class).should().notBePublic();

    /** Nothing of the job is decided here: doses, grounds, reasons, flares, brakes and advice are made by the core alone. */
    @ArchTest
    static final ArchRule theCoreAloneDecides = noClasses()
            .that()
            .resideOutsideOfPackage("waypost.app.demo..")
            .should()
            .callConstructorWhere(target(owner(resideInAnyPackage(
                            "waypost.core.progression..",
                            "waypost.core.reason..",
                            "waypost.core.gate..",
                            "waypost.core.visit.."))
                    .and(not(owner(equivalentTo(Visit.Told.class))))))
            .orShould()
            .callConstructorWhere(target(owner(equivalentTo(Dose.class))))
            .orShould()
            .callConstructorWhere(target(owner(equivalentTo(Response.class))))
            .orShould()
            .callConstructorWhere(target(owner(equivalentTo(VisitAdvice.class))));

    @ArchTest
    static final ArchRule oneClockForAll =
            noClasses().should().callMethod(LocalDate.class, "now").orShould().callMethod(Instant.class, "now");
}
