package itomichi.documents.sheets;

import itomichi.documents.drawing.Shape;
import java.util.List;

/**
 * A template at true size, before it is laid on paper. The origin is its upper left corner, x runs right and y down, in mm.
 *
 * @param name what it is
 * @param widthMm its width
 * @param heightMm its height
 * @param shapes what is on it
 * @param keepX places across it where no joint of two tiles should come to lie
 * @param keepY places down it
 */
public record Piece(
        String name, double widthMm, double heightMm, List<Shape> shapes, List<Double> keepX, List<Double> keepY) {

    public Piece {
        shapes = List.copyOf(shapes);
        keepX = List.copyOf(keepX);
        keepY = List.copyOf(keepY);
    }
}
