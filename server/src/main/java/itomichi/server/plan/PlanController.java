package itomichi.server.plan;

import itomichi.advice.Advice;
import itomichi.book.FromPaper;
import itomichi.gathering.LeafFrom;
import itomichi.measure.Length;
import itomichi.plan.PlannedSplit;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.platform.Sent;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans without keeping anything: what a drag shows while it lasts, and what there is to choose from. */
@RestController
@RequestMapping("/api/plan")
class PlanController {

    @PostMapping
    PlanView plan(@RequestBody BookDocument document) {
        return PlanViews.of(document);
    }

    /** The best splits into signatures, and the one that the plan is made with. */
    @PostMapping("/splits")
    List<SplitView> splits(@RequestBody BookDocument document) {
        return PlannedSplit.of(BookDocuments.spec(document)).stream()
                .map(SplitView::of)
                .toList();
    }

    /** Every structure, the best advised first, each with the book as it would be bound so. */
    @PostMapping("/advice")
    List<AdviceView> advice(@RequestBody BookDocument document) {
        BookSpec spec = BookDocuments.spec(document);
        Length sheet = Length.ofMm(spec.thickness(spec.paper()).result().number());
        return Advice.rank(spec.use(), spec.extent(), sheet).stream()
                .map(advice -> AdviceView.of(advice, document, spec))
                .toList();
    }

    /**
     * The book in some structures.
     *
     * @param keys of the structures; more than there are is no use
     */
    record LooksAsked(BookDocument document, List<String> keys) {
        private static final int MOST = 40;

        LooksAsked {
            Sent.given("document", document);
            Sent.given("keys", keys);
            keys = keys.stream().limit(MOST).toList();
        }
    }

    /** How the book would come out in these structures; of those that are not sewn nothing is said. */
    @PostMapping("/looks")
    List<StructureLooks> looks(@RequestBody LooksAsked asked) {
        BookSpec spec = BookDocuments.spec(asked.document());
        return asked.keys().stream()
                .flatMap(key -> StructureLooks.of(asked.document(), spec, key).stream())
                .toList();
    }

    /** A book that comes out of the paper in hand. */
    record PaperBook(String name, InUnits size, int perSheet, int pages, int wastePercent, BookDocument document) {}

    /** The books that come out of the paper that this one is of, the largest first. */
    @PostMapping("/from-paper")
    List<PaperBook> fromPaper(@RequestBody BookDocument document) {
        return FromPaper.of(BookDocuments.spec(document)).stream()
                .map(book -> new PaperBook(
                        book.name(),
                        PaperViews.size(
                                book.spec().leaf().width(), book.spec().leaf().height()),
                        book.perSheet(),
                        book.pages(),
                        (int) Math.round(100 * book.waste()),
                        BookDocuments.changed(document, book.spec())))
                .toList();
    }

    /** A cover at hand, mm. */
    record CoverAtHand(double frontMm, double heightMm, double squareMm) {}

    /** A leaf that fits it, mm. */
    record LeafFound(double widthMm, double heightMm) {}

    @PostMapping("/leaf-for-cover")
    LeafFound leafForCover(@RequestBody CoverAtHand cover) {
        try {
            LeafFrom.Size leaf = LeafFrom.cover(
                    Length.ofMm(cover.frontMm()), Length.ofMm(cover.heightMm()), Length.ofMm(cover.squareMm()));
            return new LeafFound(leaf.width().mm(), leaf.height().mm());
        } catch (IllegalArgumentException unfit) {
            throw new UnfitValueException("square", unfit.getMessage() + ".");
        }
    }
}
