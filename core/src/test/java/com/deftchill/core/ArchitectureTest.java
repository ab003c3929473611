package com.deftchill.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.deftchill.core.gel.GelatinParameters;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "com.deftchill.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
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
            .callMethod(GelatinParameters.class, "handbook")
            .because("the workplace carries the constants of a model, so that a kitchen may have its own");

    @ArchTest
    static final ArchRule noCycles =
            slices().matching("com.deftchill.core.(*)..").should().beFreeOfCycles();
}
