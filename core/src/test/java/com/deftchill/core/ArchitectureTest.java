package com.deftchill.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.parameters.Parameters;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import java.util.List;

@AnalyzeClasses(packages = "com.deftchill.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final String ROOT = "com.deftchill.core.";

    @ArchTest
    static final ArchRule plainJava = classes()
            .should()
            .onlyDependOnClassesThat(resideInAnyPackage(
                    "com.deftchill.core..", "java..", "org.hipparchus..", "org.apache.commons.csv.."))
            .because("the core has no framework, no storage and no interface");

    @ArchTest
    static final ArchRule noClock = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(java.time.LocalTime.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .because("the core has no clock of its own");

    @ArchTest
    static final ArchRule ownParameters = noClasses()
            .should()
            .callMethod(Parameters.class, "shipped")
            .because("the workplace carries the constants of a model, so that a kitchen may have its own");

    @ArchTest
    static final ArchRule noCycles =
            slices().matching("com.deftchill.core.(*)..").should().beFreeOfCycles();

    /** The flow, lowest first: nothing looks upward. */
    private static final List<List<String>> FLOORS = List.of(
            List.of("parameters", "probe", "text"),
            List.of("amount", "composition", "cook", "verdict", "vessel"),
            List.of("chill", "fat", "foam", "larder"),
            List.of("body", "formula", "mix", "paste", "turnout"),
            List.of("gel"),
            List.of("kitchen"),
            List.of("batch"),
            List.of("recipe"),
            List.of("build", "sums"),
            List.of("dessert"),
            List.of("dose", "label", "method", "timing"),
            List.of("judge"),
            List.of("assess"),
            List.of("alternative", "cold"),
            List.of("plan", "making", "rescue", "learn"));

    @ArchTest
    static void nothingLooksUpward(JavaClasses core) {
        for (int floor = 0; floor < FLOORS.size(); floor++) {
            var above = FLOORS.subList(floor + 1, FLOORS.size()).stream()
                    .flatMap(List::stream)
                    .map(ArchitectureTest::all)
                    .toArray(String[]::new);
            var here = FLOORS.get(floor).stream().map(ArchitectureTest::all).toArray(String[]::new);
            if (above.length > 0) {
                noClasses()
                        .that()
                        .resideInAnyPackage(here)
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(above)
                        .check(core);
            }
        }
    }

    @ArchTest
    static void everyPackageHasItsFloor(JavaClasses core) {
        var placed =
                FLOORS.stream().flatMap(List::stream).map(name -> ROOT + name).toList();
        assertThat(core.stream()
                        .map(JavaClass::getPackageName)
                        .filter(name -> name.startsWith(ROOT))
                        .map(name -> ROOT + name.substring(ROOT.length()).split("\\.")[0])
                        .distinct())
                .containsExactlyInAnyOrderElementsOf(placed);
    }

    /** A type and what is declared inside it count as one. */
    private static final SliceAssignment TYPES = new SliceAssignment() {
        @Override
        public SliceIdentifier getIdentifierOf(JavaClass type) {
            var outer = type;
            while (outer.getEnclosingClass().isPresent()) {
                outer = outer.getEnclosingClass().get();
            }
            return outer.getPackageName().startsWith("com.deftchill.core")
                    ? SliceIdentifier.of(outer.getName())
                    : SliceIdentifier.ignore();
        }

        @Override
        public String getDescription() {
            return "types with what they enclose";
        }
    };

    @ArchTest
    static final ArchRule noCirclesInsideAPackage =
            slices().assignedFrom(TYPES).should().beFreeOfCycles();

    private static String all(String name) {
        return ROOT + name + "..";
    }
}
