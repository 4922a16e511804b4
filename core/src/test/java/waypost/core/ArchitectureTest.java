package waypost.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTag;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.LocalDate;

@ArchTag("slow")
@AnalyzeClasses(packages = "waypost.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule floorsUseOnlyFloorsBelow = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("ground")
            .definedBy("waypost.core.body..", "waypost.core.time..", "waypost.core.question..")
            .layer("demand")
            .definedBy("waypost.core.demand..")
            .layer("exercise and measure")
            .definedBy("waypost.core.exercise..", "waypost.core.measure..")
            .layer("protocol")
            .definedBy("waypost.core.protocol..")
            .layer("resolved")
            .definedBy("waypost.core.resolved..")
            .layer("gate")
            .definedBy("waypost.core.gate..")
            .layer("milestone")
            .definedBy("waypost.core.milestone..")
            .layer("course")
            .definedBy("waypost.core.course..")
            .whereLayer("course")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("milestone")
            .mayOnlyBeAccessedByLayers("course")
            .whereLayer("gate")
            .mayOnlyBeAccessedByLayers("milestone", "course")
            .whereLayer("resolved")
            .mayOnlyBeAccessedByLayers("gate", "milestone", "course")
            .whereLayer("protocol")
            .mayOnlyBeAccessedByLayers("resolved", "gate", "milestone", "course")
            .whereLayer("exercise and measure")
            .mayOnlyBeAccessedByLayers("protocol", "resolved", "gate", "milestone", "course")
            .whereLayer("demand")
            .mayOnlyBeAccessedByLayers("exercise and measure", "protocol", "resolved", "gate", "milestone", "course");

    @ArchTest
    static final ArchRule noCycles =
            slices().matching("waypost.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule onlyJavaItself = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("java..", "org.jspecify..", "waypost.core..");

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
