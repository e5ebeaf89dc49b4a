package itomichi.documents.drawing;

/** Something drawn on a page, in mm from its upper left corner. */
public sealed interface Shape {

    /** The same shape, stretched about the page's corner. */
    Shape stretched(double across, double along);

    /** A straight line. */
    record Line(double x1Mm, double y1Mm, double x2Mm, double y2Mm, Pen pen) implements Shape {
        @Override
        public Shape stretched(double across, double along) {
            return new Line(x1Mm * across, y1Mm * along, x2Mm * across, y2Mm * along, pen);
        }
    }

    /**
     * A line of words.
     *
     * @param xMm where it begins, or its middle
     * @param yMm its base line
     * @param text the words
     * @param sizeMm height of the letters' body
     * @param middle whether x is its middle
     * @param turned whether it reads upwards instead of to the right
     */
    record Words(double xMm, double yMm, String text, double sizeMm, boolean middle, boolean turned) implements Shape {
        @Override
        public Shape stretched(double across, double along) {
            return new Words(xMm * across, yMm * along, text, sizeMm, middle, turned);
        }
    }
}
