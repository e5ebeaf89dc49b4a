package itomichi.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

public class ArchitectureTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("itomichi");

    @Test
    public void noFeatureLiesOnACycle() {
        slices().matching("itomichi.server.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    public void nothingBelowKnowsTheServer() {
        noClasses()
                .that()
                .resideOutsideOfPackage("itomichi.server..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("itomichi.server..")
                .check(ALL);
    }

    @Test
    public void onlyStoresTouchTheDatabase() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .and()
                .doNotHaveSimpleName("HealthController")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.jooq..", "itomichi.db..")
                .check(ALL);
    }
}
