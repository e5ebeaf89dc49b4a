package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.cover.CoverSize;
import itomichi.documents.drawing.Pen;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.station.Rows;
import itomichi.station.Stations;
import java.util.stream.IntStream;

/** Templates for a cover that is sewn through, seen from outside or, mirrored, from inside. */
final class CoverPieces {

    private static final double MARGIN_MM = 12;

    private final BookPlan plan;
    private final Holes.InCover cover;
    private final boolean inside;
    private final Unit unit;
    private final double heightMm;
    /** Stations from the head of the cover. */
    private final Stations stations;
    /** Rows from the left as they are seen. */
    private final Rows rows;

    CoverPieces(BookPlan plan, Holes.InFolds holes, Holes.InCover cover, boolean inside) {
        this.plan = plan;
        this.cover = cover;
        this.inside = inside;
        this.unit = plan.spec().title().unit();
        this.heightMm = cover.height().mm();
        this.stations = holes.stations().lowered(cover.head());
        this.rows = inside ? cover.rows().mirrored() : cover.rows();
    }

    private String shown(Length length) {
        return length.at(Fineness.MARK).in(unit);
    }

    private String face() {
        return inside ? "seen from INSIDE" : "seen from OUTSIDE";
    }

    /** Only the spine, as high as the cover, with a margin to hold it by. */
    Piece grid() {
        double spine = cover.width().mm();
        double width = spine + 2 * MARGIN_MM;
        Marks marks = new Marks().outline(width, heightMm);
        holes(marks, MARGIN_MM);
        sides(marks, 3.4, width - 1.2);
        marks.words(1.2, 4.2, "HEAD", Marks.MEASURE_MM).words(1.2, heightMm - 1.5, "TAIL", Marks.MEASURE_MM);
        marks.head(width - 4, 1);
        return marks.piece("Spine grid, " + face(), width, heightMm);
    }

    /** The whole cover opened flat. */
    Piece cover() {
        CoverSize size = plan.coverSize().orElseThrow();
        double width = size.width().mm();
        double fromOutside = size.spineLeft().mm();
        double left = inside ? width - fromOutside - cover.width().mm() : fromOutside;
        Marks marks = new Marks().outline(width, heightMm);
        holes(marks, left);
        sides(marks, left - 4, left + cover.width().mm() + 6.5);
        marks.words(3, 6, "HEAD", Marks.SIDE_MM)
                .words(3, heightMm - 3, "TAIL", Marks.SIDE_MM)
                .head(width - 6, 1);
        marks.words(
                3,
                12,
                shown(size.width()) + " × " + shown(cover.height()) + ", spine " + shown(cover.width()) + ", " + face(),
                Marks.MEASURE_MM);
        return marks.piece("Cover, " + face(), width, heightMm);
    }

    private void sides(Marks marks, double left, double right) {
        double middle = Marks.widestGap(stations);
        marks.turned(left, middle, inside ? "FRONT" : "BACK", Marks.SIDE_MM);
        marks.turned(right, middle, (inside ? "BACK" : "FRONT") + ", " + face(), Marks.SIDE_MM);
    }

    private void holes(Marks marks, double left) {
        double spine = cover.width().mm();
        marks.line(left, 0, left, heightMm, Pen.FOLD).line(left + spine, 0, left + spine, heightMm, Pen.FOLD);
        for (int station = 1; station <= stations.count(); station++) {
            double y = stations.at(station).mm();
            marks.line(left - 3, y, left + spine + 3, y, Pen.NOTE);
            marks.words(left + spine + 0.8, y - 1, Integer.toString(station), 2.4);
            marks.words(left - MARGIN_MM + 0.6, y - 0.8, shown(stations.at(station)), 2);
            for (Length row : rows.fromLeft()) {
                marks.hole(left + row.mm(), y, cover.hole().mm());
            }
        }
        rowNames(marks, left);
    }

    /** Each row's number in the book and its distance from the left edge as it lies, above the first station. */
    private void rowNames(Marks marks, double left) {
        double first = stations.at(1).mm();
        double last = stations.at(stations.count()).mm();
        IntStream.range(0, rows.count()).forEach(i -> {
            double x = left + rows.fromLeft().get(i).mm();
            marks.line(x, Math.max(0, first - 3), x, Math.min(heightMm, last + 3), Pen.NOTE);
            int number = inside ? i + 1 : rows.count() - i;
            // neighbours stand at two heights, so that close rows stay legible
            double above = first - 4 - (i % 2) * 2.6;
            marks.middle(x, Math.max(3, above), Integer.toString(number), 2.4);
            marks.turned(
                    x + 0.7,
                    Math.min(heightMm - 6, last + 9),
                    shown(rows.fromLeft().get(i)),
                    2);
        });
    }
}
