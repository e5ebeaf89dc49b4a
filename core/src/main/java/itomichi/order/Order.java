package itomichi.order;

import itomichi.path.Hole;
import itomichi.path.Move;
import java.util.List;
import java.util.Optional;

/** An order, or why there is none. */
public sealed interface Order {

    /** What is sewn and the passes between, where there is an order. */
    default Optional<List<Move>> moves() {
        return Optional.empty();
    }

    /**
     * What is sewn and the passes between.
     *
     * @throws IllegalStateException if there is no order
     */
    default List<Move> sewn() {
        return moves().orElseThrow(() -> new IllegalStateException("No order was found: " + this));
    }

    /**
     * An order.
     *
     * @param found what is sewn and the passes between, from the first segment of the thread to the last
     */
    record Found(List<Move> found) implements Order {
        public Found {
            found = List.copyOf(found);
        }

        @Override
        public Optional<List<Move>> moves() {
            return Optional.of(found);
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
    record Separate(List<Hole> holes) implements Order {
        public Separate {
            holes = List.copyOf(holes);
        }
    }
}
