package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.finding.Remark;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.BookPlan;
import itomichi.plan.SewingPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * The strip that is cut out, folded along its middle, laid in the valley of the fold and punched through.
 *
 * <p>The strip stands upright on the paper at its left; beside it stand the book, the check bars, and what to do. Where it is longer
 * than the paper it goes on over the next page, overlapping so that the two can be laid over each other at the join.
 */
public final class FoldStripSheet {

    /** Edge that printers leave unprinted. */
    private static final double EDGE_MM = 12;
    /** Half the strip, on either side of its fold. */
    private static final double HALF_MM = 17;
    /** Length that two tiles share. */
    private static final double OVERLAP_MM = 20;

    private static final double STRIP_LEFT_MM = EDGE_MM + 3;
    private static final double FOLD_X_MM = STRIP_LEFT_MM + HALF_MM;
    private static final double NOTES_X_MM = STRIP_LEFT_MM + 2 * HALF_MM + 14;
    /** Letters of ordinary words on the strip. */
    private static final double WORDS_MM = 3.2;

    private final BookPlan plan;
    private final SewingPlan sewing;
    private final PrintPaper paper;
    private final PrinterCorrection correction;
    private final LocalDate date;
    private final int revision;
    private final Unit unit;

    private FoldStripSheet(
            BookPlan plan, PrintPaper paper, PrinterCorrection correction, LocalDate date, int revision) {
        this.plan = plan;
        this.sewing = plan.sewn();
        this.paper = paper;
        this.correction = correction;
        this.date = date;
        this.revision = revision;
        this.unit = plan.spec().title().unit();
    }

    /**
     * Draws the strip of a plan.
     *
     * @param plan the plan whose stations are drawn; its sewing must be planned
     * @param paper the paper it is printed on
     * @param correction what the printer needs
     * @param date the day printed on it
     * @param revision the revision of the book printed on it
     */
    public static Drawing draw(
            BookPlan plan, PrintPaper paper, PrinterCorrection correction, LocalDate date, int revision) {
        return new FoldStripSheet(plan, paper, correction, date, revision).draw();
    }

    /** Length of a check bar for a unit: 100 mm or 4 in. */
    public static Length checkBar(Unit unit) {
        return unit == Unit.MM ? Length.ofMm(100) : Length.ofInches(4);
    }

    /** How many pages the strip of such a fold takes. */
    private int tiles(double roomMm) {
        double heightMm = plan.spec().leaf().height().mm();
        return heightMm <= roomMm ? 1 : (int) Math.ceil((heightMm - OVERLAP_MM) / (roomMm - OVERLAP_MM) - 1e-9);
    }

    private Drawing draw() {
        double roomMm = (paper.heightMm() - 2 * EDGE_MM) / correction.along();
        int tiles = tiles(roomMm);
        List<Drawing.Page> pages = new ArrayList<>();
        for (int tile = 0; tile < tiles; tile++) {
            List<Shape> shapes = new ArrayList<>();
            new Tile(shapes, tile, tiles, tile * (roomMm - OVERLAP_MM), roomMm).draw();
            notes(shapes, tile + 1, tiles);
            List<Shape> stretched = shapes.stream()
                    .map(shape -> shape.stretched(correction.across(), correction.along()))
                    .toList();
            pages.add(new Drawing.Page(paper.widthMm(), paper.heightMm(), stretched));
        }
        return new Drawing("Fold strip: " + plan.spec().title().name(), pages);
    }

    private void notes(List<Shape> shapes, int page, int pages) {
        double widthMm = paper.widthMm() / correction.across() - EDGE_MM - NOTES_X_MM;
        Column column = new Column(shapes, NOTES_X_MM, EDGE_MM + 6, widthMm);
        column.words(plan.spec().title().name(), 5.2).gap(1);
        column.words(
                "Fold strip, " + sewing.stations().count() + " stations, fold of "
                        + plan.spec().leaf().height().at(Fineness.MARK).in(unit),
                WORDS_MM);
        column.words(
                date + ", revision " + revision + ", measures in " + (unit == Unit.MM ? "mm" : "inches"), WORDS_MM);
        if (pages > 1) {
            column.words(
                    "Page " + page + " of " + pages
                            + ": lay the pages over each other at the join line, stations and fold meeting.",
                    WORDS_MM);
        }
        plan.remarks().stream()
                .filter(remark -> remark.weight() == Remark.Weight.STOP)
                .forEach(remark -> {
                    column.gap(2).words("STOP. Do not punch from this sheet.", 5.2);
                    column.words(remark.words().in(unit), WORDS_MM);
                });
        column.gap(5).words("Check both bars with a rule before cutting:", WORDS_MM);
        bars(shapes, column.yMm() + 6);
        double barMm = checkBar(unit).mm();
        Column below = new Column(shapes, NOTES_X_MM, column.yMm() + barMm + 22, widthMm);
        below.words(
                "Print at 100 %, without fitting to the page. If a bar is not "
                        + checkBar(unit).at(Fineness.MARK).in(unit)
                        + ", type what it measures into the template stage and print again.",
                WORDS_MM);
        below.gap(2)
                .words(
                        "Cut along the whole lines, fold along the dashed one, lay it in the valley with its head to the head of the "
                                + "signature, and punch where the lines cross the fold. Hole: "
                                + sewing.hole().at(Fineness.BUNDLE).in(unit) + " wide.",
                        WORDS_MM);
        below.gap(2).words("Push the awl away from the hand that holds, into a cradle or foam.", WORDS_MM);
    }

