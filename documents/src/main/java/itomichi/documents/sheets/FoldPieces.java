package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Pen;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.punching.Collation;
import itomichi.station.Role;
import itomichi.station.Stations;
import java.util.LinkedHashMap;
import java.util.Map;

/** Templates for holes through folds: strips, cards, the sawing guide, collation marks. */
final class FoldPieces {

    /** Half a strip, on either side of its fold. */
    private static final double HALF_MM = 17;

    private static final double CARD_MM = 60;
    private static final double GUIDE_LAP_MM = 15;
    /** A column of collation marks is at least so wide, to be legible. */
    private static final double COLUMN_MM = 4;

    private final BookPlan plan;
    private final Holes.InFolds holes;
    private final Unit unit;
    private final double heightMm;
    private final Stations stations;

    FoldPieces(BookPlan plan, Holes.InFolds holes) {
        this.plan = plan;
        this.holes = holes;
        this.unit = plan.spec().title().unit();
        this.heightMm = holes.punchedHeight().mm();
        this.stations = holes.punched();
    }

    private String shown(Length length) {
        return length.at(Fineness.MARK).in(unit);
    }

    /** Folded along its middle, it sits in the valley of the fold. */
    Piece foldedStrip() {
        Marks marks = new Marks().outline(2 * HALF_MM, heightMm);
        marks.line(HALF_MM, 0, HALF_MM, heightMm, Pen.FOLD);
        ends(marks, 2 * HALF_MM);
        for (int station = 1; station <= stations.count(); station++) {
            double y = stations.at(station).mm();
            marks.line(0, y, 2 * HALF_MM, y, Pen.STATION).keepClearY(y);
            numbered(marks, HALF_MM + 2, y, station);
        }
        unlike(marks, HALF_MM);
        return marks.piece("Fold strip", 2 * HALF_MM, heightMm);
    }

    /** Its right edge is laid along the fold. */
    Piece flatStrip() {
        Marks marks = new Marks().outline(HALF_MM, heightMm);
        ends(marks, HALF_MM);
        for (int station = 1; station <= stations.count(); station++) {
            double y = stations.at(station).mm();
            marks.line(0, y, HALF_MM, y, Pen.STATION).keepClearY(y);
            numbered(marks, 2, y, station);
        }
        marks.turned(HALF_MM - 1.4, Marks.widestGap(stations), "this edge on the fold", Marks.MEASURE_MM);
        unlike(marks, HALF_MM);
        return marks.piece("Flat strip", HALF_MM, heightMm);
    }

    private void ends(Marks marks, double width) {
        marks.words(2, 4.6, "HEAD", width < 20 ? Marks.MEASURE_MM : Marks.SIDE_MM)
                .head(width - 3.5, 1);
        marks.words(2, heightMm - 2, "TAIL", Marks.SIDE_MM);
        double trim = holes.trim().mm();
        if (trim > 0) {
            for (double y : new double[] {trim, heightMm - trim}) {
                marks.line(0, y, width, y, Pen.JOIN).words(width / 2 + 1, y - 0.8, "trim", Marks.MEASURE_MM);
            }
        }
    }

    private void numbered(Marks marks, double x, double y, int station) {
        boolean kettle = holes.roles().get(station - 1) == Role.KETTLE;
        marks.words(x, y - 1, station + (kettle ? " kettle" : ""), kettle ? Marks.SIDE_MM : Marks.NUMBER_MM);
        marks.words(x, y + 3.4, shown(stations.at(station)), Marks.MEASURE_MM);
    }

    /** Where signatures of another height begin and end on the strip. */
    private void unlike(Marks marks, double width) {
        Map<Holes.Fold, StringBuilder> named = new LinkedHashMap<>();
        for (int i = 0; i < holes.folds().size(); i++) {
            Holes.Fold fold = holes.folds().get(i);
            if (!fold.height().equals(holes.height())) {
                StringBuilder numbers = named.computeIfAbsent(fold, any -> new StringBuilder());
                numbers.append(numbers.isEmpty() ? "sig. " : ", ").append(i + 1);
            }
        }
        named.forEach((fold, numbers) -> {
            double head = holes.trim().plus(fold.head()).mm();
            double tail = head + fold.height().mm();
            edge(marks, width, head, numbers + " head");
            edge(marks, width, tail, numbers + " tail");
        });
    }

