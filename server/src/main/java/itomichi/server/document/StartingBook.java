package itomichi.server.document;

import itomichi.cutting.CutWish;
import itomichi.gathering.Extent;
import itomichi.gathering.Pressing;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.plan.Stage;
import itomichi.structure.Hands;
import java.util.List;

/** What a new book starts from: a 32-page pamphlet, A5 or half letter, by common practice. */
public final class StartingBook {

    /** Nothing in particular, once, by practised hands. */
    public static final BookDocument.Use ANY_USE = new BookDocument.Use(List.of(), 1, Hands.PRACTISED);
    /** Cut to a rule with the grain right, nothing trimmed. */
    public static final BookDocument.Cutting USUAL_CUTTING = new BookDocument.Cutting(CutWish.Manner.CUT, true, 0);
    /** The best split, nothing preferred, pressed overnight. */
    public static final BookDocument.Gathering PLAIN_GATHERING = new BookDocument.Gathering(
            null,
            false,
            new BookDocument.Wish(false, null, null, null, false),
            Pressing.OVERNIGHT,
            false,
            0,
            List.of());

    private StartingBook() {}

    public static BookDocument in(Unit unit) {
        boolean metric = unit == Unit.MM;
        return new BookDocument(
                metric ? "New pamphlet" : "New booklet",
                "",
                unit,
                "pamphlet",
                ANY_USE,
                new BookDocument.Extent(Extent.By.PAGES, 32),
                metric ? new BookDocument.Leaf(148, 210, false) : new BookDocument.Leaf(139.7, 215.9, false),
                new BookDocument.Paper("Book wove", 120, BulkKind.BOOK_WOVE, null, Grain.UNKNOWN, null, null),
                List.of(),
                USUAL_CUTTING,
                PLAIN_GATHERING,
                metric
                        ? new BookDocument.Stations(BookDocument.Scheme.MARGINS, 5, 20, 20, 10, List.of())
                        : new BookDocument.Stations(BookDocument.Scheme.MARGINS, 5, 19.05, 19.05, 10, List.of()),
                new BookDocument.Cover(true, 0.3, 3),
                new BookDocument.Thread(
                        "Linen 30/3",
                        Fibre.LINEN,
                        new BookDocument.Count(BookDocument.CountSystem.LINEN, 30, 3, 20, 10),
                        1,
                        75,
                        3,
                        1.1,
                        Face.INSIDE,
                        2,
                        null),
                List.<Stage>of());
    }
}
