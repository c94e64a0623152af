package grintel.formats;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Libraries of formats stay in their packages, and nothing here reaches for the network. */
@AnalyzeClasses(packages = "grintel.formats", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule PARSER_STAYS_IN_XML = noClasses()
            .that()
            .resideOutsideOfPackage("grintel.formats.xml..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("com.ctc.wstx..", "org.codehaus.stax2..", "javax.xml.stream..");

    @ArchTest
    static final ArchRule ZIP_STAYS_IN_ARCHIVE = noClasses()
            .that()
            .resideOutsideOfPackage("grintel.formats.archive..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.apache.commons.compress..");

    @ArchTest
    static final ArchRule NO_NETWORK_NO_SPRING = noClasses()
            .that()
            .resideInAPackage("grintel.formats..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.net..", "org.springframework..");
}
