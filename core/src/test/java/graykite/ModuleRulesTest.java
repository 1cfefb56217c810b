package graykite;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;

/** The directions of docs/architecture.md: a package uses only those that stand before it. */
@AnalyzeClasses(packages = "graykite", importOptions = ImportOption.DoNotIncludeTests.class)
class ModuleRulesTest {
    /** From the ground up. */
    private static final List<String> ROWS = List.of(
            "base",
            "time",
            "sound",
            "geometry",
            "picture",
            "text",
            "reading",
            "hearing",
            "rig",
            "motion",
            "layer",
            "mouth",
            "people.plan",
            "people.face",
            "people.drawn",
            "people.wear",
            "people",
            "figures",
            "format.character",
            "acting",
            "live",
            "scene",
            "project",
            "edit",
            "proof",
            "proof.checks",
            "format",
            "session",
            "workbench",
            "delivery",
            "batch");

    @ArchTest
    static final ArchRule coreHasNoInterface = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "javax.swing..", "java.awt.event..", "org.bytedeco..", "picocli..");

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("graykite.(**)").should().beFreeOfCycles();

    @ArchTest
    static void rowsUseOnlyThoseBelow(JavaClasses classes) {
        for (int row = 0; row < ROWS.size(); row++) {
            String[] above = ROWS.subList(row + 1, ROWS.size()).stream()
                    .map(name -> "graykite." + name)
                    .toArray(String[]::new);
            if (above.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("graykite." + ROWS.get(row))
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(above)
                        .check(classes);
            }
        }
    }

    @ArchTest
    static final ArchRule everyPackageHasARow = noClasses()
            .should()
            .resideOutsideOfPackages(
                    ROWS.stream().map(name -> "graykite." + name).toArray(String[]::new));
}
