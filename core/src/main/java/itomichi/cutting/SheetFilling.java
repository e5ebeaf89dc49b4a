package itomichi.cutting;

import itomichi.measure.Length;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Fills one sheet with pieces of several sizes by cuts from edge to edge: the piece of the greatest value that fits is laid into the
 * corner, alone or as a block of its like, what is left is parted by one cut, and both parts are filled in the same way.
 */
final class SheetFilling {

    private final List<Demand> wanted;
    private final Ways ways;
    private final Knife knife;
    private final double[] value;
    private final Turns turns;
    private final int[] left;
    private final int[] laid;
    private final CutPart part;
    private double areaMm2;

    /**
     * How a piece may lie.
     *
     * @param upright with its height along the height of the sheet
     * @param turned with its height along the width of the sheet
     */
    record Ways(boolean upright, boolean turned) {}

    /** A block of pieces that lie alike. */
    private record Block(int kind, boolean turned, int columns, int rows, long width, long height) {
        int pieces() {
            return columns * rows;
        }
    }

    /**
     * Fills a sheet.
     *
     * @param value of a piece of each size; the dearest goes first
     * @param turns what is tried this time where several ways are as good
     * @param left of each size how many are wanted
     */
    SheetFilling(
            StockSheet sheet, List<Demand> wanted, Ways ways, Knife knife, double[] value, Turns turns, int[] left) {
        this.wanted = wanted;
        this.ways = ways;
        this.knife = knife;
        this.value = value;
        this.turns = turns;
        this.left = left.clone();
        this.laid = new int[left.length];
        this.part = fill(sheet.width(), sheet.height());
    }

    /** How the sheet is parted. */
    CutPart part() {
        return part;
    }

    /** Of a size how many lie on it. */
    int laid(int kind) {
        return laid[kind];
    }

    /** How many more sheets can be filled like this one. */
    int more() {
        return IntStream.range(0, laid.length)
                .filter(kind -> laid[kind] > 0)
                .map(kind -> left[kind] / laid[kind])
                .min()
                .orElse(0);
    }

    /** Area of the pieces that lie on it. */
    double areaMm2() {
        return areaMm2;
    }

    /** Whether nothing is wanted any more. */
    boolean last() {
        return IntStream.of(left).allMatch(number -> number == 0);
    }

    private CutPart fill(long width, long height) {
        Block block = best(width, height);
        if (block == null) {
            return new CutPart.Offcut();
        }
        left[block.kind()] -= block.pieces();
        laid[block.kind()] += block.pieces();
        areaMm2 += wanted.get(block.kind()).areaMm2() * block.pieces();
        long right = width - block.width();
        long below = height - block.height();
        if (right == 0 && below == 0) {
            return laid(block);
        }
        if (right == 0) {
            return new CutPart.Parted(true, new Length(block.height()), laid(block), fill(width, below));
        }
        if (below == 0) {
            return new CutPart.Parted(false, new Length(block.width()), laid(block), fill(right, height));
        }
        boolean levelFirst = levelFirst(block, width, height);
        if (levelFirst) {
            // the strip beside the block is as high as it; filled before the larger part, so that small rooms get small
            // pieces
            CutPart beside = fill(right, block.height());
            return new CutPart.Parted(
                    true,
                    new Length(block.height()),
                    new CutPart.Parted(false, new Length(block.width()), laid(block), beside),
                    fill(width, below));
        }
        CutPart under = fill(block.width(), below);
        return new CutPart.Parted(
                false,
                new Length(block.width()),
                new CutPart.Parted(true, new Length(block.height()), laid(block), under),
                fill(right, height));
    }

    /** The cut that leaves the larger part whole, where the knife reaches as far; now and then the other one. */
    private boolean levelFirst(Block block, long width, long height) {
        if (!knife.reaches(width) || !knife.reaches(block.height())) {
            return false;
        }
        if (!knife.reaches(height) || !knife.reaches(block.width())) {
            return true;
        }
        double below = (double) width * (height - block.height());
        double right = (double) (width - block.width()) * height;
        return below >= right != turns.now(4);
    }

    private CutPart laid(Block block) {
        Demand demand = wanted.get(block.kind());
        Length wide = block.turned() ? demand.height() : demand.width();
        Length high = block.turned() ? demand.width() : demand.height();
        CutPart piece = new CutPart.Wanted(block.kind(), wide, high, block.turned());
        CutPart row = inLine(false, wide, piece, block.columns());
        return inLine(true, high, row, block.rows());
    }

    /** So many alike, one beside or below the other. */
    private static CutPart inLine(boolean level, Length size, CutPart part, int number) {
        return CutPart.chain(
                level, Collections.nCopies(number, size), Collections.nCopies(number, part), size.times(number));
    }

    private @Nullable Block best(long width, long height) {
        Block found = null;
        double most = 0;
        for (int kind = 0; kind < left.length; kind++) {
            if (left[kind] == 0) {
                continue;
            }
            Demand demand = wanted.get(kind);
            for (int turned = 0; turned < 2; turned++) {
                if (turned == 0 ? !ways.upright() : !ways.turned()) {
                    continue;
                }
                long wide = (turned == 0 ? demand.width() : demand.height()).micrometres();
                long high = (turned == 0 ? demand.height() : demand.width()).micrometres();
                if (wide > width || high > height) {
                    continue;
                }
                int across = (int) Math.min(left[kind], width / wide);
                int down = (int) Math.min(left[kind], height / high);
                int acrossDown = Math.min(down, left[kind] / across);
                int[][] blocks = {{1, 1}, {across, 1}, {1, down}, {across, acrossDown}};
                for (int[] size : blocks) {
                    Block block = new Block(kind, turned == 1, size[0], size[1], wide * size[0], high * size[1]);
                    double worth = worth(block, width, height);
                    if (worth > most) {
                        most = worth;
                        found = block;
                    }
                }
            }
        }
        return found;
    }

    /** Its piece's value, more where the block fills the part from edge to edge; none where it cannot be cut out. */
    private double worth(Block block, long width, long height) {
        if (!cutOut(block, width, height) || !cutApart(block)) {
            return 0;
        }
        double fills = Math.max((double) block.width() / width, (double) block.height() / height);
        return value[block.kind()] * (0.5 + fills) * turns.about();
    }

    /** Whether the knife reaches along the cuts that part the block from the rest, and leaves no strip too narrow. */
    private boolean cutOut(Block block, long width, long height) {
        long right = width - block.width();
        long below = height - block.height();
        if (!knife.leaves(right) || !knife.leaves(below)) {
            return false;
        }
        if (right == 0) {
            return below == 0 || knife.reaches(width);
        }
        if (below == 0) {
            return knife.reaches(height);
        }
        boolean levelFirst = knife.reaches(width) && knife.reaches(block.height());
        boolean uprightFirst = knife.reaches(height) && knife.reaches(block.width());
        return levelFirst || uprightFirst;
    }

    /** Whether the knife reaches along the cuts that part a block into rows, and the rows into pieces. */
    private boolean cutApart(Block block) {
        boolean rows = block.rows() == 1 || knife.reaches(block.width());
        boolean pieces = block.columns() == 1 || knife.reaches(block.height() / block.rows());
        return rows && pieces;
    }

    /** Whether a piece of that size comes out of an empty sheet. */
    static boolean fits(StockSheet sheet, Demand demand, Ways ways, Knife knife) {
        return new SheetFilling(sheet, List.of(demand), ways, knife, new double[] {1}, Turns.none(), new int[] {1})
                .last();
    }
}
