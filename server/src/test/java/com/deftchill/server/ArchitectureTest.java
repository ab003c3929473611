package com.deftchill.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "com.deftchill.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule noCycles =
            slices().matching("com.deftchill.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule controllersDelegate = classes()
            .that()
            .areAnnotatedWith(RestController.class)
            .should()
            .onlyBeAccessed()
            .byAnyPackage("com.deftchill.server.*");
}