    private void edge(Marks marks, double width, double y, String words) {
        if (y > 0.5 && y < heightMm - 0.5) {
            marks.line(0, y, width / 2, y, Pen.GRAIN).words(1, y - 0.8, words, 2);
        }
    }

    /** A card of its own for each table of a class: crosses far enough from its edge to be punched through. */
    Piece prickingCard() {
        double width = CARD_MM;
        Marks marks = new Marks().outline(width, heightMm);
        double fold = width / 2;
        marks.line(fold, 0, fold, heightMm, Pen.FOLD);
        marks.words(2, 5, "HEAD", Marks.SIDE_MM)
                .words(2, heightMm - 2, "TAIL", Marks.SIDE_MM)
                .head(width - 5, 1);
        marks.middle(fold / 2, 11, "this side up", Marks.MEASURE_MM);
        marks.middle(fold / 2, 15, "every time", Marks.MEASURE_MM);
        for (int station = 1; station <= stations.count(); station++) {
            double y = stations.at(station).mm();
            marks.hole(fold, y, holes.hole().mm());
            marks.words(fold + 8, y + 1.5, Integer.toString(station), 6);
            marks.words(fold + 14, y + 1.2, shown(stations.at(station)), Marks.MEASURE_MM);
        }
        return marks.piece("Pricking card", width, heightMm);
    }

    /** Laid over the spine of the clamped block; its sides lap round to the first and the last signature. */
    Piece sawingGuide() {
        double spine = ((Gathered.InSignatures) plan.gathered())
                .block()
                .spine()
                .result()
                .number();
        double width = spine + 2 * GUIDE_LAP_MM;
        Marks marks = new Marks().outline(width, heightMm);
        marks.line(GUIDE_LAP_MM, 0, GUIDE_LAP_MM, heightMm, Pen.FOLD);
        marks.line(width - GUIDE_LAP_MM, 0, width - GUIDE_LAP_MM, heightMm, Pen.FOLD);
        marks.words(1.5, 5, "HEAD", Marks.MEASURE_MM).words(1.5, heightMm - 2, "TAIL", Marks.MEASURE_MM);
        marks.head(width - 5, 1);
        for (int station = 1; station <= stations.count(); station++) {
            double y = stations.at(station).mm();
            marks.line(0, y, width, y, Pen.STATION).keepClearY(y);
            marks.words(1, y - 1, Integer.toString(station), Marks.SIDE_MM);
            marks.words(width - GUIDE_LAP_MM + 1, y - 0.8, shown(stations.at(station)), 2.4);
        }
        String depth = holes.kerf().orElseThrow().length().at(Fineness.BUNDLE).in(unit);
        marks.turned(
                width - 1.5, Marks.widestGap(stations), "saw " + depth + " deep, the block clamped", Marks.MEASURE_MM);
        return marks.piece("Sawing guide", width, heightMm);
    }

    /** Steps to be drawn across the folds, one column for each signature, the first at the left. */
    Piece collation() {
        Collation marksOf = holes.collation().orElseThrow();
        int signatures = marksOf.fromHead().size();
        double column = COLUMN_MM;
        double left = 8;
        double width = left + column * signatures + 3;
        Marks marks = new Marks().outline(width, heightMm);
        marks.words(1.5, 4.6, "HEAD", Marks.MEASURE_MM).words(1.5, heightMm - 1.5, "TAIL", Marks.MEASURE_MM);
        double trim = holes.trim().mm();
        for (int i = 0; i < signatures; i++) {
            double x = left + i * column;
            double y = trim + marksOf.fromHead().get(i).mm();
            double bottom = y + marksOf.step().mm();
            marks.line(x, y, x + column, y, Pen.NOTE)
                    .line(x, bottom, x + column, bottom, Pen.NOTE)
                    .line(x, y, x, bottom, Pen.NOTE)
                    .line(x + column, y, x + column, bottom, Pen.NOTE);
            marks.middle(x + column / 2, y - 1, Integer.toString(i + 1), 2);
        }
        marks.turned(5, heightMm / 2, "signature by signature, across the folds", Marks.MEASURE_MM);
        return marks.piece("Collation marks", width, heightMm);
    }
}
