package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.finding.Remark;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.punching.HoleGroup;
import itomichi.punching.Tool;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Templates of a book, laid together on as few pages as they take.
 *
 * @param plan the book; it must have holes
 * @param kinds the templates wanted; those that the book has no use for are left out
 * @param inside whether a cover is seen from inside
 * @param cards pricking cards wanted, one for each table of a class
 * @param full whether the templates are laid on as often as the pages they take have room, for a batch
 * @param date the day printed on it
 * @param revision of the book
 * @param address where the code leads, if anywhere
 */
public record TemplateSheet(
        BookPlan plan,
        List<TemplateKind> kinds,
        boolean inside,
        int cards,
        boolean full,
        LocalDate date,
        int revision,
        Optional<String> address) {

    private static final int MOST_CARDS = 40;

    public TemplateSheet {
        List<TemplateKind> served = TemplateKind.of(plan);
        kinds = kinds.stream().filter(served::contains).toList();
        cards = Math.max(1, Math.min(cards, MOST_CARDS));
    }

    /** Length of a check bar for a unit: 100 mm or 4 in. */
    public static Length checkBar(Unit unit) {
        return Slip.checkBar(unit);
    }

    /**
     * The sheet as it is printed.
     *
     * @throws IllegalArgumentException if none of the templates wanted serves the book
     */
    public Drawing draw(PrintPaper paper, PrinterCorrection correction) {
        List<Piece> pieces = pieces();
        List<Piece> all = new ArrayList<>();
        all.add(slip().piece());
        all.addAll(pieces);
        return Sheet.draw(
                "Templates: " + plan.spec().title().name(),
                all,
                full ? pieces : List.of(),
                plan.stopped(),
                paper,
                correction);
    }

    /** The templates side by side on one page as large as they need, for a machine that cuts them: not tiled, not corrected. */
    public Drawing.Page flat() {
        List<Shape> shapes = new ArrayList<>();
        double x = 0;
        double height = 0;
        for (Piece piece : pieces()) {
            double left = x;
            piece.shapes().forEach(shape -> shapes.add(shape.moved(left, 0)));
            x += piece.widthMm() + 10;
            height = Math.max(height, piece.heightMm());
        }
        if (plan.stopped()) {
            shapes.add(new Shape.Line(0, 0, x, height, Pen.NOTE));
            shapes.add(new Shape.Words(x / 2, height / 2, "STOP. Do not punch from this.", 12, true, false));
        }
        return new Drawing.Page(x - 10, height, shapes);
    }

    /** The templates at true size, the widest wanted first as they were asked for. */
    public List<Piece> pieces() {
        if (kinds.isEmpty()) {
            throw new IllegalArgumentException("None of these templates serves "
                    + plan.spec().bound().name() + "; there are "
                    + TemplateKind.of(plan).stream().map(TemplateKind::words).toList());
        }
        List<Piece> pieces = new ArrayList<>();
        for (TemplateKind kind : kinds) {
            int times = kind == TemplateKind.PRICKING_CARD ? cards : 1;
            for (int i = 0; i < times; i++) {
                pieces.add(piece(kind));
            }
        }
        return pieces;
    }

    private Piece piece(TemplateKind kind) {
        if (kind == TemplateKind.STAB_STRIP) {
            return new SidePieces(plan, plan.sideHoles().orElseThrow()).strip();
        }
        Holes.InFolds folds = plan.foldHoles().orElseThrow();
        FoldPieces strips = new FoldPieces(plan, folds);
        return switch (kind) {
            case FOLDED_STRIP, STAB_STRIP -> strips.foldedStrip();
            case FLAT_STRIP -> strips.flatStrip();
            case PRICKING_CARD -> strips.prickingCard();
            case SAWING_GUIDE -> strips.sawingGuide();
            case COLLATION -> strips.collation();
            case SPINE_GRID -> cover(folds).grid();
            case COVER -> cover(folds).cover();
        };
    }

    private CoverPieces cover(Holes.InFolds folds) {
        return new CoverPieces(plan, folds, folds.cover().orElseThrow(), inside);
    }

    private Slip slip() {
        Unit unit = plan.spec().title().unit();
        Holes holes = plan.holes().orElseThrow();
        List<String> lines = new ArrayList<>();
        lines.add(plan.spec().bound().name() + ", " + holes.list().holes() + " holes; "
                + holes.match(folds -> "fold of ", side -> "block of ")
                + holes.height().at(Fineness.MARK).in(unit));
        lines.add(kinds.stream()
                .map(TemplateKind::words)
                .reduce((one, other) -> one + ", " + other)
                .orElse(""));
        lines.add(date + ", revision " + revision + ", measures in " + (unit == Unit.MM ? "mm" : "inches"));
        List<String> stops = plan.remarks().stream()
                .filter(remark -> remark.weight() == Remark.Weight.STOP)
                .map(remark -> remark.words().in(unit))
                .toList();
        return new Slip(plan.spec().title().name(), lines, stops, instructions(holes, unit), unit, address);
    }

    private List<String> instructions(Holes holes, Unit unit) {
        List<String> all = new ArrayList<>();
        kinds.stream().map(this::use).distinct().forEach(all::add);
        for (HoleGroup group : holes.groups()) {
            all.add("Through " + group.through().words() + ", " + group.names() + ": "
                    + group.size().length().at(Fineness.BUNDLE).in(unit) + " wide, with "
                    + (group.tool() == Tool.AWL ? "an " : "a ")
                    + group.tool().words() + ".");
        }
        holes.groups().stream().map(group -> group.tool().care()).distinct().forEach(all::add);
        return all;
    }

    private String use(TemplateKind kind) {
        return switch (kind) {
            case FOLDED_STRIP ->
                "Fold strip: cut along the whole lines, fold along the dashed one, lay it in the valley with its head to the head of the signature, and punch where the lines cross the fold.";
            case FLAT_STRIP ->
                "Flat strip: lay its right edge along the opened fold, head to head, and mark or punch at the lines.";
            case SPINE_GRID, COVER ->
                "Lay it on the cover " + (inside ? "from inside" : "from outside")
                        + ", head to head, the dashed lines on the edges of the spine; every crossing is a hole.";
            case STAB_STRIP ->
                "Stab strip: lay its left edge on the spine edge of the front, head to head; clamp before making holes.";
            case SAWING_GUIDE ->
                "Sawing guide: clamp the block, lay the dashed lines on the edges of its spine, saw along each line.";
            case PRICKING_CARD ->
                "Pricking card: lay the fold of the sheets on the dashed line, always the same way round.";
            case COLLATION ->
                "Collation marks: draw each signature’s mark across the outside of its fold; in order they make a stair.";
        };
    }
}
