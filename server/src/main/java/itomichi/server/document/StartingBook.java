package itomichi.server.document;

import itomichi.cover.CoverStuff;
import itomichi.cutting.CutWish;
import itomichi.finding.Stage;
import itomichi.gathering.Back;
import itomichi.gathering.Extent;
import itomichi.gathering.Pressing;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.ThreadPractice;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.spec.CoverWish;
import itomichi.spec.EditionWish;
import itomichi.spec.HoleWish;
import itomichi.spec.PageWish;
import itomichi.spec.StitchWish;
import itomichi.station.Level;
import itomichi.station.RowScheme;
import itomichi.station.StationScheme;
import itomichi.structure.Hands;
import java.util.List;
import java.util.Map;

/** What a new book starts from: a 32-page pamphlet, A5 or half letter, by common practice. */
public final class StartingBook {

    /** Nothing in particular, once, by practised hands. */
    public static final BookDocument.Use ANY_USE = new BookDocument.Use(List.of(), 1, Hands.PRACTISED);
    /** All copies alike, nothing to spare. */
    public static final BookDocument.Edition ALIKE = EditionDocuments.document(EditionWish.ALIKE, List.of());
    /** Cut to a rule with the grain right, nothing trimmed. */
    public static final BookDocument.Cutting USUAL_CUTTING = new BookDocument.Cutting(CutWish.Manner.CUT, true, 0);
    /** Counted from the first page on, what is over at the end. */
    public static final BookDocument.Pages PLAIN_PAGES = new BookDocument.Pages(
            PageWish.BlankPlace.END, 0, 0, 1, false, new BookDocument.Made(List.of(), List.of()), List.of());

    /** The best split, nothing preferred, pressed overnight. */
    public static final BookDocument.Gathering PLAIN_GATHERING = new BookDocument.Gathering(
            null,
            false,
            null,
            new BookDocument.Wish(false, null, null, null, false),
            Pressing.OVERNIGHT,
            Back.FLAT,
            0,
            List.of(),
            List.of());
    /** Equal gaps, those at the edges included. */
    public static final BookDocument.Rows USUAL_ROWS =
            new BookDocument.Rows(BookDocument.School.EQUAL, RowScheme.USUAL_MARGIN.mm(), 6, List.of());
    /** 12 mm from the spine, no inner binding, every sheet of the book's size. */
    public static final BookDocument.Side USUAL_SIDE = HoleDocuments.side(
            new BookDocument.Side(0, 0, 0, false, 0, false, List.of(), List.of()), HoleWish.Side.USUAL);

    /** The usual way of sewing, one thread. */
    public static final BookDocument.Stitch USUAL_STITCH = StitchDocuments.document(StitchWish.USUAL);

    /** The usual cover, nothing measured. */
    public static final BookDocument.Covering USUAL_COVERING = CoverDocuments.document(CoverWish.USUAL, List.of());

    private StartingBook() {}

    /** Margins and equal spaces, with the numbers that other schemes begin with. */
    public static BookDocument.Stations stations(int count, double marginMm) {
        return new BookDocument.Stations(
                BookDocument.Scheme.MARGINS,
                count,
                marginMm,
                marginMm,
                10,
                3,
                StationScheme.USUAL_SUPPORT.mm(),
                StationScheme.USUAL_KETTLE.mm(),
                210,
                List.of(),
                StationScheme.Carry.IN_PROPORTION,
                List.of(),
                false,
                Level.HEAD);
    }

    public static BookDocument in(Unit unit) {
        boolean metric = unit == Unit.MM;
        return new BookDocument(
                "New book",
                "",
                unit,
                "pamphlet",
                ANY_USE,
                ALIKE,
                new BookDocument.Extent(Extent.By.PAGES, 32),
                metric ? new BookDocument.Leaf(148, 210, false) : new BookDocument.Leaf(139.7, 215.9, false),
                new BookDocument.Paper("Book wove", 120, BulkKind.BOOK_WOVE, null, Grain.UNKNOWN, null, null),
                List.of(),
                USUAL_CUTTING,
                PLAIN_GATHERING,
                PLAIN_PAGES,
                stations(5, metric ? 20 : 19.05),
                USUAL_ROWS,
                USUAL_SIDE,
                new BookDocument.Cover(true, 0.3, 3, null, null, null, CoverStuff.CARD, null),
                USUAL_COVERING,
                new BookDocument.Thread(
                        "Linen 30/3",
                        Fibre.LINEN,
                        new BookDocument.Count(BookDocument.CountSystem.LINEN, 30, 3, 20, 10),
                        1,
                        ThreadPractice.TAIL_USUAL.mm(),
                        3,
                        1.1,
                        Face.INSIDE,
                        2,
                        null),
                USUAL_STITCH,
                List.<Stage>of(),
                Map.of());
    }
}
