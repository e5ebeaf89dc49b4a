package itomichi.documents.drawing;

import java.util.List;

/**
 * Pages to be printed at true size.
 *
 * @param title what it is, for the reader of the file
 * @param pages its pages, at least one
 */
public record Drawing(String title, List<Page> pages) {

    public Drawing {
        pages = List.copyOf(pages);
        if (pages.isEmpty()) {
            throw new IllegalArgumentException("A drawing needs a page; read none in \u201c" + title + "\u201d");
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
