package itomichi.server.book;

import static org.testng.Assert.assertEquals;

import itomichi.finding.Stage;
import itomichi.measure.Unit;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.document.StartingBook;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What two windows are shown when they have changed one book. */
public class DifferencesTest {

    private static final BookDocument BOOK = StartingBook.in(Unit.MM);

    @Test
    public void aBookDoesNotDifferFromItself() {
        assertEquals(Differences.between(BOOK, BOOK), List.of());
    }

    @DataProvider
    Object[][] changed() {
        BookDocument.Stations stations = BOOK.stations();
        BookDocument.Thread thread = BOOK.thread();
        return new Object[][] {
            {
                with(32, new BookDocument.Leaf(148, 297, false), stations, thread, List.of()),
                List.of("Leaf height", "Stations")
            },
            {with(40, BOOK.leaf(), stations, thread, List.of()), List.of("Length", "Signatures")},
            {with(32, new BookDocument.Leaf(148, 210, true), stations, thread, List.of()), List.of("Fore edge")},
            {with(32, BOOK.leaf(), stations, thread, List.of(Stage.PURPOSE)), List.of("Stages done")},
            {
                with(32, BOOK.leaf(), stations, strands(thread, 2), List.of()), List.of("Thread"),
            },
        };
    }

    @Test(dataProvider = "changed")
    public void whatDiffersIsNamedInTradeWords(BookDocument theirs, List<String> named) {
        assertEquals(
                Differences.between(BOOK, theirs).stream()
                        .map(Differences.Difference::what)
                        .toList(),
                named);
    }

    @Test
    public void whatIsPastedToPagesIsNamed() {
        BookSpec spec = BookDocuments.spec(BOOK);
        PastedOn pocket = PastedOn.starting(PastedOn.Kind.POCKET, 3, spec);
        BookDocument theirs =
                BookDocuments.changed(BOOK, spec.withPageWish(spec.pageWish().withPasted(List.of(pocket))));
        List<Differences.Difference> differences = Differences.between(BOOK, theirs);
        assertEquals(differences.size(), 1);
        assertEquals(
                differences.get(0).theirs().mm(),
                "blank ones at the end; 0 not counted, 0 roman, then from 1; 0 painted halves; pocket at page 3");
    }

    @Test
    public void bothSidesAreShownInBothUnits() {
        BookDocument theirs =
                with(32, new BookDocument.Leaf(139.7, 210, false), BOOK.stations(), BOOK.thread(), List.of());
        Differences.Difference width = Differences.between(BOOK, theirs).get(0);
        assertEquals(width.yours().mm() + ", " + width.theirs().inch(), "148\u202fmm, 5\u00a01/2\u202fin");
    }

    private static BookDocument with(
            int pages,
            BookDocument.Leaf leaf,
            BookDocument.Stations stations,
            BookDocument.Thread thread,
            List<Stage> done) {
        return new BookDocument(
                BOOK.name(),
                BOOK.purpose(),
                BOOK.unit(),
                BOOK.structure(),
                BOOK.use(),
                BOOK.edition(),
                new BookDocument.Extent(itomichi.gathering.Extent.By.PAGES, pages),
                leaf,
                BOOK.paper(),
                BOOK.otherPapers(),
                BOOK.cutting(),
                BOOK.gathering(),
                BOOK.pages(),
                stations,
                BOOK.rows(),
                BOOK.side(),
                BOOK.cover(),
                BOOK.covering(),
                thread,
                BOOK.stitch(),
                done,
                BOOK.learned());
    }

    private static BookDocument.Thread strands(BookDocument.Thread thread, int strands) {
        return new BookDocument.Thread(
                thread.name(),
                thread.fibre(),
                thread.count(),
                strands,
                thread.tailMm(),
                thread.slackPercent(),
                thread.needleEyeMm(),
                thread.knot(),
                thread.turns(),
                thread.drawerId());
    }
}
