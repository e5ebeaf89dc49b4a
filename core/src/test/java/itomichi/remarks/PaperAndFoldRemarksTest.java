package itomichi.remarks;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.cutting.CutWish;
import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.gathering.Pressing;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.Papers;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Trouble with stock, grain and folds: named by its weight, and put right by its mend. */
public class PaperAndFoldRemarksTest {

    private static BookSpec most(BookSpec spec) {
        return spec.withPapers(spec.papers().withCutting(new CutWish(CutWish.Manner.CUT, false)));
    }

    private static BookSpec torn(BookSpec spec) {
        return spec.withPapers(spec.papers().withCutting(new CutWish(CutWish.Manner.TEAR, true)));
    }

    private static BookSpec chosen(int pages, int signatures) {
        return Books.linked(pages)
                .withGathering(GatherWish.PLAIN.withChosen(Optional.of(new GatherWish.Chosen(signatures, false))));
    }

    @DataProvider
    Object[][] troubled() {
        BookSpec sound = Books.sound();
        BookSpec linked = Books.linked(240);
        return new Object[][] {
            {Books.from(sound, Books.stock(420, 594, SheetGrain.UNKNOWN, 9)), "grain-unknown", Remark.Weight.NOTE},
            {
                most(Books.from(sound, Books.stock(297, 420, SheetGrain.ALONG_WIDTH, 9))),
                "grain-across",
                Remark.Weight.CAUTION
            },
            {Books.from(sound, Books.stock(220, 300, SheetGrain.ALONG_HEIGHT, 9)), "stock-too-small", Remark.Weight.STOP
            },
            {Books.from(sound, Books.stock(100, 100, SheetGrain.ALONG_HEIGHT, 9)), "stock-too-small", Remark.Weight.STOP
            },
            {
                torn(Books.from(sound, Books.stock(250, 900, SheetGrain.ALONG_HEIGHT, 9))),
                "stock-too-small",
                Remark.Weight.STOP
            },
            {Books.from(linked, Books.stock(640, 900, SheetGrain.ALONG_HEIGHT, 2)), "stock-short", Remark.Weight.CAUTION
            },
            {linked.withPaper(Books.paper(120, Grain.ACROSS_FOLD)), "grain-across", Remark.Weight.CAUTION},
            {linked.withPages(238), "blanks", Remark.Weight.NOTE},
            {chosen(240, 3), "fold-thick", Remark.Weight.CAUTION},
            {chosen(2400, 4), "fold-unsewable", Remark.Weight.STOP},
            {chosen(240, 40), "fold-thin", Remark.Weight.NOTE},
            {linked.withThread(Books.sewing(2, 75, 1.1)), "wedge", Remark.Weight.CAUTION},
            {linked.withGathering(GatherWish.PLAIN.withPressing(Pressing.FRESH)), "wedge", Remark.Weight.CAUTION},
            {
                Books.sound()
                        .withPages(64)
                        .withPapers(Books.twoPapers())
                        .withGathering(GatherWish.PLAIN.withRecipes(List.of(Books.mixedRecipe()))),
                "pages-lost",
                Remark.Weight.STOP
            },
        };
    }

    @Test(dataProvider = "troubled")
    public void troubleIsNamedByItsWeight(BookSpec spec, String key, Remark.Weight weight) {
        assertEquals(remark(spec, key).weight(), weight);
    }

    @Test(dataProvider = "troubled")
    public void theMendOfARemarkPutsItRight(BookSpec spec, String key, Remark.Weight weight) {
        remark(spec, key).mend().ifPresent(mend -> {
            Optional<Remark<BookSpec>> still = Planner.plan(mend.change()).remarks().stream()
                    .filter(remark -> remark.key().equals(key))
                    .findFirst();
            // a wedge is lessened by the change that helps most, and may want another
            still.ifPresent(remark -> assertEquals(remark.key(), "wedge"));
        });
    }

    @Test(dataProvider = "troubled")
    public void aRemarkIsOneSentenceOrTwoInEitherUnit(BookSpec spec, String key, Remark.Weight weight) {
        for (Unit unit : Unit.values()) {
            String words = remark(spec, key).words().in(unit);
            assertFalse(words.contains("{}") || words.contains("\n") || !words.endsWith("."), words);
        }
    }

    @DataProvider
    Object[][] next() {
        EnumSet<Stage> none = EnumSet.noneOf(Stage.class);
        BookSpec stocked = Books.from(Books.linked(240), Books.stock(640, 900, SheetGrain.ALONG_HEIGHT, 20));
        return new Object[][] {
            {Books.linked(240), EnumSet.of(Stage.PURPOSE), "Cut 60 sheets of Book wove to 296 mm × 210 mm"},
            {stocked, EnumSet.of(Stage.PURPOSE), "Cut 8 stock sheets of Book wove into 60 sheets"},
            {
                Books.from(Books.linked(240), Books.stock(640, 900, SheetGrain.ALONG_HEIGHT, 7)),
                EnumSet.of(Stage.PURPOSE),
                "Get 1 stock sheet more of Book wove"
            },
            {stocked, EnumSet.of(Stage.PURPOSE, Stage.PAPER), "Fold 60 sheets of Book wove into 10 signatures"},
            {
                Books.bound("stab-four-hole"),
                EnumSet.of(Stage.PURPOSE, Stage.PAPER),
                "Tap 16 sheets level at the spine and clamp them"
            },
            {Books.linked(240), none, "Say what it is for"},
        };
    }

    @Test(dataProvider = "next")
    public void theNextThingIsSaidInOneSentence(BookSpec spec, Set<Stage> done, String words) {
        assertEquals(
                Planner.plan(spec.withDone(done)).next().words().in(Unit.MM).replace('\u202f', ' '), words);
    }

    @Test
    public void trimLeftStandingMakesTheSheetLarger() {
        BookSpec spec = Books.sound();
        Papers papers = new Papers(spec.papers().all(), spec.papers().cutting(), Length.ofMm(3));
        // 2 x (148 + 3) by 210 + 2 x 3
        assertEquals(
                Planner.plan(spec.withPapers(papers))
                        .figure("unfolded")
                        .in(Unit.MM)
                        .replace('\u202f', ' '),
                "302 mm × 216 mm");
    }

    private static Remark<BookSpec> remark(BookSpec spec, String key) {
        List<Remark<BookSpec>> remarks = Planner.plan(spec).remarks();
        return remarks.stream()
                .filter(remark -> remark.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(key + " is not among "
                        + remarks.stream().map(Remark::key).toList()));
    }
}
