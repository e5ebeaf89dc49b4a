package itomichi;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The arrows between the packages of the core. */
public class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("itomichi");

    private static final Path SOURCES = Path.of("src/main/java/itomichi");
    /** For instance {@code Uses measure, finding.} */
    private static final Pattern USES = Pattern.compile("Uses ([a-z, ]+)\\.");

    @Test
    public void noPackageLiesOnACycle() {
        slices().matching("itomichi.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    public void theCoreTouchesNoFileNetworkOrDatabase() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "java.io..", "java.net..", "java.nio..", "java.sql..", "org.springframework..", "org.jooq..")
                .check(CORE);
    }

    /** Days and hours are values like others; what time it is, the core is told. */
    @Test
    public void theCoreLooksAtNoClock() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java\\.time\\.(Clock|InstantSource)")
                .orShould()
                .callMethodWhere(target(name("now")).and(target(owner(resideInAPackage("java.time..")))))
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

    @DataProvider
    Object[][] packages() throws IOException {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            return files.filter(file -> file.endsWith("package-info.java"))
                    .map(file -> new Object[] {file.getParent().getFileName().toString()})
                    .toArray(Object[][]::new);
        }
    }

    /** What each front door says of its arrows is all there is, and all of it is there. */
    @Test(dataProvider = "packages")
    public void aPackageUsesWhatItsFrontDoorSays(String name) throws IOException {
        String text = Files.readString(SOURCES.resolve(name).resolve("package-info.java"))
                .replaceAll("\\s*\\n \\* ?", " ");
        Matcher said = USES.matcher(text);
        assertTrue(said.find(), name + " does not say what it uses");
        Set<String> told = said.group(1).equals("nothing")
                ? Set.of()
                : new TreeSet<>(List.of(said.group(1).split(", ")));
        Set<String> used = new TreeSet<>();
        for (JavaClass one : CORE.getPackage("itomichi." + name).getClasses()) {
            one.getDirectDependenciesFromSelf().stream()
                    .map(arrow -> arrow.getTargetClass().getPackageName())
                    .filter(target -> target.startsWith("itomichi.") && !target.equals("itomichi." + name))
                    .forEach(target -> used.add(target.substring("itomichi.".length())));
        }
        assertEquals(used, told, name + " uses " + used);
    }
}
