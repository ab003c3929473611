package com.deftchill.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "com.deftchill.server", importOptions = ImportOption.DoNotIncludeTests.class)
@Execution(ExecutionMode.CONCURRENT)
class ArchitectureTest {
    @ArchTest
    static final ArchRule noCycles =
            slices().matching("com.deftchill.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule controllersDelegate = noClasses()
            .that()
            .areAnnotatedWith(RestController.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Repository.class)
            .orShould()
            .beAnnotatedWith(Transactional.class)
            .because("a controller binds, delegates and wraps; what is stored is a service's");

    @ArchTest
    static final ArchRule onlyTheWebKnowsTheWeb = noClasses()
            .that()
            .areAnnotatedWith(Service.class)
            .or()
            .areAssignableTo(Repository.class)
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework.http..", "org.springframework.web..", "jakarta.servlet..")
            .because("status codes and headers are the controllers'");

    /** A rule that cannot fail is no rule. */
    @ArchTest
    static void theRulesCanFail(JavaClasses ours) {
        var bad = new ClassFileImporter().importPackages("com.deftchill.rules");
        assertThatThrownBy(() -> controllersDelegate.check(bad)).isInstanceOf(AssertionError.class);
        assertThatThrownBy(() -> onlyTheWebKnowsTheWeb.check(bad)).isInstanceOf(AssertionError.class);
    }
}
