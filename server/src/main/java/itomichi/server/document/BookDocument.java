package itomichi.server.document;

import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.plan.Stage;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A book as it travels and is kept. Lengths are in mm, weights in g/m2, whatever unit they are shown in.
 *
 * <p>The file format of the same shape is described by {@code schema/book-1.json}.
 */
public record BookDocument(
        String name,
        String purpose,
        Unit unit,
        String structure,
        int pages,
        Leaf leaf,
        Paper paper,
        Stations stations,
        Cover cover,
        Thread thread,
        List<Stage> done) {

    /** Size of a folded leaf; {@code trimmed} says whether the creep is cut off. */
    public record Leaf(double widthMm, double heightMm, boolean trimmed) {}

    /** The paper; its thickness comes from {@code stack} where one was measured, else from {@code bulk}. */
    public record Paper(
            String name,
            double grammageGsm,
            BulkKind bulk,
            @Nullable Stack stack,
            Grain grain) {}

    /** A measured stack. */
    public record Stack(int sheets, double totalMm) {}

    /** How stations are placed. */
    public enum Scheme {
        MARGINS,
        SHARE,
        PLACED
    }

    /** Stations; every scheme's numbers are kept, so that going back to one finds them again. */
    public record Stations(
            Scheme scheme, int count, double headMm, double tailMm, double sharePercent, List<Double> placedMm) {}

    /** A soft cover. */
    public record Cover(boolean wanted, double thicknessMm, double squareMm) {}

    /** How a thread's fineness is told. */
    public enum CountSystem {
        TEX,
        LINEN,
        COTTON,
        WOUND
    }

    /** A thread's count: {@code number} is tex or the linen or cotton count; a wound thread has turns and width instead. */
    public record Count(CountSystem system, double number, int ply, int turns, double widthMm) {}

    /** Thread, needle and knot. */
    public record Thread(
            String name,
            Fibre fibre,
            Count count,
            int strands,
            double tailMm,
            double slackPercent,
            double needleEyeMm,
            Face knot,
            int turns) {}
}
