package itomichi.cover;

import itomichi.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/** How a cover lies round the closed book. */
public sealed interface CoverShape {

    /** What comes of it, whichever it is. */
    <T> T match(Supplier<T> nothing, Function<Soft, T> soft, Function<Boards, T> boards);

    /** Whether it is made apart, and the sewn block glued into it. */
    default boolean madeApart() {
        return match(() -> false, soft -> false, boards -> boards.back().isPresent());
    }

    /** Nothing round the block, or only what is pierced with it leaf on leaf. */
    record Nothing() implements CoverShape {
        @Override
        public <T> T match(Supplier<T> nothing, Function<Soft, T> soft, Function<Boards, T> boards) {
            return nothing.get();
        }
    }

    /**
     * One piece round the spine.
     *
     * @param front what is folded in at the fore edge of the front
     * @param back what is folded in at that of the back; nothing where it goes on as a flap
     * @param turned what is folded in at head and tail, along front, spine, back and flap
     * @param past how far front and back stand out past the longest leaf
     * @param flap what goes on from the back round the fore edge
     * @param plates stiff strips outside its spine
     */
    record Soft(FoldedIn front, FoldedIn back, FoldedIn turned, Length past, Flap flap, List<Plate> plates)
            implements CoverShape {
        public Soft {
            plates = List.copyOf(plates);
        }

        /** Neither folded in nor going on anywhere. */
        static Soft plain(Length past) {
            return new Soft(FoldedIn.NOTHING, FoldedIn.NOTHING, FoldedIn.NOTHING, past, Flap.NONE, List.of());
        }

        /** With ends folded in, nothing at head and tail. */
        static Soft ended(Length past, Length ends) {
            FoldedIn end = FoldedIn.once(ends);
            return new Soft(end, end, FoldedIn.NOTHING, past, Flap.NONE, List.of());
        }

        @Override
        public <T> T match(Supplier<T> nothing, Function<Soft, T> soft, Function<Boards, T> boards) {
            return soft.apply(this);
        }
    }

    /**
     * An edge of a soft cover that is folded in.
     *
     * @param wide from the edge of what is folded to where it ends
     * @param turns how often, each as wide; 2 of a hem, 0 where nothing is folded in
     */
    record FoldedIn(Length wide, int turns) {

        static final FoldedIn NOTHING = new FoldedIn(Length.ZERO, 0);

        static FoldedIn once(Length wide) {
            return new FoldedIn(wide, 1);
        }
    }

    /**
     * What goes on from the back of a soft cover.
     *
     * @param over so far over the front; zero where there is none
     * @param end what of it is folded in at its end
     */
    record Flap(Length over, FoldedIn end) {

        static final Flap NONE = new Flap(Length.ZERO, FoldedIn.NOTHING);

        /** Whether there is one. */
        public boolean real() {
            return over.mm() > 0;
        }
    }

    /**
     * A stiff strip as wide as the spine.
     *
     * @param from where it begins, from the head of the cover
     * @param high how long it is, along the spine
     * @param thick how thick
     */
    record Plate(Length from, Length high, Length thick) {}

    /**
     * Two boards.
     *
     * @param board each of them
     * @param strip of board at the spine, that stays down where the board opens beside it; zero where there is none
     * @param back what lies behind the spine; nothing where it is free
     * @param skin what they are covered with
     * @param ends what lies between them and the block
     * @param round how its corners at the fore edge are cut
     */
    record Boards(Board board, Length strip, Optional<Back> back, Skin skin, Ends ends, Round round)
            implements CoverShape {

        /** Boards with nothing between them behind the spine: they are pierced, and sewn with the block. */
        static Boards sewn(Board board, Length strip, Skin skin, Ends ends) {
            return new Boards(board, strip, Optional.empty(), skin, ends, Round.SQUARE);
        }

        /** Boards with something behind the spine: they are made apart. */
        static Boards apart(Board board, Back back, Skin skin, Ends ends) {
            return new Boards(board, Length.ZERO, Optional.of(back), skin, ends, Round.SQUARE);
        }

        /** The same with its corners cut so. */
        Boards cut(Round corners) {
            return new Boards(board, strip, back, skin, ends, corners);
        }

        @Override
        public <T> T match(Supplier<T> nothing, Function<Soft, T> soft, Function<Boards, T> boards) {
            return boards.apply(this);
        }
    }

    /**
     * One board.
     *
     * @param wide from where it begins to its fore edge
     * @param high along the spine
     * @param thick how thick
     * @param begins so far from the spine of the block
     * @param above so far above the head of the leaves; below it where it is negative
     */
    record Board(Length wide, Length high, Length thick, Length begins, Length above) {

        /** A board as thick as those of the block. */
        static Board on(SewnBlock block, Length wide, Length high, Length begins, Length above) {
            return new Board(wide, high, block.board().length(), begins, above);
        }

        /** Whether anything is left of it; where nothing is, a fault says so. */
        public boolean real() {
            return wide.mm() > 0 && high.mm() > 0;
        }
    }

    /**
     * What lies behind the spine, as high as the boards.
     *
     * @param wide along the round where it is round
     * @param thick how thick
     */
    record Back(Length wide, Length thick) {}

    /**
     * What is seen on the outside of boards.
     *
     * @param cloth how far cloth is seen on each board, from where that begins; zero where there is none
     * @param papered whether paper lies on the rest; else cloth lies on all of it
     * @param corner how far cloth is seen along either edge from a corner at the fore edge; zero where it has no cloth of its own
     */
    record Skin(Length cloth, boolean papered, Length corner) {

        /** Paper all over each board, and nothing over the spine. */
        static final Skin PAPER = papered(Length.ZERO);

        /** Cloth on all of a board. */
        static Skin clothed(Length board) {
            return new Skin(board, false, Length.ZERO);
        }

        /** Cloth so far, and paper beyond it. */
        static Skin papered(Length cloth) {
            return new Skin(cloth, true, Length.ZERO);
        }
    }

    /**
     * Corners at the fore edge.
     *
     * @param radius by which those of the boards are cut round; zero where they are square
     * @param leaves whether those of the leaves are cut so too
     */
    record Round(Length radius, boolean leaves) {

        static final Round SQUARE = new Round(Length.ZERO, false);
    }

    /**
     * What lies between a board and the block.
     *
     * @param made how
     * @param by how far a strip of cloth lies on each of two leaves, or how far a paper ends from the edges of its board
     */
    record Ends(Made made, Length by) {

        /** What there is by itself: leaves of the block, or sections sewn with it. */
        static final Ends NONE = new Ends(Made.NONE, Length.ZERO);

        /** How ends are made. */
        public enum Made {
            NONE,
            /** A sheet folded once, one half of it on the board. */
            FOLDED,
            /** Two leaves that a strip of cloth holds together. */
            JOINED,
            /** A paper inside the board. */
            LINED
        }
    }
}
