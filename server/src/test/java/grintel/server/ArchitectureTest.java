package grintel.server;

import static com.tngtech.archunit.core.domain.properties.CanBeAnnotated.Predicates.annotatedWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.springframework.web.bind.annotation.RestController;

/** One package a feature, without circles; controllers and stored things are nobody else's. */
@AnalyzeClasses(packages = "grintel.server", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("grintel.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule CONTROLLERS_STAY_HOME =
            classes().that().areAnnotatedWith(RestController.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule ENTITIES_ARE_NO_ANSWERS = noMethods()
            .that()
            .areDeclaredInClassesThat()
            .areAnnotatedWith(RestController.class)
            .should()
            .haveRawReturnType(annotatedWith(Entity.class));

    @ArchTest
    static final ArchRule ENTITIES_DO_NOT_LEAVE_FOR_THE_SCREEN = noFields()
            .that()
            .areDeclaredInClassesThat()
            .haveNameMatching(".*(View|Views|Summary)(\\$.*)?")
            .should()
            .haveRawType(annotatedWith(Entity.class));
}
