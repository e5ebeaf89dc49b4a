package itomichi.server.plan;

import itomichi.book.OnBench;
import itomichi.cover.PieceStuff;
import itomichi.server.document.Dye;
import itomichi.server.plan.HolesView.StationView;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a book looks from outside, as far as it is made and as it is planned; sizes in mm.
 *
 * @param made what lies there of it; the rest is only planned
 * @param sheets its sheets, flat on each other
 * @param block the folded and gathered block
 * @param closed the book in its cover
 * @param signatures so many are gathered; one of single sheets
 * @param stations its holes; along the spine where it is sewn through folds
 * @param punched whether they are
 * @param spineThread thread that shows on the spine, sewn pieces first: each from the left edge seen from outside and from the head, one after
 *     the other
 * @param spineSewn so many pieces of it are sewn
 * @param frontThread thread that shows on the front: each piece from the spine and from the head
 * @param frontSewn so many pieces of it are sewn
 */
public record LooksView(
        OnBench.Made made,
        PileView sheets,
        PileView block,
        ClosedView closed,
        int signatures,
        List<StationView> stations,
        boolean punched,
        List<List<Double>> spineThread,
        int spineSewn,
        List<List<Double>> frontThread,
        int frontSewn) {

    /** What lies on each other, in mm: across the fold, along it, and how high. */
    public record PileView(double widthMm, double heightMm, double thicknessMm) {
        static PileView of(OnBench.Pile pile) {
            return new PileView(
                    pile.width().mm(), pile.height().mm(), pile.thickness().mm());
        }
    }

    /**
     * The book in its cover.
     *
     * @param cover what is seen of it; left out where it has none
     * @param colour of what is seen of it; left out where it is not known
     * @param spineSeen whether its sewing is seen on the spine
     */
    public record ClosedView(
            double widthMm,
            double heightMm,
            double thicknessMm,
            @Nullable PieceStuff cover,
            @Nullable Dye colour,
            boolean spineSeen) {}
}
