package itomichi.book;

import itomichi.cutting.CuttingPlan;
import itomichi.gathering.Extent;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.SheetSize;
import itomichi.spec.BookLimits;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A book that comes out of the paper in hand, whole sheets used up.
 *
 * @param name what its size is called
 * @param perSheet sheets of the book that come out of one of the paper
 * @param pages there will be
 * @param waste share of the paper that is not used, 0 to 1
 * @param spec the book
 */
public record FromPaper(String name, int perSheet, int pages, double waste, BookSpec spec) {

    /** Leaves that are halved more often are too small to sew: common practice, no source. */
    private static final int MOST_HALVINGS = 6;
    /** Who wastes more of a sheet than this would rather have larger leaves: common practice, no source. */
    private static final double MUCH = 1 / 3.0;
    /** Nothing smaller is bound: common practice, no source. */
    private static final Length LEAST_WIDTH = Length.ofMm(45);

    /**
     * The books that come out of the paper that this one is of, as many sheets as there are: leaves that are the sheet halved again and
     * again, and leaves of standard sizes; the largest first. A size that wastes much is
     * left out where larger leaves give as many pages.
     *
     * @throws UnfitValueException if its sheets or their number are not known
     */
    public static List<FromPaper> of(BookSpec spec) {
        Supply supply = spec.papers()
                .main()
                .supply()
                .filter(known -> known.have().orElse(0) > 0)
                .orElseThrow(() -> new UnfitValueException(
                        "paper.stock.have",
                        "How large the sheets are and how many there are is wanted; none are known."));
        List<FromPaper> books = new ArrayList<>();
        for (SheetSize leaf : leaves(supply)) {
            if (books.stream().noneMatch(book -> alike(book.spec().leaf(), leaf))) {
                of(spec, supply, leaf).ifPresent(books::add);
            }
        }
        List<FromPaper> all = List.copyOf(books);
        books.removeIf(book -> book.waste() > MUCH && all.stream().anyMatch(other -> other.beats(book)));
        books.sort(Comparator.comparing((FromPaper book) -> area(book.spec().leaf()))
                .reversed());
        return books;
    }

    private static List<SheetSize> leaves(Supply supply) {
        List<SheetSize> leaves = new ArrayList<>(SheetSize.leaves());
        Length one = supply.usableWidth();
        Length other = supply.usableHeight();
        for (int times = 1; times <= MOST_HALVINGS; times++) {
            Length longer = one.isMoreThan(other) ? one : other;
            Length shorter = one.isMoreThan(other) ? other : one;
            one = new Length(longer.micrometres() / 2);
            other = shorter;
            leaves.add(new SheetSize(halved(times), shorter(one, other), one.isMoreThan(other) ? one : other));
        }
        return leaves;
    }

    private static Length shorter(Length one, Length other) {
        return one.isMoreThan(other) ? other : one;
    }

    private static String halved(int times) {
        return times == 1 ? "The sheet folded once" : "The sheet halved " + times + " times";
    }

    /** Whether it has larger leaves and no fewer pages. */
    private boolean beats(FromPaper other) {
        BookSpec.Leaf leaf = spec.leaf();
        BookSpec.Leaf smaller = other.spec.leaf();
        return pages >= other.pages
                && leaf.width().isMoreThan(smaller.width())
                && leaf.height().isMoreThan(smaller.height());
    }

    /** Half a millimetre apart is one size to a knife. */
    private static boolean alike(BookSpec.Leaf leaf, SheetSize size) {
        return Math.abs(leaf.width().micrometres() - size.width().micrometres()) <= 500
                && Math.abs(leaf.height().micrometres() - size.height().micrometres()) <= 500;
    }

    private static double area(BookSpec.Leaf leaf) {
        return leaf.width().mm() * leaf.height().mm();
    }

    private static Optional<FromPaper> of(BookSpec spec, Supply supply, SheetSize leaf) {
        if (LEAST_WIDTH.isMoreThan(leaf.width())) {
            return Optional.empty();
        }
        BookSpec sized = spec.withLeaf(
                new BookSpec.Leaf(leaf.width(), leaf.height(), spec.leaf().trimmed()));
        int perSheet = perSheet(Planner.planUnmended(sized.withExtent(new Extent(Extent.By.SHEETS, 1))), supply);
        int most =
                BookLimits.MOST_PAGES / Extent.pagesPerSheet(spec.bound().form().folded());
        int sheets = Math.min(most, perSheet * supply.have().orElse(0));
        if (sheets == 0) {
            return Optional.empty();
        }
        BookSpec whole = sized.withExtent(new Extent(Extent.By.SHEETS, sheets));
        BookPlan plan = Planner.planUnmended(whole);
        return cutting(plan)
                .filter(cut -> cut.shortOf() == 0)
                .map(cut -> new FromPaper(leaf.name(), perSheet, plan.gathered().pages(), cut.waste(), whole));
    }

    /** Where the grain is known it is kept along the fold; else the sheet is turned as more come out of it. */
    private static int perSheet(BookPlan plan, Supply supply) {
        return cutting(plan)
                .map(CuttingPlan::perSheet)
                .map(out -> supply.grain() == SheetGrain.UNKNOWN ? Math.max(out.right(), out.wrong()) : out.right())
                .orElse(0);
    }

    private static Optional<CuttingPlan> cutting(BookPlan plan) {
        return plan.papers().get(0).cutting();
    }
}
