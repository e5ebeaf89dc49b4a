package itomichi.imposition;

import itomichi.finding.Remark;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.pages.PagePlan;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import itomichi.spec.PrintWish;
import itomichi.spec.UnfitValueException;
import java.util.List;

/**
 * A text laid on the sheets of a book, and these on a printer's sheets.
 *
 * @param groups what is printed, file by file
 * @param proof the same in reading order: openings as a reader turns them, nothing moved for creep
 * @param creeps how far the inner sheets would stand out, and how far their pages are moved for it
 * @param places pages of the book that text comes on
 * @param remarks what is to be said of it; what it would be mended by changes the book
 */
public record Imposition(
        List<PrintGroup> groups,
        List<PrintedSide> proof,
        List<CreepTaken> creeps,
        int places,
        List<Remark<BookSpec>> remarks) {

    /** Less is no page any more. */
    private static final double LEAST_ROOM_MM = 10;

    public Imposition {
        groups = List.copyOf(groups);
        proof = List.copyOf(proof);
        creeps = List.copyOf(creeps);
        remarks = List.copyOf(remarks);
    }

    /**
     * How far a sheet stands out.
     *
     * @param signature of the first signature that is so
     * @param sheet in it, the outermost being 1
     * @param creep past the outermost sheet
     * @param taken how far its pages are moved towards the fold
     */
    public record CreepTaken(int signature, int sheet, Length creep, Length taken) {}

    /** Whether sheets of the book are too large for the printer's usual sheet. */
    public boolean larger() {
        return groups.stream().anyMatch(PrintGroup::larger);
    }

    /**
     * Lays a text out.
     *
     * @param book the book, worked out
     * @param text its pages, at least one
     * @param wish how it is to be printed
     * @throws UnfitValueException if the printer's sheet does not take the book's, or the margins leave no room
     */
    public static Imposition of(WorkedBook book, List<SourcePage> text, PrintWish wish) {
        BookSpec spec = book.spec();
        wish.checked(spec.title().unit());
        checkRoom(spec, wish);
        PagePlan plan = PagePlan.of(book);
        TextOrder order = new TextOrder(plan);
        Imposer imposer = new Imposer(book, plan, order, text, wish);
        List<PrintGroup> groups = imposer.groups();
        return new Imposition(
                groups,
                Proof.of(spec, plan, order, text, wish),
                imposer.creeps(),
                order.places(),
                new PrintRemarks(book, order.places(), text, wish).of(imposer));
    }

    private static void checkRoom(BookSpec spec, PrintWish wish) {
        if (wish.fit() != PrintWish.Fit.MARGINS) {
            return;
        }
        PrintWish.Margins margins = wish.margins();
        double across = spec.leaf()
                .width()
                .minus(margins.fold())
                .minus(margins.foreEdge())
                .mm();
        double down =
                spec.leaf().height().minus(margins.head()).minus(margins.tail()).mm();
        if (across < LEAST_ROOM_MM || down < LEAST_ROOM_MM) {
            throw new UnfitValueException(
                    "margins",
                    Phrase.of(
                                    "These margins leave no room on a page of {} by {}.",
                                    spec.leaf().width().at(Fineness.CUT),
                                    spec.leaf().height().at(Fineness.CUT))
                            .in(spec.title().unit()));
        }
    }
}
