package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Pen;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.station.SideHole;

/** The template for holes through the side of a block: its left edge lies on the spine edge of the front. */
final class SidePieces {

    private static final double PAST_MM = 14;

    private final Holes.ThroughSide holes;
    private final Unit unit;

    SidePieces(BookPlan plan, Holes.ThroughSide holes) {
        this.holes = holes;
        this.unit = plan.spec().title().unit();
    }

    private String shown(Length length) {
        return length.at(Fineness.MARK).in(unit);
    }

    Piece strip() {
        double height = holes.height().mm();
        double farthest = holes.holes().stream()
                .map(SideHole::fromSpine)
                .mapToDouble(Length::mm)
                .max()
                .orElse(0);
        double crease = holes.crease().length().mm();
        double width = Math.max(Math.max(farthest, crease) + PAST_MM, 30);
        Marks marks = new Marks().outline(width, height);
        marks.line(crease, 0, crease, height, Pen.JOIN);
        marks.turned(crease + 3.4, height / 2, "pages crease here", Marks.MEASURE_MM);
        marks.turned(3, height / 2, "SPINE", Marks.MEASURE_MM);
        marks.turned(width - 1.5, height / 2, "fore edge this way, the front up", Marks.MEASURE_MM);
        marks.words(2, 4, "HEAD", Marks.MEASURE_MM).words(2, height - 1.5, "TAIL", Marks.MEASURE_MM);
        marks.head(width - 4, 1);
        for (int i = 0; i < holes.holes().size(); i++) {
            SideHole hole = holes.holes().get(i);
            double x = hole.fromSpine().mm();
            double y = hole.fromHead().mm();
            marks.hole(x, y, holes.hole().mm());
            marks.words(x + 2.6, y - 0.6, Integer.toString(i + 1), 2.6);
            marks.words(x + 2.6, y + 2.2, shown(hole.fromHead()), 2);
        }
        return marks.piece("Stab strip", width, height);
    }
}
