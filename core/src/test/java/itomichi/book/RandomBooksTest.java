package itomichi.book;

import static org.testng.Assert.assertTrue;
import static org.testng.Assert.fail;

import itomichi.cover.CoverPiece;
import itomichi.cover.CoverStock;
import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.PathFault;
import itomichi.plan.SewingPlan;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Books that nobody thought of: what is said of them is said in words, and is true. */
public class RandomBooksTest {

    private static final int BOOKS = 1_200;
    /** Longer sewings say the same again and again. */
    private static final int SPOKEN = 150;

    /** What a program says of itself, and numbers that are none. */
    private static final Pattern PROGRAM = Pattern.compile(
            "\\w\\[\\w+=|\\bnull\\b|NaN|Infinity|Optional|\\bjava\\b|Exception|[0-9]E-?[0-9]|formula|trace|\\{\\}|[-\u2212]0(\\.0+)?\u202f");

    /** What is asked of a planned book more than once; the plans themselves would fill the memory. */
    private record Wild(
            BookSpec spec, Optional<String> program, List<CoverPiece> pieces, List<Remark<BookSpec>> remarks) {

        Wild(BookSpec spec, BookPlan plan) {
            this(
                    spec,
                    said(plan).stream().filter(PROGRAM.asPredicate()).findFirst(),
                    plan.covering().work().pieces(),
                    plan.remarks());
        }
    }

    private record Sane(BookSpec spec, List<PathFault> faults, List<Remark<BookSpec>> remarks) {

        Sane(BookSpec spec, BookPlan plan) {
            this(spec, plan.sewing().map(SewingPlan::pathFaults).orElse(List.of()), plan.remarks());
        }
    }

    private List<Wild> wild;
    private List<Sane> sane;

    /** Each book is planned once for all tests: that is what takes the time. */
    @BeforeClass
    void planThem() {
        wild = RandomBooks.wild(BOOKS)
                .map(spec -> new Wild(spec, Planner.plan(spec)))
                .toList();
        sane = RandomBooks.sane(BOOKS)
                .map(spec -> new Sane(spec, Planner.plan(spec)))
                .toList();
    }

    @Test
    public void noProgramSpeaksToABinder() {
        // The book is told only when something is wrong: writing each one out took most of this test's time.
        wild.forEach(book -> book.program().ifPresent(words -> fail(words + " of " + book.spec())));
    }

    private static List<String> said(BookPlan plan) {
        List<String> said = new ArrayList<>();
        List<StepLine> steps = plan.sewing()
                .filter(sewing -> sewing.path().moves().size() < SPOKEN)
                .map(StepLines::of)
                .orElse(List.of());
        for (Unit unit : Unit.values()) {
            for (Remark<BookSpec> remark : plan.remarks()) {
                said.add(remark.words().in(unit));
                remark.mends().forEach(mend -> said.add(mend.words().in(unit)));
            }
            for (Figure figure : plan.figures()) {
                said.add(figure.in(unit));
                said.add(figure.working().sum(unit).replace(" = ", ": "));
                figure.working().notes().forEach(note -> said.add(note.in(unit)));
            }
            said.add(plan.next().words().in(unit));
            for (StepLine step : steps) {
                said.add(step.plain().in(unit));
                said.add(step.care().in(unit));
            }
        }
        return said;
    }

    /** No piece is less than nothing, and none is larger than its sheet without a word. */
    @Test
    public void aPieceLargerThanItsSheetIsSaidToBe() {
        wild.forEach(book -> {
            for (CoverPiece piece : book.pieces()) {
                assertTrue(piece.wide().mm() > 0 && piece.high().mm() > 0, piece.name() + " of " + book.spec());
                CoverStock stock = book.spec().covering().stocks().get(piece.stuff());
                if (stock != null
                        && piece.wide().isMoreThan(stock.width())
                        && piece.wide().isMoreThan(stock.height())) {
                    assertTrue(
                            book.remarks().stream().anyMatch(said -> said.key().equals("cover-stock-small")),
                            piece.name() + " of " + book.spec());
                }
            }
        });
    }

    /** A path that binders sew has no fault, wherever its holes lie; where they cannot be sewn through, the holes are blamed. */
    @Test
    public void soundBooksHaveSoundPaths() {
        sane.forEach(book -> assertTrue(book.faults().isEmpty(), book.faults() + " of " + book.spec()));
    }

    /** What nobody chose yet must not be cautioned against: in any structure, in usual sizes, as it is begun. */
    @Test
    public void whatABookIsBegunWithFitsItsStructure() {
        for (Structure structure : Structures.all()) {
            for (double[] leaf : new double[][] {{105, 148}, {148, 210}, {210, 297}, {139.7, 215.9}}) {
                BookSpec begun = Books.sound()
                        .withLeaf(new BookSpec.Leaf(Length.ofMm(leaf[0]), Length.ofMm(leaf[1]), false))
                        .withPages(
                                structure.form().most() == 1 && structure.form().folded() ? 32 : 192);
                List<String> said = Planner.plan(Binding.as(begun, structure)).remarks().stream()
                        .filter(remark -> remark.weight() != Remark.Weight.NOTE)
                        .filter(remark -> remark.stage() != Stage.GATHER)
                        .map(remark -> remark.words().in(Unit.MM))
                        .toList();
                assertTrue(structure.wantsPattern() || said.isEmpty(), structure.key() + " " + leaf[0] + ": " + said);
            }
        }
    }

    /** A mend is pressed once: what it mends is gone or less, and nothing graver came. */
    @Test
    public void everyMendKeepsThePagesOrNearly() {
        sane.forEach(book -> {
            for (Remark<BookSpec> remark : book.remarks()) {
                for (int i = 0; i < remark.mends().size(); i++) {
                    int lost =
                            book.spec().pages() - remark.mends().get(i).change().pages();
                    assertTrue(i == 0 ? lost <= 0 : lost <= 64, remark.key() + " loses " + lost + " of " + book.spec());
                }
            }
        });
    }

    /** Lists what is said of them, each once with how often and one example, for somebody to read. */
    @Test
    public void whatIsSaidIsListedToBeRead() throws IOException {
        Map<String, Integer> counts = new TreeMap<>();
        Map<String, String> examples = new TreeMap<>();
        sane.forEach(book -> book.remarks().forEach(remark -> {
            String key = remark.weight() + " " + remark.key().replaceAll("-\\d+", "");
            counts.merge(key, 1, Integer::sum);
            examples.putIfAbsent(key, example(book.spec(), remark));
        }));
        StringBuilder list = new StringBuilder("%d books%n".formatted(BOOKS));
        counts.forEach((key, count) -> list.append("%5d  %s%n%s".formatted(count, key, examples.get(key))));
        Files.writeString(Path.of("target/remarks-of-random-books.txt"), list);
        assertTrue(counts.keySet().stream().noneMatch(key -> key.startsWith("STOP path-")), list.toString());
    }

    private static String example(BookSpec spec, Remark<BookSpec> remark) {
        StringBuilder example = new StringBuilder("         %s, %d pages: %s%n"
                .formatted(spec.bound().name(), spec.pages(), remark.words().in(Unit.MM)));
        remark.mends()
                .forEach(mend -> example.append(
                        "           > %s%n".formatted(mend.words().in(Unit.MM))));
        return example.toString();
    }
}
