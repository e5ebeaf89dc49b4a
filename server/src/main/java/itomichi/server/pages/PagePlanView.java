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
import itomichi.spec.PastedOn;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Which page lies where.
 *
 * @param signatures opened out, in the order in which they are sewn
 * @param readings the openings as a reader turns them, for each side from which the book is read
 * @param nestings how sheets that were made beforehand are nested, for each signature of which halves are to face each other
 * @param pasted what is pasted to pages, in the order of the book's document
 * @param starting what is begun with of each kind, where one is pasted to the first page
 */
record PagePlanView(
        List<PlannedSignature> signatures,
        List<List<PlannedOpening>> readings,
        List<NestingView> nestings,
        List<PastedView> pasted,
        List<BookDocument.Pasted> starting) {

    /**
     * How sheets that were made beforehand are nested.
     *
     * @param order from the outermost inwards
     * @param why why not everything is kept that was wanted; left out where all is
     * @param document the book with its sheets numbered so; left out where they are already
     */
    record NestingView(
            int signature,
            List<LaidSheet> order,
            @Nullable String why,
            @Nullable BookDocument document) {}

    /** Something pasted to a page, in words, with its measures. */
    record PastedView(String words, InUnits width, InUnits height, InUnits holds) {}

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

    /**
     * A page: what is on it, in words the number where it has one; what was made on it beforehand, where that is said; and whether a pocket
     * is pasted to it.
     */
    record PlannedPage(Page.Kind kind, String words, String picture, boolean pocket) {}

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
                plan.gatherings().stream()
                        .filter(gathering -> !wanted(spec, gathering).isEmpty())
                        .map(gathering -> nesting(document, spec, gathering))
                        .toList(),
                spec.pageWish().pasted().stream().map(PagePlanView::pasted).toList(),
                Stream.of(PastedOn.Kind.values())
                        .map(kind -> BookDocuments.pasted(PastedOn.starting(kind, 1, spec)))
                        .toList());
    }

    private static PastedView pasted(PastedOn pasted) {
        return new PastedView(
                pasted.kind().words() + " at page " + pasted.page(),
                InUnits.of(pasted.width().at(Fineness.CUT)),
                InUnits.of(pasted.height().at(Fineness.CUT)),
                InUnits.of(pasted.holds().at(Fineness.BUNDLE)));
    }

    private static List<Artwork.Facing> wanted(BookSpec spec, Gathering gathering) {
        return spec.pageWish().artwork().facing(gathering.number());
    }

    private static NestingView nesting(BookDocument document, BookSpec spec, Gathering gathering) {
        int sheets = gathering.sheets().size();
        Artwork artwork = spec.pageWish().artwork();
        Nesting nesting = Nesting.of(Math.min(sheets, Artwork.MOST_SHEETS), wanted(spec, gathering));
        Artwork numbered = nesting.numbered(gathering.number(), artwork);
        return new NestingView(
                gathering.number(),
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
        return new PlannedPage(page.kind(), page.words(), page.picture(), page.pocket());
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
