package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Fineness;
import itomichi.measure.Unit;
import itomichi.path.Strand;
import itomichi.path.Strands;
import itomichi.plan.SewingPlan;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.util.ArrayList;
import java.util.List;

/**
 * The sewing on paper for hands that do it for the first time: one move to a picture, both faces, in black so that it copies well.
 *
 * <p>Signatures in the middle that are sewn like the ones before are not drawn again; a line says so.
 */
public final class Handout {

    private static final double EDGE_MM = 12;
    private static final double BETWEEN_MM = 6;
    private static final double FOOT_MM = 6;

    private final BookPlan plan;
    private final SewingPlan sewing;
    private final Form form;
    private final boolean leftHanded;
    private final PrintPaper paper;
    private final Unit unit;
    private final double cellWidthMm;
    /** The same on every page. */
    private final List<Shape> headingShapes = new ArrayList<>();

    private final double headingMm;

    /** How it is laid out. */
    public enum Form {
        /** The same upon each half of the paper, to be cut apart. */
        TWO_TO_A_SHEET("two to a sheet", 2, 2, 2, 3.6, 1.4, true),
        /** To be hung up. */
        WALL("for the wall", 1, 2, 1, 7, 3, true),
        /** For whoever reads another language, or none. */
        WORDLESS("without words", 1, 4, 2, 4, 1.6, false);

        private final String words;
        private final int times;
        private final int rows;
        private final int columns;
        private final double lettersMm;
        private final double large;
        private final boolean worded;

        Form(String words, int times, int rows, int columns, double lettersMm, double large, boolean worded) {
            this.words = words;
            this.times = times;
            this.rows = rows;
            this.columns = columns;
            this.lettersMm = lettersMm;
            this.large = large;
            this.worded = worded;
        }

        /** What it is called. */
        public String words() {
            return words;
        }

        private int onPage() {
            return rows * columns;
        }
    }

    private Handout(BookPlan plan, Form form, boolean leftHanded, PrintPaper paper) {
        this.plan = plan;
        this.sewing = plan.sewn();
        this.form = form;
        this.leftHanded = leftHanded;
        this.paper = paper;
        this.unit = plan.spec().title().unit();
        this.cellWidthMm = (paper.widthMm() - 2 * EDGE_MM - (form.columns - 1) * BETWEEN_MM) / form.columns;
        this.headingMm = form.worded ? heading(headingShapes) + BETWEEN_MM / 2 : 0;
    }

    /**
     * Draws it.
     *
     * @param plan the book
     * @param leftHanded whether the needle is in the left hand: the head lies to the right, in pictures and in words
     * @param paper the paper it is printed on
     * @throws IllegalStateException if the book cannot be sewn as it is
     */
    public static Drawing draw(BookPlan plan, Form form, boolean leftHanded, PrintPaper paper) {
        return new Handout(plan, form, leftHanded, paper).draw();
    }

    /** A picture with its words, or words alone; drawn into the room it has. */
    private interface Cell {
        void draw(List<Shape> shapes, double leftMm, double topMm);
    }

    private double partHeightMm() {
        return paper.heightMm() / form.times;
    }

    private double cellHeightMm() {
        return (partHeightMm() - 2 * EDGE_MM - headingMm - FOOT_MM - (form.rows - 1) * BETWEEN_MM) / form.rows;
    }

    private Drawing draw() {
        List<Cell> cells = cells();
        int pages = (cells.size() + form.onPage() - 1) / form.onPage();
        return Drawing.onDemand(
                plan.spec().title().name() + ", " + form.words,
                pages,
                number -> page(
                        cells.subList(number * form.onPage(), Math.min(cells.size(), (number + 1) * form.onPage())),
                        number + 1,
                        pages));
    }

