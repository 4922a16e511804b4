package waypost.app;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.equivalentTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaConstructor;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Component;
import waypost.core.exercise.Dose;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.Response;
import waypost.core.visit.Visit;

@AnalyzeClasses(packages = "waypost.app", importOptions = ImportOption.DoNotIncludeTests.class)
class AppArchitectureTest {

    @ArchTest
    static final ArchRule noCyclesBetweenFeatures =
            slices().matching("waypost.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule mappersStayInTheirFeature =
            classes().that().areAnnotatedWith(Mapper.class).should().notBePublic();

    /** Groups of rooms from the ground up; a room uses only rooms of its own group and of those below. */
    private static final List<List<String>> GROUPS = List.of(
            List.of("entry"),
            List.of("store"),
            List.of("account", "signin", "audit", "signature", "shell", "band", "device"),
            List.of("map", "rack", "rung", "dial", "figure", "difference"),
            List.of(
                    "appointment",
                    "course",
                    "milestone",
                    "order",
                    "event",
                    "patient",
                    "record",
                    "trend",
                    "usual",
                    "finder",
                    "own",
                    "diary",
                    "gait",
                    "message"),
            List.of(
                    "measure",
                    "checkin",
                    "plan",
                    "prescription",
                    "work",
                    "teach",
                    "treatment",
                    "range",
                    "hand",
                    "observation",
                    "sport",
                    "week",
                    "otherside",
                    "note",
                    "home"),
            List.of("battery", "paper", "patientpage", "program", "report", "runner", "transfer", "version"),
            List.of("today", "caseload", "desk", "shelf", "bench", "whatif", "exchange"),
            List.of("demo"));

    @ArchTest
    static void roomsUseOnlyGroupsBelow(JavaClasses classes) {
        for (int group = 0; group < GROUPS.size() - 1; group++) {
            String[] here = packages(GROUPS.subList(group, group + 1));
            String[] above = packages(GROUPS.subList(group + 1, GROUPS.size()));
            noClasses()
                    .that()
                    .resideInAnyPackage(here)
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(above)
                    .check(classes);
        }
    }

    @ArchTest
    static void everyRoomIsInAGroup(JavaClasses classes) {
        Set<String> known = GROUPS.stream().flatMap(List::stream).collect(Collectors.toSet());
        assertThat(classes.stream()
                        .map(JavaClass::getPackageName)
                        .filter(name -> name.startsWith("waypost.app."))
                        .map(name -> name.split("\\.")[2])
                        .collect(Collectors.toSet()))
                .isSubsetOf(known);
    }

    private static String[] packages(List<List<String>> groups) {
        return groups.stream()
                .flatMap(List::stream)
                .map(name -> "waypost.app." + name + "..")
                .toArray(String[]::new);
    }

    /** More than six collaborators are two jobs. */
    @ArchTest
    static void noComponentHasMoreThanSixCollaborators(JavaClasses classes) {
        assertThat(classes.stream()
                        .filter(each -> each.isMetaAnnotatedWith(Component.class))
                        .filter(each -> !each.getPackageName().startsWith("waypost.app.demo"))
                        .flatMap(each -> each.getConstructors().stream())
                        .filter(constructor ->
                                constructor.getRawParameterTypes().size() > 6)
                        .map(JavaConstructor::getFullName))
                .isEmpty();
    }

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
