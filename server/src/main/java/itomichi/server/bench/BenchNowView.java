package itomichi.server.bench;

import itomichi.server.days.DaysView.BenchItem;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is to be known when one comes to the bench.
 *
 * @param next what is done the next time there; left out where nothing is planned
 * @param left where the thread was left, the last changed first
 * @param lacking what runs short of what all books on the bench want
 */
record BenchNowView(@Nullable NextTimeView next, List<ThreadLeftView> left, RunsShortView lacking) {

    /**
     * The next time at the bench.
     *
     * @param day how it is called
     * @param items the first of what is done then
     * @param more how many more there are
     */
    record NextTimeView(String day, boolean today, List<BenchItem> items, int more) {}

    /** A book that is being sewn: the move that comes next, of so many. */
    record ThreadLeftView(UUID book, String name, int move, int moves) {}

    /** The first of what lacks, and how many more there are. */
    record RunsShortView(List<LacksView> first, int more) {}

    /** Something that lacks, and how much of it, with its unit. */
    record LacksView(String name, String lacks) {}
}
