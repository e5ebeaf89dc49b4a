package itomichi.cover;

import itomichi.cover.Outline.Role;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The holes of a spine that is sewn through: stations along it, a row for each signature or pair. */
final class HoleGrid {

    private static final double HOLE_MM = 1.2;

    private HoleGrid() {}

    /** The holes at some of the stations, from where the first row begins and the head of the block lies, mm. */
    static List<Outline> holes(SpineSewing sewing, double left, double head, Predicate<Length> which) {
        List<Outline> holes = new ArrayList<>();
        for (Length row : sewing.rows()) {
            for (Length station : sewing.stations()) {
                if (which.test(station)) {
                    holes.add(Outline.hole(left + row.mm(), head + station.mm(), HOLE_MM));
                }
            }
        }
        return holes;
    }

    /** A cover with a grid of card to punch its spine by, as it lies now; the same where its spine is not sewn through. */
    static CoverWork added(CoverWork work, CoverBase base) {
        if (!base.sewnThrough()
                || base.sewing().rows().isEmpty()
                || work.pieces().isEmpty()) {
            return work;
        }
        return work.with(new CoverWork.More(
                List.of(),
                List.of(grid(base.soft().orElseThrow(), base.sewing())),
                List.of(),
                List.of(),
                List.of(),
                List.of()));
    }

    private static CoverPiece grid(SoftCover soft, SpineSewing sewing) {
        double high = soft.height().mm();
        double wide = soft.spine().mm();
        List<Outline> drawn = new ArrayList<>(holes(sewing, 0, sewing.head().mm(), station -> true));
        for (Length row : sewing.rows()) {
            drawn.add(Outline.line(Role.FOLD, "", row.mm(), 0, row.mm(), high));
        }
        return CoverPiece.rectangle(
                        "jig-grid",
                        "Hole grid of the spine, seen from outside",
                        PieceStuff.CARD,
                        1,
                        Sizes.given(Length.ofMm(wide), "width of the spine"),
                        soft.workedHeight())
                .folded(drawn);
    }
}
