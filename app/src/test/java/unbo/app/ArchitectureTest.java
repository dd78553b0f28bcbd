package unbo.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "unbo", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule coreKnowsNeitherAppNorSpringNorWeb = noClasses()
            .that()
            .resideInAPackage("unbo.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("unbo.app..", "org.springframework..", "jakarta..", "com.fasterxml..");

    @ArchTest
    static final ArchRule corePackagesHaveNoCycles =
            slices().matching("unbo.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule appPackagesHaveNoCycles =
            slices().matching("unbo.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule onlyOneReaderParsesQuantities = noClasses()
            .that()
            .resideOutsideOfPackages(
                    "unbo.core.measure..", "unbo.core.input..", "unbo.core.designation..", "unbo.core.seek..")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("QuantityReader");

    @ArchTest
    static final ArchRule repositoriesAreAskedByServicesOnly = noClasses()
            .that()
            .haveSimpleNameEndingWith("Pages")
            .or()
            .haveSimpleNameEndingWith("Bench")
            .or()
            .haveSimpleNameEndingWith("Api")
            .should()
            .dependOnClassesThat()
            .areAssignableTo(org.springframework.data.repository.Repository.class);

    @ArchTest
    static final ArchRule namesSayWhatThingsAre =
            classes().should().haveNameNotMatching(".*(Manager|Helper|Util|Utils|Impl|Base|DTO|Dto)");

    @ArchTest
    static final ArchRule kernelsBuildNoText = noClasses()
            .that()
            .resideInAPackage("unbo.core..")
            .and()
            .resideOutsideOfPackages(
                    "unbo.core.tools..",
                    "unbo.core.tool..",
                    "unbo.core.route..",
                    "unbo.core.answer..",
                    "unbo.core.worksheet..",
                    "unbo.core.drawing..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("unbo.core.answer..", "unbo.core.worksheet..", "unbo.core.drawing..");

    @ArchTest
    static final ArchRule kernelsAskForNothing = noClasses()
            .that()
            .resideInAPackage("unbo.core..")
            .and()
            .resideOutsideOfPackages(
                    "unbo.core.tools..",
                    "unbo.core.tool..",
                    "unbo.core.route..",
                    "unbo.core.input..",
                    "unbo.core.form..",
                    "unbo.core.seek..",
                    "unbo.core.vehicle..",
                    "unbo.core.catalogue..",
                    "unbo.core.simulation..")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("FieldList")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("FieldReader");

    @ArchTest
    static final ArchRule stagesKnowToolsByTheirInterface = noClasses()
            .that()
            .resideInAPackage("unbo.core.tool..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("unbo.core.tools..", "unbo.core.route..");

    @ArchTest
    static final ArchRule toolsAreKnownByThoseWhoFindThemOnly = noClasses()
            .that()
            .resideInAPackage("unbo.core..")
            .and()
            .resideOutsideOfPackages("unbo.core.tools..", "unbo.core.route..", "unbo.core.seek..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("unbo.core.tools..");
}