    private void bars(List<Shape> shapes, double topMm) {
        double barMm = checkBar(unit).mm();
        String name = checkBar(unit).at(Fineness.MARK).in(unit);
        double left = NOTES_X_MM + 4;
        shapes.add(new Shape.Line(left, topMm, left + barMm, topMm, Pen.CHECK));
        shapes.add(new Shape.Line(left, topMm - 2, left, topMm + 2, Pen.CHECK));
        shapes.add(new Shape.Line(left + barMm, topMm - 2, left + barMm, topMm + 2, Pen.CHECK));
        shapes.add(new Shape.Words(left + barMm / 2, topMm - 1.2, name, WORDS_MM, true, false));
        double top = topMm + 8;
        shapes.add(new Shape.Line(left, top, left, top + barMm, Pen.CHECK));
        shapes.add(new Shape.Line(left - 2, top, left + 2, top, Pen.CHECK));
        shapes.add(new Shape.Line(left - 2, top + barMm, left + 2, top + barMm, Pen.CHECK));
        shapes.add(new Shape.Words(left + 4, top + barMm / 2, name, WORDS_MM, false, false));
    }

    /** The part of the strip that one page holds. */
    private final class Tile {
        private final List<Shape> shapes;
        private final int number;
        private final int tiles;
        private final double fromMm;
        private final double toMm;

        Tile(List<Shape> shapes, int number, int tiles, double fromMm, double roomMm) {
            this.shapes = shapes;
            this.number = number;
            this.tiles = tiles;
            this.fromMm = fromMm;
            this.toMm = Math.min(plan.spec().leaf().height().mm(), fromMm + roomMm);
        }

        void draw() {
            double top = y(fromMm);
            double bottom = y(toMm);
            upright(STRIP_LEFT_MM, top, bottom, Pen.CUT);
            upright(STRIP_LEFT_MM + 2 * HALF_MM, top, bottom, Pen.CUT);
            upright(FOLD_X_MM, top, bottom, Pen.FOLD);
            end(top, number == 0, "HEAD");
            end(bottom, number == tiles - 1, "TAIL");
            joins();
            for (int station = 1; station <= sewing.stations().count(); station++) {
                station(station, sewing.stations().at(station));
            }
        }

        private double y(double fromHeadMm) {
            return EDGE_MM / correction.along() + fromHeadMm - fromMm;
        }

        private void upright(double x, double top, double bottom, Pen pen) {
            shapes.add(new Shape.Line(x, top, x, bottom, pen));
        }

        private void level(double y, Pen pen) {
            shapes.add(new Shape.Line(STRIP_LEFT_MM, y, STRIP_LEFT_MM + 2 * HALF_MM, y, pen));
        }

        private void end(double y, boolean real, String name) {
            level(y, real ? Pen.CUT : Pen.NOTE);
            if (real) {
                boolean head = name.equals("HEAD");
                double inward = head ? 1 : -1;
                shapes.add(new Shape.Words(STRIP_LEFT_MM + 2, y + (head ? 4.6 : -2), name, 3.6, false, false));
                double tip = STRIP_LEFT_MM + 2 * HALF_MM - 6;
                if (head) {
                    shapes.add(new Shape.Line(tip, y + inward, tip - 2.5, y + 5 * inward, Pen.NOTE));
                    shapes.add(new Shape.Line(tip, y + inward, tip + 2.5, y + 5 * inward, Pen.NOTE));
                }
            }
        }

        /** The line at which this tile meets the one before and the one after. */
        private void joins() {
            if (number > 0) {
                level(y(fromMm + OVERLAP_MM / 2), Pen.JOIN);
                join(fromMm + OVERLAP_MM / 2, number);
            }
            if (number < tiles - 1) {
                level(y(toMm - OVERLAP_MM / 2), Pen.JOIN);
                join(toMm - OVERLAP_MM / 2, number + 1);
            }
        }

        private void join(double fromHeadMm, int name) {
            shapes.add(new Shape.Words(
                    STRIP_LEFT_MM + 2 * HALF_MM + 1.5, y(fromHeadMm) + 1, "join " + name, 2.8, false, false));
        }

        private void station(int station, Length place) {
            double mm = place.mm();
            if (mm < fromMm - 1e-9 || mm > toMm + 1e-9) {
                return;
            }
            level(y(mm), Pen.STATION);
            shapes.add(new Shape.Words(FOLD_X_MM + 2, y(mm) - 1, Integer.toString(station), 4.2, false, false));
            shapes.add(new Shape.Words(
                    FOLD_X_MM + 2, y(mm) + 3.4, place.at(Fineness.MARK).in(unit), 2.8, false, false));
        }
    }
}
