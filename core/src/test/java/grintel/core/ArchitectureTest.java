package grintel.core;

import static com.tngtech.archunit.base.DescribedPredicate.alwaysTrue;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The arrows between the packages of the core, which point one way only. */
@AnalyzeClasses(packages = "grintel.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule ARROWS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("data")
            .definedBy("grintel.core.data..")
            .layer("paper")
            .definedBy("grintel.core.paper..")
            .layer("guide")
            .definedBy("grintel.core.guide..")
            .layer("language")
            .definedBy("grintel.core.language..")
            .layer("typeset")
            .definedBy("grintel.core.typeset..")
            .layer("structure")
            .definedBy("grintel.core.structure..")
            .layer("edit")
            .definedBy("grintel.core.edit..")
            .layer("rule")
            .definedBy("grintel.core.rule..")
            .layer("check")
            .definedBy("grintel.core.check..")
            .layer("compose")
            .definedBy("grintel.core.compose..")
            .layer("make")
            .definedBy("grintel.core.made..", "grintel.core.chart..", "grintel.core.table..", "grintel.core.appendix..")
            .whereLayer("make")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("compose")
            .mayOnlyBeAccessedByLayers("make")
            .whereLayer("check")
            .mayOnlyBeAccessedByLayers("compose", "make")
            .whereLayer("rule")
            .mayOnlyBeAccessedByLayers("check", "compose", "make")
            .whereLayer("structure")
            .mayOnlyBeAccessedByLayers("rule", "check", "compose", "make")
            .whereLayer("edit")
            .mayOnlyBeAccessedByLayers("rule", "check", "compose", "make")
            .whereLayer("guide")
            .mayOnlyBeAccessedByLayers("language", "rule", "check", "compose", "make")
            .whereLayer("language")
            .mayOnlyBeAccessedByLayers("structure", "rule", "check", "compose", "make")
            .whereLayer("typeset")
            .mayOnlyBeAccessedByLayers("structure", "rule", "check", "compose")
            .whereLayer("paper")
            .mayOnlyBeAccessedByLayers("typeset", "structure", "edit", "rule", "check", "compose", "make");

    /**
     * A station's rules know the kit they are made with, that of tables and figures among it, and neither each other's
     * stations nor the list of all.
     */
    @ArchTest
    static final ArchRule STATIONS = slices().matching("grintel.core.rule.(*)..")
            .should()
            .notDependOnEachOther()
            .ignoreDependency(alwaysTrue(), resideInAPackage("grintel.core.rule.objects"));

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("grintel.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule PLAIN_JAVA = noClasses()
            .that()
            .resideInAPackage("grintel.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "javax.xml.stream..", "java.net..", "java.sql..");
}
