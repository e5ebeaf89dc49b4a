package itomichi.path;

/** A move that leaves its hole outside and is back at it: sewn from either end it is the same. */
sealed interface OutsideTurn extends Move permits Link, Kettle, Over, Board {

    /** The hole it came out of. */
    Hole hole();

    @Override
    default Part part() {
        return Part.SEGMENT;
    }

    @Override
    default Spot start() {
        return new Spot(hole(), Face.OUTSIDE);
    }

    @Override
    default Move reversed() {
        return this;
    }
}
