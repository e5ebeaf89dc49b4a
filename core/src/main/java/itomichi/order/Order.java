package itomichi.order;

import itomichi.path.Hole;
import itomichi.path.Move;
import java.util.List;

/** An order, or why there is none. */
public sealed interface Order {

    /**
     * An order.
     *
     * @param moves what is sewn and the passes between, from the first lie of the thread to the last
     */
    record Found(List<Move> moves) implements Order {
        public Found {
            moves = List.copyOf(moves);
        }
    }

    /**
     * Holes where as many stitch ends would have to lie on one side as on the other, and do not.
     *
     * @param holes where
     */
    record Uneven(List<Hole> holes) implements Order {
        public Uneven {
            holes = List.copyOf(holes);
        }
    }

    /**
     * Stitches that no thread reaches from where it is.
     *
     * @param holes a hole of each part that hangs together
     */
    record Parted(List<Hole> holes) implements Order {
        public Parted {
            holes = List.copyOf(holes);
        }
    }
}
