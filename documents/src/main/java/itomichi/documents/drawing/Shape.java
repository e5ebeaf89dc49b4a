package itomichi.documents.drawing;

import java.util.List;
import java.util.stream.Stream;

/** Something drawn on a page, in mm from its upper left corner. */
public sealed interface Shape {

    /**
     * What shapes are drawn on; a new kind of shape does not compile until every sink can draw it.
     *
     * @param <E> what goes wrong with it
     */
    interface Sink<E extends Exception> {
        void line(Line line) throws E;

        void circle(Circle circle) throws E;

        void block(Block block) throws E;

        void words(Words words) throws E;

        void photo(Photo photo) throws E;

        /** What is drawn again is drawn where it then lies, unless a format can say it shorter. */
        default void again(Again again) throws E {
            for (Shape shape : again.plain().toList()) {
                shape.drawOn(this);
            }
        }
    }

    /**
     * Draws it.
     *
     * @throws E as the sink does
     */
    <E extends Exception> void drawOn(Sink<E> sink) throws E;

    /** The same shape, stretched about the page's corner. */
    Shape stretched(double across, double along);

    /** The same shape, moved. */
    Shape moved(double rightMm, double downMm);

    /** What is drawn, shape by shape: of what is drawn again, each where it then lies. */
    default Stream<Shape> plain() {
        return Stream.of(this);
    }

    /** A straight line. */
    record Line(double x1Mm, double y1Mm, double x2Mm, double y2Mm, Pen pen, Ink ink) implements Shape {
        public Line(double x1Mm, double y1Mm, double x2Mm, double y2Mm, Pen pen) {
            this(x1Mm, y1Mm, x2Mm, y2Mm, pen, Ink.BLACK);
        }

        @Override
        public <E extends Exception> void drawOn(Sink<E> sink) throws E {
            sink.line(this);
        }

        @Override
        public Shape stretched(double across, double along) {
            return new Line(x1Mm * across, y1Mm * along, x2Mm * across, y2Mm * along, pen, ink);
        }

        @Override
        public Shape moved(double rightMm, double downMm) {
            return new Line(x1Mm + rightMm, y1Mm + downMm, x2Mm + rightMm, y2Mm + downMm, pen, ink);
        }
    }

    /** A round hole; it stays round, for what a printer does to so small a thing cannot be seen. */
    record Circle(double xMm, double yMm, double radiusMm, Pen pen, Ink ink) implements Shape {
        @Override
        public <E extends Exception> void drawOn(Sink<E> sink) throws E {
            sink.circle(this);
        }

        @Override
        public Shape stretched(double across, double along) {
            return new Circle(xMm * across, yMm * along, radiusMm, pen, ink);
        }

        @Override
        public Shape moved(double rightMm, double downMm) {
            return new Circle(xMm + rightMm, yMm + downMm, radiusMm, pen, ink);
        }
    }

    /** A filled rectangle, such as a dark part of a code. */
    record Block(double xMm, double yMm, double widthMm, double heightMm) implements Shape {
        @Override
        public <E extends Exception> void drawOn(Sink<E> sink) throws E {
            sink.block(this);
        }

        @Override
        public Shape stretched(double across, double along) {
            return new Block(xMm * across, yMm * along, widthMm * across, heightMm * along);
        }

        @Override
        public Shape moved(double rightMm, double downMm) {
            return new Block(xMm + rightMm, yMm + downMm, widthMm, heightMm);
        }
    }

    /** A photograph, as large as it is printed. */
    record Photo(double xMm, double yMm, double widthMm, double heightMm, Photograph of) implements Shape {
        @Override
        public <E extends Exception> void drawOn(Sink<E> sink) throws E {
            sink.photo(this);
        }

        @Override
        public Shape stretched(double across, double along) {
            return new Photo(xMm * across, yMm * along, widthMm * across, heightMm * along, of);
        }

        @Override
        public Shape moved(double rightMm, double downMm) {
            return new Photo(xMm + rightMm, yMm + downMm, widthMm, heightMm, of);
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
     * @param ink what it is printed in
     */
    record Words(double xMm, double yMm, String text, double sizeMm, boolean middle, boolean turned, Ink ink)
            implements Shape {
        public Words(double xMm, double yMm, String text, double sizeMm, boolean middle, boolean turned) {
            this(xMm, yMm, text, sizeMm, middle, turned, Ink.BLACK);
        }

        @Override
        public <E extends Exception> void drawOn(Sink<E> sink) throws E {
            sink.words(this);
        }

        @Override
        public Shape stretched(double across, double along) {
            return new Words(xMm * across, yMm * along, text, sizeMm, middle, turned, ink);
        }

        @Override
        public Shape moved(double rightMm, double downMm) {
            return new Words(xMm + rightMm, yMm + downMm, text, sizeMm, middle, turned, ink);
        }
    }

    /**
     * Shapes that are drawn several times.
     *
     * @param shapes the same list each time
     * @param rightMm how far to the right of where they were drawn first
     * @param downMm how far below it
     */
    record Again(List<Shape> shapes, double rightMm, double downMm) implements Shape {
        @Override
        public <E extends Exception> void drawOn(Sink<E> sink) throws E {
            sink.again(this);
        }

        @Override
        public Stream<Shape> plain() {
            return shapes.stream().map(shape -> shape.moved(rightMm, downMm)).flatMap(Shape::plain);
        }

        @Override
        public Shape stretched(double across, double along) {
            return new Again(
                    shapes.stream().map(shape -> shape.stretched(across, along)).toList(),
                    rightMm * across,
                    downMm * along);
        }

        @Override
        public Shape moved(double byRightMm, double byDownMm) {
            return new Again(shapes, rightMm + byRightMm, downMm + byDownMm);
        }
    }
}
