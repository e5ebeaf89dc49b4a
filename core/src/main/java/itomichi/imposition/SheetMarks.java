package itomichi.imposition;

import itomichi.plan.Holes;
import itomichi.punching.Collation;
import itomichi.spec.PrintWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** What is printed besides the text: in the waste of the printer's sheet, and on folds. */
final class SheetMarks {

    /** Clear of what is cut, as long as is found again with a knife: common practice, no source. */
    private static final double CLEAR = 2;

    private static final double LONGEST = 5;
    private static final double LEAST = 1;
    /** A tick is covered by the hole and its thread. */
    private static final double TICK = 2;

    private static final double LETTERS = 2.6;

    private final PrintWish wish;
    private final Optional<Holes.InFolds> holes;

    SheetMarks(PrintWish wish, Optional<Holes.InFolds> holes) {
        this.wish = wish;
        this.holes = holes;
    }

    private boolean wanted(PrintWish.Mark mark) {
        return wish.marks().contains(mark);
    }

    /** Where all that lies on a printer's sheet is cut out. */
    List<Mark> crop(PrinterGrid grid, List<Box> cells) {
        if (!wanted(PrintWish.Mark.CROP)) {
            return List.of();
        }
        TreeSet<Double> across = new TreeSet<>();
        TreeSet<Double> down = new TreeSet<>();
        for (Box cell : cells) {
            across.add(cell.x());
            across.add(cell.right());
            down.add(cell.y());
            down.add(cell.bottom());
        }
        Box all = new Box(across.first(), down.first(), across.last() - across.first(), down.last() - down.first());
        List<Mark> marks = new ArrayList<>();
        across.forEach(x -> upright(marks, Mark.Kind.CROP, grid, all, x));
        down.forEach(y -> level(marks, grid, all, y));
        return marks;
    }

    private static void upright(List<Mark> marks, Mark.Kind kind, PrinterGrid grid, Box all, double x) {
        double above = length(grid, all.y());
        double below = length(grid, grid.height() - all.bottom());
        if (above >= LEAST) {
            marks.add(new Mark.Line(kind, x, all.y() - CLEAR, x, all.y() - CLEAR - above));
        }
        if (below >= LEAST) {
            marks.add(new Mark.Line(kind, x, all.bottom() + CLEAR, x, all.bottom() + CLEAR + below));
        }
    }

    private static void level(List<Mark> marks, PrinterGrid grid, Box all, double y) {
        double before = length(grid, all.x());
        double after = length(grid, grid.width() - all.right());
        if (before >= LEAST) {
            marks.add(new Mark.Line(Mark.Kind.CROP, all.x() - CLEAR, y, all.x() - CLEAR - before, y));
        }
        if (after >= LEAST) {
            marks.add(new Mark.Line(Mark.Kind.CROP, all.right() + CLEAR, y, all.right() + CLEAR + after, y));
        }
    }

    private static double length(PrinterGrid grid, double free) {
        return Math.min(LONGEST, free - CLEAR - grid.unprintable());
    }

    /** Whether there is room round all that lies on a printer's sheet for the marks that stand outside it. */
    static boolean room(PrinterGrid grid, List<Box> cells) {
        double top = cells.stream().mapToDouble(Box::y).min().orElse(0);
        return length(grid, top) >= LEAST;
    }

    /** What stands on one opened sheet, where it lies. */
    List<Mark> on(PrinterGrid grid, Box cell, OpenedSheet sheet, boolean inner) {
        List<Mark> marks = new ArrayList<>();
        double fold = cell.x() + sheet.foldFrom(inner);
        if (sheet.folded() && wanted(PrintWish.Mark.FOLD)) {
            upright(marks, Mark.Kind.FOLD, grid, cell, fold);
        }
        if (wanted(PrintWish.Mark.NAMES)) {
            name(marks, grid, cell, sheet, inner);
        }
        holes.ifPresent(folds -> onFold(marks, folds, cell, fold, sheet, inner));
        return marks;
    }

    private void onFold(
            List<Mark> marks, Holes.InFolds folds, Box cell, double fold, OpenedSheet sheet, boolean inner) {
        Holes.Fold own = folds.folds().get(sheet.signature() - 1);
        double head = cell.y() + sheet.trim().mm() - own.head().mm();
        if (inner && sheet.innermost() && wanted(PrintWish.Mark.STATIONS)) {
            for (int station : own.stations()) {
                double y = head + folds.stations().fromHead().get(station - 1).mm();
                marks.add(new Mark.Line(Mark.Kind.STATION, fold - TICK / 2, y, fold + TICK / 2, y));
            }
        }
        if (!inner && sheet.outermost() && wanted(PrintWish.Mark.COLLATION)) {
            folds.collation().ifPresent(steps -> marks.add(bar(steps, sheet.signature(), fold, head)));
        }
    }

    private static Mark bar(Collation steps, int signature, double fold, double head) {
        double y = head + steps.fromHead().get(signature - 1).mm();
        return new Mark.Line(
                Mark.Kind.COLLATION, fold, y, fold, y + steps.step().mm());
    }

    /** Above or below the sheet, where nothing else lies. */
    private void name(List<Mark> marks, PrinterGrid grid, Box cell, OpenedSheet sheet, boolean inner) {
        String words = sheet.words() + (inner ? ", inside" : ", outside");
        double room = CLEAR + LETTERS + grid.unprintable();
        double quarter = cell.x() + cell.width() / 4;
        boolean top = grid.cells().stream().allMatch(other -> other.y() >= cell.y() - LEAST);
        boolean bottom = grid.cells().stream().allMatch(other -> other.y() <= cell.y() + LEAST);
        if (top && cell.y() >= room) {
            marks.add(new Mark.Words(words, quarter, cell.y() - CLEAR, LETTERS));
        } else if (bottom && grid.height() - cell.bottom() >= room) {
            marks.add(new Mark.Words(words, quarter, cell.bottom() + CLEAR + LETTERS * 0.8, LETTERS));
        } else if (sheet.trim().mm() >= CLEAR + LETTERS) {
            marks.add(new Mark.Words(words, quarter, cell.y() + LETTERS, LETTERS));
        }
    }
}
