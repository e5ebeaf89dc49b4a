package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.cover.CoverLook;
import itomichi.cover.CoverPiece;
import itomichi.cover.FlatPoint;
import itomichi.cover.Outline;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.CutList;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is cut for a book, as a list to lay on the table, with its cover drawn to a scale that is printed beside it; and each piece of
 * the cover at true size.
 */
public final class CoverSheet {

    private static final double EDGE_MM = 14;
    private static final double TITLE_MM = 5.2;
    private static final double WORDS_MM = 3.4;
    private static final double NAME_MM = 2.8;
    private static final double ROW_MM = 6.4;
    /** Where the columns begin, as shares of the width. */
    private static final double[] COLUMNS = {0, 0.38, 0.58, 0.64, 0.82};
    /** Room around a piece that is drawn at true size. */
    private static final double AROUND_MM = 2;

    private final BookPlan plan;
    private final PrintPaper paper;
    private final LocalDate date;
    private final int revision;
    private final Unit unit;
    private final List<Drawing.Page> pages = new ArrayList<>();
    private List<Shape> shapes = new ArrayList<>();

    private CoverSheet(BookPlan plan, PrintPaper paper, LocalDate date, int revision) {
        this.plan = plan;
        this.paper = paper;
        this.date = date;
        this.revision = revision;
        this.unit = plan.spec().title().unit();
    }

    /**
     * The cut list of a book.
     *
     * @param plan the book
     * @param paper what it is printed on
     * @param date the day printed on it
     * @param revision the revision of the book printed on it
     */
    public static Drawing list(BookPlan plan, PrintPaper paper, LocalDate date, int revision) {
        return new CoverSheet(plan, paper, date, revision).list();
    }

    /**
     * A piece of the cover at true size, on a page a little larger than it.
     *
     * @param plan the book
     * @param key of the piece, or of a jig
     * @return nothing where its cover has neither
     */
    public static Optional<Drawing.Page> piece(BookPlan plan, String key) {
        return Stream.concat(plan.covering().work().pieces().stream(), plan.covering().work().jigs().stream())
                .filter(piece -> piece.key().equals(key))
                .findFirst()
                .map(piece -> trueSize(piece, plan.spec().title().unit()));
    }

    private static Drawing.Page trueSize(CoverPiece piece, Unit unit) {
        List<Shape> drawn = new ArrayList<>();
        outline(drawn, piece.corners(), Pen.CUT, 1, AROUND_MM, AROUND_MM);
        for (Outline fold : piece.folds()) {
            outline(
                    drawn,
                    fold.points(),
                    fold.role() == Outline.Role.CUT ? Pen.CUT : Pen.FOLD,
                    1,
                    AROUND_MM,
                    AROUND_MM);
        }
        double widthMm = piece.wide().mm();
        double heightMm = piece.high().mm();
        String words = piece.name() + ", " + shown(piece.wide(), unit) + " × " + shown(piece.high(), unit) + ", "
                + piece.stuff().words() + ", " + piece.count() + " of it; grain along the height";
        // a narrow piece is written along
        boolean turned = widthMm < heightMm / 2;
        double room = (turned ? heightMm : widthMm) - 8;
        double size = Math.min(WORDS_MM, room / Math.max(1, words.length()) / TextColumn.LETTER);
        drawn.add(new Shape.Words(
                AROUND_MM + widthMm / 2, AROUND_MM + heightMm / 2, words, Math.max(1.2, size), true, turned));
        return new Drawing.Page(widthMm + 2 * AROUND_MM, heightMm + 2 * AROUND_MM, drawn);
    }

    private static String shown(Length length, Unit unit) {
        return length.at(Fineness.CUT).in(unit);
    }

    private static void outline(
            List<Shape> shapes, List<FlatPoint> points, Pen pen, double scale, double leftMm, double topMm) {
        int last = points.size() == 2 ? 1 : points.size();
        for (int i = 0; i < last; i++) {
            FlatPoint from = points.get(i);
            FlatPoint to = points.get((i + 1) % points.size());
            shapes.add(new Shape.Line(
                    leftMm + from.xMm() * scale,
                    topMm + from.yMm() * scale,
                    leftMm + to.xMm() * scale,
                    topMm + to.yMm() * scale,
                    pen));
        }
    }

    private Drawing list() {
        double y = heading();
        y = row(y, List.of("Piece", "From", "No.", "Across the grain", "Along the grain"));
        List<CutList.Row> cuts = CutList.of(plan.worked());
        for (CutList.Row cut : cuts) {
            if (y > paper.heightMm() - EDGE_MM - ROW_MM) {
                y = turn();
            }
            y = row(
                    y,
                    List.of(
                            cut.name(),
                            cut.source(),
                            Integer.toString(cut.count()),
                            cut.width().in(unit),
                            cut.height().in(unit)));
        }
        y = notes(cuts, y + 3);
        drawing(y + 4);
        turn();
        return new Drawing("Cut list: " + plan.spec().title().name(), pages);
    }

