package itomichi.documents.drawing;

import java.util.AbstractList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * Pages to be printed at true size.
 *
 * @param title what it is, for the reader of the file
 * @param pages its pages, at least one
 */
public record Drawing(String title, List<Page> pages) {

    public Drawing {
        pages = pages instanceof PagesOnDemand ? pages : List.copyOf(pages);
        if (pages.isEmpty()) {
            throw new IllegalArgumentException("A drawing needs a page; read none in \u201c" + title + "\u201d");
        }
    }

    /**
     * A drawing whose pages are drawn when they are asked for, and not kept: a book of thousands of moves has more on its pages than the
     * memory should hold at once.
     *
     * @param number how many pages there are, at least one
     * @param page draws the page of an index from 0; the same each time
     */
    public static Drawing onDemand(String title, int number, IntFunction<Page> page) {
        return new Drawing(title, new PagesOnDemand(number, page));
    }

    private static final class PagesOnDemand extends AbstractList<Page> {
        private final int number;
        private final IntFunction<Page> page;

        PagesOnDemand(int number, IntFunction<Page> page) {
            this.number = number;
            this.page = page;
        }

        @Override
        public Page get(int index) {
            return page.apply(index);
        }

        @Override
        public int size() {
            return number;
        }
    }

    /**
     * One page. The origin is its upper left corner, x runs right and y down, in mm.
     *
     * @param widthMm width of the paper
     * @param heightMm height of the paper
     * @param shapes what is on it, the lowest first
     */
    public record Page(double widthMm, double heightMm, List<Shape> shapes) {
        public Page {
            shapes = List.copyOf(shapes);
        }
    }
}
