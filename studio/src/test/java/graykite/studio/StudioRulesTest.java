package graykite.studio;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import graykite.base.Aside;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.function.Supplier;

/** The rooms of the window: what it knows, what it plays, what it shows, its desks, and what puts them together. */
@AnalyzeClasses(packages = "graykite.studio", importOptions = ImportOption.DoNotIncludeTests.class)
class StudioRulesTest {
    @ArchTest
    static final ArchRule noCircles =
            slices().matching("graykite.studio.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule whatItKnowsShowsNothing = noClasses()
            .that()
            .resideInAPackage("graykite.studio.model")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "graykite.studio.view",
                    "graykite.studio.desk",
                    "graykite.studio.play",
                    "javafx.scene.control..",
                    "javafx.scene.layout..",
                    "javafx.stage..");

    @ArchTest
    static final ArchRule playingKnowsNoProject = noClasses()
            .that()
            .resideInAPackage("graykite.studio.play")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "graykite.studio.model", "graykite.studio.view", "graykite.studio.desk", "graykite.project..");

    @ArchTest
    static final ArchRule viewsKnowNoDesk = noClasses()
            .that()
            .resideInAPackage("graykite.studio.view")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("graykite.studio.desk");

    /** The common pool draws pictures piece by piece; long work is done aside, see {@link Aside}. */
    @ArchTest
    static final ArchRule nothingLongGoesToTheCommonPool = noClasses()
            .should()
            .callMethod(CompletableFuture.class, "supplyAsync", Supplier.class)
            .orShould()
            .callMethod(CompletableFuture.class, "runAsync", Runnable.class)
            .orShould()
            .callMethod(CompletableFuture.class, "thenApplyAsync", Function.class);

    /** Files are chosen through FilePicker, so that tests choose on the same path. */
    @ArchTest
    static final ArchRule oneWayToChooseFiles = noClasses()
            .that()
            .doNotHaveSimpleName("NativeFilePicker")
            .should()
            .dependOnClassesThat()
            .haveNameMatching("javafx\\.stage\\.(FileChooser|DirectoryChooser)");
}