    private double heading() {
        TextColumn column = new TextColumn(shapes, EDGE_MM, EDGE_MM + 4, paper.widthMm() - 2 * EDGE_MM);
        column.words(plan.spec().title().name(), TITLE_MM).gap(1);
        column.words("Cut list. " + plan.covering().kind().name(), WORDS_MM);
        column.words(date + ", revision " + revision, WORDS_MM);
        return column.yMm() + 5;
    }

    private double row(double y, List<String> cells) {
        double width = paper.widthMm() - 2 * EDGE_MM;
        for (int i = 0; i < cells.size(); i++) {
            String cell = cells.get(i);
            double room = (i + 1 < COLUMNS.length ? COLUMNS[i + 1] - COLUMNS[i] : 1 - COLUMNS[i]) * width - 2;
            double size = Math.min(WORDS_MM, room / Math.max(1, cell.length()) / 0.5);
            shapes.add(new Shape.Words(EDGE_MM + COLUMNS[i] * width, y, cell, Math.max(1.6, size), false, false));
        }
        shapes.add(new Shape.Line(EDGE_MM, y + 2, EDGE_MM + width, y + 2, Pen.NOTE));
        return y + ROW_MM;
    }

    private double notes(List<CutList.Row> cuts, double y) {
        TextColumn column = new TextColumn(shapes, EDGE_MM, y, paper.widthMm() - 2 * EDGE_MM);
        boolean ownBlock = plan.covering().work().size().isEmpty();
        cuts.stream()
                .filter(cut -> cut.key().equals("board") || cut.key().equals("cover"))
                .findFirst()
                .ifPresent(cut -> column.words(
                        "Sizes of the cover are worked out from " + cut.from().words() + "."
                                + (ownBlock && cut.from() == CutList.From.PLAN
                                        ? " Measure the sewn block before you cut."
                                        : ""),
                        WORDS_MM));
        column.words(CutList.CARE, WORDS_MM);
        return column.yMm();
    }

    /** The cover opened flat, in what is left of the page or on one of its own. */
    private void drawing(double topMm) {
        Optional<CoverLook> opened = plan.covering().work().look(CoverLook.View.OPENED_INSIDE);
        if (opened.isEmpty()) {
            return;
        }
        CoverLook look = opened.get();
        double top = topMm;
        double least = 60;
        if (paper.heightMm() - EDGE_MM - 8 - top < least) {
            top = turn();
        }
        double scale = Math.min(
                1,
                Math.min(
                        (paper.widthMm() - 2 * EDGE_MM) / look.widthMm(),
                        (paper.heightMm() - EDGE_MM - 10 - top) / look.heightMm()));
        for (Outline outline : look.outlines()) {
            outline(shapes, outline.points(), pen(outline), scale, EDGE_MM, top);
            name(outline, scale, top);
        }
        shapes.add(new Shape.Words(
                EDGE_MM,
                top + look.heightMm() * scale + 5,
                "The cover " + look.view().words() + ", drawn 1 : " + String.format(Locale.ROOT, "%.1f", 1 / scale),
                WORDS_MM,
                false,
                false));
    }

    /** In the middle of what it names; what lies under something else is named at its foot. */
    private void name(Outline outline, double scale, double top) {
        double left =
                outline.points().stream().mapToDouble(FlatPoint::xMm).min().orElse(0) * scale;
        double right =
                outline.points().stream().mapToDouble(FlatPoint::xMm).max().orElse(0) * scale;
        double head =
                outline.points().stream().mapToDouble(FlatPoint::yMm).min().orElse(0) * scale;
        double tail =
                outline.points().stream().mapToDouble(FlatPoint::yMm).max().orElse(0) * scale;
        double along = outline.name().length() * NAME_MM * TextColumn.LETTER;
        boolean turned = along > right - left;
        if (outline.name().isEmpty() || (turned && (along > tail - head || right - left < NAME_MM))) {
            return;
        }
        double y = outline.hidden() ? tail - 3 : (head + tail) / 2;
        shapes.add(new Shape.Words(EDGE_MM + (left + right) / 2, top + y, outline.name(), NAME_MM, true, turned));
    }

    private static Pen pen(Outline outline) {
        return switch (outline.role()) {
            case FOLD -> Pen.FOLD;
            case CUT -> Pen.CUT;
            case THREAD -> Pen.THREAD;
            case COVERING -> Pen.CUT;
            case BOARD, LINING, PAPER, BLOCK -> outline.hidden() ? Pen.JOIN : Pen.NOTE;
        };
    }

    /** Ends the page and begins another; answers where that begins. */
    private double turn() {
        pages.add(new Drawing.Page(paper.widthMm(), paper.heightMm(), shapes));
        shapes = new ArrayList<>();
        return EDGE_MM + 4;
    }
}
