package itomichi.plan;

import itomichi.cover.CoverStuff;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.punching.Collation;
import itomichi.punching.HoleGroup;
import itomichi.punching.PunchList;
import itomichi.spec.BookSpec;
import itomichi.spec.HoleWish;
import itomichi.station.Catching;
import itomichi.station.Level;
import itomichi.station.Role;
import itomichi.station.RowFault;
import itomichi.station.Rows;
import itomichi.station.SideHole;
import itomichi.station.Stations;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The holes of a book: where they are, how wide, what makes them, in which order. */
public sealed interface Holes {

    /**
     * The answer for what they go through.
     *
     * @param folds asked where they go through folds
     * @param side asked where they go through the side of a block
     */
    <T> T match(Function<InFolds, T> folds, Function<ThroughSide, T> side);

    /** Holes through folds, of a book that has such. */
    default Optional<InFolds> inFolds() {
        return match(Optional::of, side -> Optional.empty());
    }

    /** Holes through the side, of a book that has such. */
    default Optional<ThroughSide> throughSide() {
        return match(folds -> Optional.empty(), Optional::of);
    }

    /** Passes of the needle through what is sewn; a cover's holes are passed together with those of the folds. */
    default int passesInAll() {
        return groups().stream()
                .filter(group -> group.through() != HoleGroup.Through.COVER)
                .mapToInt(group -> group.number() * group.passes())
                .sum();
    }

    /** The holes of a book whose thread goes in that order. */
    static Optional<Holes> of(BookSpec spec, Gathered gathered, Length strand, HolePlaces places, ThreadOrder order) {
        return places.match(
                Optional::empty,
                along -> gathered.folded().map(folded -> FoldHoles.of(spec, folded, strand, along, order.passes())),
                side -> gathered.match(
                        folded -> Optional.empty(),
                        singly -> Optional.of(SideHoles.of(spec, singly, strand, side, order.passes()))));
    }

    /** Holes that are made alike. */
    List<HoleGroup> groups();

    /** What is punched, in its order. */
    PunchList list();

    /** Height of what is punched, once it is trimmed. */
    Length height();

    /**
     * Holes through folds.
     *
     * @param stations along the fold, from the head as it will be once it is trimmed
     * @param roles what each station is for
     * @param passes passes of the needle through each station of one signature
     * @param height of the fold once it is trimmed
     * @param trim cut off at head and at tail after sewing
     * @param folds each signature, in the order of the book
     * @param level where signatures of another height are level
     * @param collation marks on the folds; nothing where there is one signature
     * @param kerf how deep a kerf must be sawn; nothing where it is not sawn
     * @param cover holes in a cover that is sewn through; nothing where it has none of its own
     * @param groups holes that are made alike
     * @param list what is punched, in its order
     */
    record InFolds(
            Stations stations,
            List<Role> roles,
            List<Integer> passes,
            Length height,
            Length trim,
            List<Fold> folds,
            Level level,
            Optional<Collation> collation,
            Optional<Working> kerf,
            Optional<InCover> cover,
            List<HoleGroup> groups,
            PunchList list)
            implements Holes {

        public InFolds {
            roles = List.copyOf(roles);
            passes = List.copyOf(passes);
            folds = List.copyOf(folds);
            groups = List.copyOf(groups);
        }

        @Override
        public <T> T match(Function<InFolds, T> through, Function<ThroughSide, T> side) {
            return through.apply(this);
        }

        /** Height of the fold as it is punched, before it is trimmed. */
        public Length punchedHeight() {
            return height.plus(trim.times(2));
        }

        /** Stations as they are punched, from the head before it is trimmed. */
        public Stations punched() {
            return stations.lowered(trim);
        }

        /** Width of the widest hole through the folds. */
        public Length hole() {
            return widest(groups, HoleGroup.Through.FOLDS);
        }
    }

    /**
     * A signature as it is punched.
     *
     * @param height of it
     * @param head how far its head lies below the head of the book
     * @param stations numbers of the stations that fall on it
     */
    record Fold(Length height, Length head, List<Integer> stations) {}

    /**
     * Holes through a cover.
     *
     * @param rows rows across its spine
     * @param pairs whether two signatures share a row
     * @param schools the same spine divided by every school, with their numbers
     * @param height of the cover
     * @param head how far it stands out past the signatures at the head
     * @param tail how far at the tail
     * @param hole width of its widest hole
     * @param natural width of the spine that the signatures take as they lie
     * @param stuff what it is made of
     * @param unfit why the rows that are wanted cannot be laid; nothing where they are
     */
    record InCover(
            Rows rows,
            boolean pairs,
            List<School> schools,
            Length height,
            Length head,
            Length tail,
            Length hole,
            Length natural,
            CoverStuff stuff,
            Optional<Phrase> unfit) {

        /** What is wrong with rows across this cover. */
        public List<RowFault> faults(Rows laid) {
            return RowFault.judge(laid, hole, stuff.words(), stuff.between());
        }

        /** The rows that equal gaps would give on this spine. */
        public Optional<Rows> equalGaps() {
            return schools.stream()
                    .filter(school -> school.key().equals(School.EQUAL))
                    .findFirst()
                    .flatMap(School::rows);
        }

        /** Width of the spine. */
        public Length width() {
            return rows.width();
        }
    }

    /**
     * A school of dividing a spine.
     *
     * @param key a name that does not change
     * @param words its numbers in a sentence
     * @param rows where it lays the rows; nothing where it cannot
     * @param material what is left of the cover between two holes
     */
    record School(String key, Phrase words, Optional<Rows> rows, Length material) {
        /** Key of the school of equal gaps. */
        static final String EQUAL = "EQUAL";
    }

    /**
     * Holes through the side of a block.
     *
     * @param holes the holes, numbered from 1 in this order
     * @param main the main holes along the spine
     * @param height of the block
     * @param width of a leaf
     * @param thickness of the block
     * @param crease where a page will crease open, from the spine
     * @param loose sheets of another size, and whether they are caught
     * @param groups holes that are made alike
     * @param list what is punched, in its order
     */
    record ThroughSide(
            List<SideHole> holes,
            Stations main,
            Length height,
            Length width,
            Length thickness,
            Working crease,
            List<Caught> loose,
            List<HoleGroup> groups,
            PunchList list)
            implements Holes {

        public ThroughSide {
            holes = List.copyOf(holes);
            loose = List.copyOf(loose);
            groups = List.copyOf(groups);
        }

        @Override
        public <T> T match(Function<InFolds, T> folds, Function<ThroughSide, T> side) {
            return side.apply(this);
        }

        /** Width of the widest hole. */
        public Length hole() {
            return widest(groups, HoleGroup.Through.SIDE);
        }
    }

    /** A sheet of its own size, and whether the holes catch it. */
    record Caught(HoleWish.LooseSheet sheet, Catching catching) {}

    private static Length widest(List<HoleGroup> groups, HoleGroup.Through through) {
        return groups.stream()
                .filter(group -> group.through() == through)
                .map(group -> group.size().length())
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }
}
