package itomichi.plan;

import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.measure.Length;
import itomichi.schedule.WorkTime;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import itomichi.structure.Covering;
import itomichi.structure.Stitching;
import java.util.List;
import java.util.Optional;

/**
 * A book worked out, before anything is said of it: a line of values, each made from those before it and never gone back to.
 *
 * @param spec what its binder wants
 * @param thicknesses of its papers and its thread
 * @param places where its holes lie
 * @param gathered its sheets as they are gathered
 * @param papers its papers, each with how its stock is cut
 * @param order the thread's way through them
 * @param holes the holes with their widths and what makes them; nothing where the book has none
 * @param sewing the thread with its lengths; nothing where it cannot be sewn as it is
 * @param covering how the sewn block is covered
 */
public record WorkedBook(
        BookSpec spec,
        Thicknesses thicknesses,
        HolePlaces places,
        Gathered gathered,
        List<PaperPlan> papers,
        ThreadOrder order,
        Optional<Holes> holes,
        Optional<SewingPlan> sewing,
        CoverPlan covering) {

    public WorkedBook {
        papers = List.copyOf(papers);
    }

    /** Works a book out; what cannot be made stays empty, and a remark says so. */
    public static WorkedBook of(BookSpec spec) {
        Thicknesses thicknesses = Thicknesses.of(spec);
        Length strand = thicknesses.strand();
        HolePlaces places = HolePlaces.of(spec);
        Gathered gathered = Gatherer.gather(spec, thicknesses, places);
        ThreadOrder order = ThreadOrder.of(spec, gathered, places);
        Optional<Holes> holes = Holes.of(spec, gathered, strand, places, order);
        CoverPlan.Begun cover = CoverPlan.begin(spec, gathered, SoftCovers.of(spec, gathered, holes));
        Optional<SewingPlan> sewing = holes.flatMap(made ->
                order.found().map(found -> SewingPlan.of(spec, gathered, made, strand, found, cover.atSpine())));
        return new WorkedBook(
                spec,
                thicknesses,
                places,
                gathered,
                PaperPlan.of(spec, gathered, thicknesses),
                order,
                holes,
                sewing,
                cover.over(SpineSewings.of(spec, holes, order, strand)));
    }

    /** The same book made so often by hands with such practice: nothing that is worked out of one copy looks at that. */
    public WorkedBook made(int copies, EditionWish edition) {
        return new WorkedBook(
                spec.madeIn(copies, edition), thicknesses, places, gathered, papers, order, holes, sewing, covering);
    }

    /** Whether the cover is there before the needle: it is sewn through, or its boards are sewn on or pierced with the sheets. */
    public boolean coveredFirst() {
        return covering.base().soft().isPresent()
                || covering.base().pierced()
                || covering.base().sewnOn() == Stitching.SewnOn.BOARDS
                || spec.bound().coverings().contains(Covering.SIDE);
    }

    /** Time at the bench. What is folded is counted: endpaper sections too, but never a single sheet. */
    Working time() {
        int punched = holes.map(made -> made.list().holes()).orElse(0);
        int folded = gathered.match(signatures -> signatures.block().sheets(), Gathered.Singly::creased);
        int passes = sewing.map(SewingPlan::passes)
                .or(() -> holes.map(Holes::passesInAll))
                .orElse(0);
        return WorkTime.of(
                folded,
                punched,
                passes,
                new WorkTime.Own(Paces.of(spec, Paces.FOLD), Paces.of(spec, Paces.PUNCH), Paces.of(spec, Paces.SEW)));
    }

    /** The pages nobody asked for, by number; empty where there are none. */
    public String blanksNamed() {
        return Blanks.of(spec, gathered).named();
    }
}
