package itomichi.cover;

import java.util.List;

/**
 * The sewn block that a cover is made to, in the hand or as planned.
 *
 * @param height of a leaf, from head to tail
 * @param width of a leaf, from the spine to the fore edge
 * @param spine thickness at the spine, with the thread in it
 * @param foreEdge thickness at the fore edge, with what is pasted in
 * @param board thickness of a board
 */
public record SewnBlock(Dimension height, Dimension width, Dimension spine, Dimension foreEdge, Dimension board) {

    /** All of them, in the order in which they are measured. */
    public List<Dimension> all() {
        return List.of(height, width, spine, foreEdge, board);
    }

    double thickestMm() {
        return Math.max(spine.length().mm(), foreEdge.length().mm());
    }
}
