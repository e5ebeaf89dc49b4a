package itomichi.server.pages;

import itomichi.measure.Fineness;
import itomichi.measure.Unit;
import itomichi.pages.Gathering;
import itomichi.pages.Leaf;
import itomichi.pages.Nesting;
import itomichi.pages.Opening;
import itomichi.pages.Page;
import itomichi.pages.PagePlan;
import itomichi.pages.SheetSides;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.InUnits;
import itomichi.spec.Artwork;
import itomichi.spec.BookSpec;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which page lies where.
 *
 * @param signatures opened out, in the order in which they are sewn
 * @param readings the openings as a reader turns them, for each side from which the book is read
 * @param nesting how sheets that were made beforehand are nested; left out where no halves are to face each other
 */
record PagePlanView(
        List<PlannedSignature> signatures,
        List<List<PlannedOpening>> readings,
        @Nullable NestingView nesting) {

    /**
     * How sheets that were made beforehand are nested.
     *
     * @param order from the outermost inwards
     * @param why why not everything is kept that was wanted; left out where all is
     * @param document the book with its sheets numbered so; left out where they are already
     */
    record NestingView(
            List<LaidSheet> order,
            @Nullable String why,
            @Nullable BookDocument document) {}

    /** A sheet by its number; {@code turned} where its front lies inside. */
    record LaidSheet(int sheet, boolean turned) {}

    /**
     * A signature, or all single sheets.
     *
     * @param turned whether it is read from the other side, the book turned over
     */
    record PlannedSignature(int number, boolean endpapers, boolean turned, List<PlannedSheet> sheets) {}

    /**
     * A sheet as it lies before it is folded.
     *
     * @param paper what its paper is called
     * @param first the half on the right of the outer side
     * @param second the other half; left out of a sheet that is one leaf
     * @param doubled whether it is one leaf that is folded at its fore edge
     * @param outer the side that comes to lie outside
     * @param inner the side that comes to lie inside
     */
    record PlannedSheet(
            int number,
            String paper,
            PlannedLeaf first,
            @Nullable PlannedLeaf second,
            boolean doubled,
            PlannedSide outer,
            PlannedSide inner) {}

    /**
     * A side of a sheet, its fold upright.
     *
     * @param left what is on its left half; left out where it is not folded
     */
    record PlannedSide(@Nullable PlannedPage left, PlannedPage right, double leftMm, double rightMm) {}

    /**
     * A leaf.
     *
     * @param front what is on the side that is read first
     * @param back what is on the other
     */
    record PlannedLeaf(double widthMm, InUnits width, Leaf.Reach reach, PlannedPage front, PlannedPage back) {}

    /** A page: what is on it, in words the number where it has one; what was made on it beforehand, where that is said. */
    record PlannedPage(Page.Kind kind, String words, String picture) {}

    /**
     * Two pages that are seen at once.
     *
     * @param left the page on the left; left out beside the cover
     * @param leftOf the leaf that it is on
     * @param unbroken whether both lie on one side of one sheet
     */
    record PlannedOpening(
            @Nullable PlannedPage left,
            @Nullable String leftOf,
            @Nullable PlannedPage right,
            @Nullable String rightOf,
            boolean unbroken) {}

    static PagePlanView of(BookDocument document, BookSpec spec, PagePlan plan) {
        return new PagePlanView(
                plan.gatherings().stream()
                        .map(gathering -> signature(spec, gathering))
                        .toList(),
                plan.readings().stream()
                        .map(openings ->
                                openings.stream().map(PagePlanView::opening).toList())
                        .toList(),
                spec.pageWish().artwork().facing().isEmpty() ? null : nesting(document, spec, plan));
    }

    private static NestingView nesting(BookDocument document, BookSpec spec, PagePlan plan) {
        int sheets = plan.gatherings().stream()
                .filter(gathering -> !gathering.endpapers())
                .findFirst()
                .map(gathering -> gathering.sheets().size())
                .orElse(0);
        Artwork artwork = spec.pageWish().artwork();
        Nesting nesting = Nesting.of(Math.min(sheets, Artwork.MOST_SHEETS), artwork.facing());
        Artwork numbered = nesting.numbered(artwork);
        return new NestingView(
                nesting.order().stream()
                        .map(laid -> new LaidSheet(laid.sheet(), laid.turned()))
                        .toList(),
                nesting.why().map(why -> why.in(Unit.MM)).orElse(null),
                numbered.equals(artwork)
                        ? null
                        : BookDocuments.changed(
                                document, spec.withPageWish(spec.pageWish().withArtwork(numbered))));
    }

    private static PlannedSignature signature(BookSpec spec, Gathering gathering) {
        return new PlannedSignature(
                gathering.number(),
                gathering.endpapers(),
                gathering.turned(),
                gathering.sheets().stream().map(sheet -> sheet(spec, sheet)).toList());
    }

    private static PlannedSheet sheet(BookSpec spec, SheetSides sheet) {
        return new PlannedSheet(
                sheet.number(),
                spec.papers().all().get(sheet.first().paper()).paper().name(),
                leaf(sheet.first()),
                sheet.second().map(PagePlanView::leaf).orElse(null),
                sheet.doubled(),
                side(sheet.outer()),
                side(sheet.inner()));
    }

    private static PlannedSide side(SheetSides.Side side) {
        return new PlannedSide(
                side.left().map(PagePlanView::page).orElse(null),
                page(side.right()),
                side.leftWidth().mm(),
                side.rightWidth().mm());
    }

    private static PlannedLeaf leaf(Leaf leaf) {
        return new PlannedLeaf(
                leaf.width().mm(),
                InUnits.of(leaf.width().at(Fineness.CUT)),
                leaf.reach(),
                page(leaf.front()),
                page(leaf.back()));
    }

    private static PlannedPage page(Page page) {
        return new PlannedPage(page.kind(), page.words(), page.picture());
    }

    private static PlannedOpening opening(Opening opening) {
        Optional<Leaf> left = opening.left();
        Optional<Leaf> right = opening.right();
        return new PlannedOpening(
                left.map(leaf -> page(leaf.back())).orElse(null),
                left.map(Leaf::named).orElse(null),
                right.map(leaf -> page(leaf.front())).orElse(null),
                right.map(Leaf::named).orElse(null),
                opening.unbroken());
    }
}
