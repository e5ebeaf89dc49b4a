package itomichi;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures;
import org.testng.annotations.Test;

/** The arrows between the packages of the core. */
public class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("itomichi");

    @Test
    public void noPackageLiesOnACycle() {
        slices().matching("itomichi.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    public void theCoreTouchesNoFileNetworkDatabaseOrClock() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "java.io..",
                        "java.net..",
                        "java.nio..",
                        "java.sql..",
                        "java.time..",
                        "org.springframework..",
                        "org.jooq..")
                .check(CORE);
    }

    @Test
    public void theCoreThrowsNoDice() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .check(CORE);
    }

    @Test
    public void arrowsRunOneWay() {
        Architectures.layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("measure")
                .definedBy("itomichi.measure")
                .layer("finding")
                .definedBy("itomichi.finding")
                .layer("material")
                .definedBy("itomichi.material")
                .layer("gathering")
                .definedBy("itomichi.gathering")
                .layer("station")
                .definedBy("itomichi.station")
                .layer("punching")
                .definedBy("itomichi.punching")
                .layer("path")
                .definedBy("itomichi.path")
                .layer("order")
                .definedBy("itomichi.order")
                .layer("pattern")
                .definedBy("itomichi.pattern")
                .layer("structure")
                .definedBy("itomichi.structure")
                .layer("cover")
                .definedBy("itomichi.cover")
                .layer("schedule")
                .definedBy("itomichi.schedule")
                .layer("cutting")
                .definedBy("itomichi.cutting")
                .layer("advice")
                .definedBy("itomichi.advice")
                .layer("plan")
                .definedBy("itomichi.plan")
                .layer("kept")
                .definedBy("itomichi.kept")
                .whereLayer("kept")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("plan")
                .mayOnlyBeAccessedByLayers("kept")
                .whereLayer("advice")
                .mayOnlyBeAccessedByLayers("plan")
                .whereLayer("structure")
                .mayOnlyBeAccessedByLayers("advice", "plan", "kept")
                .whereLayer("pattern")
                .mayOnlyBeAccessedByLayers("structure", "plan")
                .whereLayer("order")
                .mayOnlyBeAccessedByLayers("pattern", "structure", "plan")
                .whereLayer("path")
                .mayOnlyBeAccessedByLayers("order", "pattern", "structure", "plan")
                .whereLayer("punching")
                .mayOnlyBeAccessedByLayers("plan")
                .whereLayer("station")
                .mayOnlyBeAccessedByLayers("path", "pattern", "structure", "plan", "kept")
                .whereLayer("gathering")
                .mayOnlyBeAccessedByLayers("structure", "advice", "plan")
                .whereLayer("cutting")
                .mayOnlyBeAccessedByLayers("plan")
                .whereLayer("cover")
                .mayOnlyBeAccessedByLayers("plan")
                .whereLayer("schedule")
                .mayOnlyBeAccessedByLayers("gathering", "plan")
                .whereLayer("material")
                .mayOnlyBeAccessedByLayers("cutting", "plan")
                .check(CORE);
    }
}
