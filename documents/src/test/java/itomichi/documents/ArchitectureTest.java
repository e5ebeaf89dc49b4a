package itomichi.documents;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** Formats know drawings and nothing of the trade; drawings know neither. */
public class ArchitectureTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("itomichi");

    @Test
    public void formatsKnowNothingOfTheTrade() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "..documents.pdf",
                        "..documents.imposing",
                        "..documents.svg",
                        "..documents.dxf",
                        "..documents.drawing")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "itomichi.plan..",
                        "itomichi.imposition..",
                        "itomichi.measure..",
                        "itomichi.path..",
                        "..sheets..")
                .check(ALL);
    }

    @Test
    public void theCoreKnowsNothingOfDocuments() {
        noClasses()
                .that()
                .resideOutsideOfPackage("itomichi.documents..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("itomichi.documents..")
                .check(ALL);
    }
}
