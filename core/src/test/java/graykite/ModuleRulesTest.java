package graykite;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The directions of docs/architecture.md. */
@AnalyzeClasses(packages = "graykite", importOptions = ImportOption.DoNotIncludeTests.class)
class ModuleRulesTest {
    @ArchTest
    static final ArchRule coreHasNoInterface = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "javax.swing..", "java.awt.event..", "org.bytedeco..", "picocli..");

    @ArchTest
    static final ArchRule directions = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("base")
            .definedBy("graykite.base")
            .layer("time")
            .definedBy("graykite.time")
            .layer("sound")
            .definedBy("graykite.sound")
            .layer("speech")
            .definedBy("graykite.speech")
            .layer("picture")
            .definedBy("graykite.picture")
            .layer("motion")
            .definedBy("graykite.motion")
            .layer("rig")
            .definedBy("graykite.rig", "graykite.rig.face", "graykite.rig.drawn")
            .layer("mouth")
            .definedBy("graykite.mouth")
            .layer("figures")
            .definedBy("graykite.figures")
            .layer("acting")
            .definedBy("graykite.acting")
            .layer("performance")
            .definedBy("graykite.performance")
            .layer("project")
            .definedBy("graykite.project")
            .layer("format")
            .definedBy("graykite.format")
            .whereLayer("format")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("project")
            .mayOnlyBeAccessedByLayers("format")
            .whereLayer("performance")
            .mayOnlyBeAccessedByLayers("format", "project")
            .whereLayer("acting")
            .mayOnlyBeAccessedByLayers("performance", "project", "format")
            .whereLayer("figures")
            .mayOnlyBeAccessedByLayers("format")
            .whereLayer("mouth")
            .mayOnlyBeAccessedByLayers("figures", "performance", "project", "format")
            .whereLayer("motion")
            .mayOnlyBeAccessedByLayers("mouth", "performance", "project", "format")
            .whereLayer("rig")
            .mayOnlyBeAccessedByLayers("mouth", "figures", "acting", "performance", "project", "format")
            .whereLayer("speech")
            .mayOnlyBeAccessedByLayers("mouth", "acting", "performance", "project", "format")
            .whereLayer("picture")
            .mayOnlyBeAccessedByLayers("rig", "figures", "performance", "format");
}
