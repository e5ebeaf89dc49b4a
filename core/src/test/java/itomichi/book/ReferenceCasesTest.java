package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.gathering.Pressing;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.MeasuredStack;
import itomichi.material.Paper;
import itomichi.material.SewingThread;
import itomichi.material.ThreadCount;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import itomichi.plan.SewingPlan;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Figures derived without this product, each with its source, through the front door. */
public class ReferenceCasesTest {

    private static final Path FILE = Path.of("src/test/resources/reference-cases.txt");

    @DataProvider
    Object[][] cases() throws IOException {
        return Files.readAllLines(FILE).stream()
                .filter(line -> !line.startsWith("#"))
                .map(line -> line.split(" \\| "))
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "cases")
    public void thePlanComesToTheReference(
            String structure, String given, String figure, String expected, String off, String source) {
        BookSpec spec = Books.bound(structure);
        for (String one : given.split("; ")) {
            spec = with(spec, one);
        }
        assertEquals(value(Planner.plan(spec), figure), Double.parseDouble(expected), Double.parseDouble(off), source);
    }

    private static double value(BookPlan plan, String figure) {
        return figure.equals("passes")
                ? plan.sewing().map(SewingPlan::passes).orElseThrow()
                : plan.figure(figure).value().number();
    }

    /** A book with one thing given, such as {@code pages=32} or {@code stations=5 at 20}. */
    private static BookSpec with(BookSpec spec, String given) {
        String[] sides = given.split("=");
        String[] words = sides.length == 1 ? new String[0] : sides[1].split(" over | at | square | |x");
        return switch (sides[0]) {
            case "pages" -> spec.withPages(Integer.parseInt(words[0]));
            case "leaf" ->
                spec.withLeaf(new BookSpec.Leaf(
                        mm(words[0]), mm(words[1]), spec.leaf().trimmed()));
            case "trimmed" -> spec.withLeaf(spec.leaf().withTrimmed(true));
            case "trim" -> spec.withPapers(spec.papers().withTrim(mm(words[0])));
            case "paper" ->
                spec.withPaper(new Paper(
                        "Paper",
                        Grammage.ofGsm(Double.parseDouble(words[0])),
                        BulkKind.valueOf(words[1]),
                        Optional.empty(),
                        Grain.WITH_FOLD));
            case "stack" ->
                spec.withPaper(new Paper(
                        "Paper",
                        spec.paper().grammage(),
                        spec.paper().kind(),
                        Optional.of(new MeasuredStack(Integer.parseInt(words[0]), mm(words[1]))),
                        Grain.WITH_FOLD));
            case "signatures" ->
                spec.withGathering(spec.gathering()
                        .withChosen(Optional.of(new GatherWish.Chosen(Integer.parseInt(words[0]), false))));
            case "pressing" -> spec.withGathering(spec.gathering().withPressing(Pressing.valueOf(words[0])));
            case "pasteIns" -> spec.withGathering(spec.gathering().withPasteIns(mm(words[0])));
            case "thread" ->
                spec.withThread(spec.thread()
                        .withThread(new SewingThread(
                                "wound",
                                Fibre.LINEN,
                                new ThreadCount.Wound(20, mm(words[0]).times(20)))));
            case "variant" -> spec.withStitch(spec.stitch().withVariant(words[0]));
            case "stations" ->
                spec.withStations(
                        sides[1].endsWith("in pairs")
                                ? spec.bound().holing().start(Integer.parseInt(words[0]))
                                : Books.margins(Integer.parseInt(words[0]), Double.parseDouble(words[1])));
            case "cover" ->
                spec.withCover(new BookSpec.Cover(true, mm(words[0]), mm(words[1]))
                        .withLoose(spec.cover().loose()));
            case "loose" -> spec.withCover(spec.cover().withLoose(Optional.of(mm(words[0]))));
            default -> throw new IllegalArgumentException("Nobody reads “" + given + "”");
        };
    }

    private static Length mm(String text) {
        return Length.ofMm(Double.parseDouble(text));
    }

    @Test
    public void everyStructureHasItsCases() throws IOException {
        Set<String> covered = Arrays.stream(cases()).map(row -> (String) row[0]).collect(Collectors.toSet());
        List<String> lacking = Structures.all().stream()
                .filter(structure -> !structure.wantsPattern())
                .map(Structure::key)
                .filter(key -> !covered.contains(key))
                .toList();
        assertEquals(lacking, List.of());
        assertTrue(cases().length >= 60);
    }
}
