package itomichi.server.plan;

import itomichi.finding.Remark;
import itomichi.station.Level;
import itomichi.station.Role;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Holes for the screen: where they are, in mm, what makes them, in which order.
 *
 * @param heightMm of the fold or the block, once it is trimmed
 * @param holeMm width of the widest hole through folds or side
 * @param stations along the fold, or the main holes along the spine
 * @param folds every signature as it is punched; none for a block of single sheets
 * @param level where signatures of another height are level
 * @param collation marks on the folds; left out where there is one signature
 * @param cover holes in a cover that is sewn through; left out where it has none of its own
 * @param side holes through the side of a block; left out for folds
 * @param groups holes that are made alike
 * @param ticks what is punched, in its order
 * @param total holes in all
 */
public record HolesView(
        double heightMm,
        double holeMm,
        List<StationView> stations,
        List<FoldView> folds,
        Level level,
        @Nullable CollationView collation,
        @Nullable RowsView cover,
        @Nullable SideView side,
        List<GroupView> groups,
        List<TickView> ticks,
        int total) {

    /** A station; the gap before it reaches to the station above, or to the head. */
    public record StationView(
            int number,
            double fromHeadMm,
            InUnits fromHead,
            InUnits fromTail,
            InUnits gapBefore,
            int passes,
            Role role,
            String roleWords,
            @Nullable FaultView fault) {}

    /** What is wrong with a hole's place, and how grave that is. */
    public record FaultView(Remark.Weight weight, InUnits words) {}

    /** A signature: its height, how far its head lies below the book's, and the stations that fall on it. */
    public record FoldView(double heightMm, double headMm, InUnits height, List<Integer> stations) {}

    /** Where the mark on each fold begins, from the head, and how long it is. */
    public record CollationView(List<Double> fromHeadMm, double stepMm) {}

    /**
     * Rows across a cover's spine.
     *
     * @param pairs whether two signatures share a row
     * @param rows from the front of the book
     * @param widthMm of the spine
     * @param heightMm of the cover
     * @param headMm how far it stands out at the head
     * @param tailMm how far at the tail
     * @param holeMm width of its widest hole
     * @param looseMm of the signatures before any pressing, as measured or as planned, with what is pasted in
     * @param schools every school on the same spine
     * @param fault what is wrong with the rows, the gravest; left out where nothing is
     * @param unfit why the rows that are wanted cannot be laid; left out where they are
     */
    public record RowsView(
            boolean pairs,
            List<RowView> rows,
            double widthMm,
            InUnits width,
            double heightMm,
            InUnits height,
            double headMm,
            InUnits head,
            double tailMm,
            InUnits tail,
            InUnits natural,
            double holeMm,
            double looseMm,
            InUnits loose,
            List<SchoolView> schools,
            @Nullable FaultView fault,
            @Nullable InUnits unfit) {}

    /** A row: its place from the left edge seen from outside, and from the left edge seen from inside. */
    public record RowView(int number, double fromLeftMm, InUnits fromLeft, double insideMm, InUnits inside) {}

    /**
     * A school on this spine.
     *
     * @param words its numbers in a sentence
     * @param rowsMm where it lays rows, from the left edge seen from outside; none where it cannot
     * @param material what is left of the cover between two holes
     * @param fault what is wrong with it, the gravest; left out where nothing is
     */
    public record SchoolView(
            String key,
            InUnits words,
            List<Double> rowsMm,
            InUnits material,
            @Nullable FaultView fault) {}

    /** Holes through the side of a block, in mm from head and spine edge. */
    public record SideView(
            List<SideHoleView> holes,
            double widthMm,
            double thicknessMm,
            double creaseMm,
            InUnits crease,
            List<LooseView> loose) {}

    /** A hole through the side. */
    public record SideHoleView(
            int number,
            Role role,
            String roleWords,
            double fromHeadMm,
            double fromSpineMm,
            InUnits fromHead,
            InUnits fromSpine,
            @Nullable FaultView fault) {}

    /** A sheet of its own size, and whether it is caught. */
    public record LooseView(
            String name,
            InUnits size,
            double widthMm,
            InUnits width,
            double heightMm,
            InUnits height,
            double headMm,
            boolean caught,
            InUnits words) {}

    /** Holes that are made alike. */
    public record GroupView(
            String place,
            String names,
            int number,
            int passes,
            InUnits size,
            double sizeMm,
            String tool,
            String care) {}

    /** Something to be punched in one go. */
    public record TickView(InUnits words, int holes) {}
}