    private List<Cell> cells() {
        List<StepLine> steps = StepLines.of(sewing);
        List<List<Strand>> strands =
                Strands.bySteps(steps.stream().map(StepLine::step).toList(), sewing.frame());
        Repeated repeated = Repeated.of(steps, sewing.choice().signatures());
        Picture picture = Picture.of(sewing, cellWidthMm, new Picture.Manner(leftHanded, true, form.large));
        List<Cell> cells = new ArrayList<>();
        boolean said = false;
        for (int i = 0; i < steps.size(); i++) {
            int signature = Repeated.signature(steps.get(i));
            boolean like = repeated.like(signature);
            if (!like) {
                cells.add(move(picture, steps, strands, i));
            } else if (!said && form.worded) {
                String words = repeated.words(signature);
                cells.add((shapes, left, top) ->
                        new TextColumn(shapes, left, top + form.lettersMm, cellWidthMm).words(words, form.lettersMm));
            }
            said = like;
        }
        return cells;
    }

    private Cell move(Picture picture, List<StepLine> steps, List<List<Strand>> strands, int at) {
        StepLine step = steps.get(at);
        return (shapes, left, top) -> {
            shapes.add(new Shape.Words(
                    left,
                    top + form.lettersMm * 1.3,
                    Integer.toString(step.step().number()),
                    form.lettersMm * 1.6,
                    false,
                    false));
            double below = top + form.lettersMm * 1.8;
            picture.draw(shapes, left, below, Repeated.signature(step), steps, strands, at, at + 1);
            if (form.worded) {
                new TextColumn(shapes, left, below + picture.heightMm() + form.lettersMm, cellWidthMm)
                        .words(words(step), form.lettersMm);
            }
        };
    }

    private String words(StepLine step) {
        return (leftHanded ? step.turned() : step.plain()).in(unit);
    }

    private Drawing.Page page(List<Cell> cells, int number, int pages) {
        List<Shape> shapes = new ArrayList<>();
        List<Shape> part = part(cells, number, pages);
        for (int time = 0; time < form.times; time++) {
            shapes.add(new Shape.Again(part, 0, time * partHeightMm()));
        }
        if (form.times > 1) {
            shapes.add(new Shape.Line(0, partHeightMm(), paper.widthMm(), partHeightMm(), Pen.CUT));
        }
        return new Drawing.Page(paper.widthMm(), paper.heightMm(), shapes);
    }

    private List<Shape> part(List<Cell> cells, int number, int pages) {
        List<Shape> shapes = new ArrayList<>();
        if (form.worded) {
            shapes.add(new Shape.Again(headingShapes, 0, 0));
        }
        for (int i = 0; i < cells.size(); i++) {
            int row = i / form.columns;
            double left = EDGE_MM + i % form.columns * (cellWidthMm + BETWEEN_MM);
            double top = EDGE_MM + headingMm + row * (cellHeightMm() + BETWEEN_MM);
            cells.get(i).draw(shapes, left, top);
        }
        String foot = form.worded
                ? plan.spec().title().name() + (pages > 1 ? ", page " + number + " of " + pages : "")
                : Integer.toString(number);
        shapes.add(new Shape.Words(paper.widthMm() / 2, partHeightMm() - EDGE_MM / 2, foot, 2.8, true, false));
        return shapes;
    }

    /** Sets the heading, and says where it ends. */
    private double heading(List<Shape> shapes) {
        String thread = sewing.need().pieces().get(0).at(Fineness.THREAD).in(unit);
        return new TextColumn(shapes, EDGE_MM, EDGE_MM + form.lettersMm, paper.widthMm() - 2 * EDGE_MM)
                        .words(
                                plan.spec().title().name() + ". Thread: " + thread + ". The head lies to the "
                                        + (leftHanded ? "right, for left hands." : "left."),
                                form.lettersMm)
                        .words(
                                "Thin: sewn before. Thick: this move. Dashed: on the other face. A ring: the needle goes away through this hole (cross), or comes (dot).",
                                form.lettersMm * 0.7)
                        .yMm()
                - form.lettersMm
                - EDGE_MM;
    }
}
