package itomichi.path;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is to be seen when the work is done, without saying in which order it is sewn.
 *
 * @param holes every hole that is to hold thread
 * @param stitches the stitches that show on each face; one that is to lie there twice stands here twice
 * @param holds what ties and wraps there are besides
 * @param apart whether every signature is held by the cover alone, and not by its neighbour
 */
public record StitchPattern(Set<Hole> holes, List<Stitch> stitches, List<Hold> holds, boolean apart) {

    public StitchPattern {
        holes = Set.copyOf(holes);
        stitches = List.copyOf(stitches);
        holds = List.copyOf(holds);
    }

    /**
     * A stitch as it is seen: between two holes, whichever way it was sewn.
     *
     * @param face the face it shows on
     * @param first the hole that comes first in order
     * @param second the other
     */
    public record Stitch(Face face, Hole first, Hole second) {

        public Stitch {
            if (first.compareTo(second) > 0) {
                Hole swap = first;
                first = second;
                second = swap;
            }
        }

        /** The stitch from a station to another of one signature; signatures and stations count from 1. */
        public static Stitch of(Face face, int signature, int from, int to) {
            return new Stitch(face, new Hole(signature, from), new Hole(signature, to));
        }
    }

    /** What holds thread at a hole, besides the stitches. */
    public enum Tie {
        LINK("link"),
        KETTLE("kettle stitch"),
        OVER("turn over the cord"),
        BOARD("stitch round the board"),
        UNDER("pass under the stitch below"),
        SPINE("wrap round the spine"),
        HEAD("way round the head"),
        TAIL("way round the tail"),
        KNOT("knot");

        private final String words;

        Tie(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        static Tie of(Edge edge) {
            return valueOf(edge.name());
        }
    }

    /** A tie at a hole. */
    public record Hold(Tie tie, Hole hole) {}

    /** Gathers a pattern, piece by piece. */
    public static final class Builder {
        private final Set<Hole> holes = new HashSet<>();
        private final List<Stitch> stitches = new ArrayList<>();
        private final List<Hold> holds = new ArrayList<>();

        /** A stitch along a face of one signature; its holes are used. Signatures and stations count from 1. */
        public Builder stitch(Face face, int signature, int from, int to) {
            return stitch(Stitch.of(face, signature, from, to));
        }

        /** A stitch; its holes are used. */
        public Builder stitch(Stitch stitch) {
            stitches.add(stitch);
            holes.add(stitch.first());
            holes.add(stitch.second());
            return this;
        }

        /** A climb outside from a signature, counted from 1, to the next one, at a station counted from the head, from 1. */
        public Builder climb(int lower, int station) {
            return stitch(new Stitch(Face.OUTSIDE, new Hole(lower, station), new Hole(lower + 1, station)));
        }

        /** A tie at a hole; signature and station count from 1. */
        public Builder hold(Tie tie, int signature, int station) {
            holds.add(new Hold(tie, new Hole(signature, station)));
            holes.add(new Hole(signature, station));
            return this;
        }

        /** What moves leave. */
        public Builder leave(List<Move> moves) {
            moves.forEach(this::leave);
            return this;
        }

        private void leave(Move move) {
            move.match(new Left(this));
            holes.add(move.start().hole());
        }

        /** The pattern; its signatures hold on to each other. */
        public StitchPattern build() {
            return new StitchPattern(holes, stitches, holds, false);
        }

        /** The pattern; its signatures hold on to the cover alone. */
        public StitchPattern apart() {
            return new StitchPattern(holes, stitches, holds, true);
        }
    }

    /** How many ends of stitches lie at each hole on a face: a wrap has one on each. */
    public Map<Hole, Integer> endsOn(Face face) {
        Map<Hole, Integer> ends = new HashMap<>();
        for (Stitch stitch : stitches) {
            if (stitch.face() == face) {
                ends.merge(stitch.first(), 1, Integer::sum);
                ends.merge(stitch.second(), 1, Integer::sum);
            }
        }
        for (Hold hold : holds) {
            if (hold.tie() == Tie.SPINE || hold.tie() == Tie.HEAD || hold.tie() == Tie.TAIL) {
                ends.merge(hold.hole(), 1, Integer::sum);
            }
        }
        return ends;
    }

    /** The same pattern with the knots of threads that are tied on at these holes. */
    public StitchPattern joinedAt(List<Hole> joins) {
        List<Hold> all = new ArrayList<>(holds);
        joins.forEach(hole -> all.add(new Hold(Tie.KNOT, hole)));
        return new StitchPattern(holes, stitches, all, apart);
    }

    /** What a path leaves. */
    public static StitchPattern leftBy(ThreadPath path) {
        return new Builder().leave(path.moves()).build();
    }

    /** What a move leaves in a pattern. */
    private record Left(Builder pattern) implements Move.Cases<Builder> {

        private Builder hold(Tie tie, Hole hole) {
            pattern.holds.add(new Hold(tie, hole));
            return pattern;
        }

        private static Hole lower(Hole one, Hole other) {
            return one.compareTo(other) < 0 ? one : other;
        }

        @Override
        public Builder pass(Pass pass) {
            return pattern;
        }

        @Override
        public Builder run(Run run) {
            return pattern.stitch(new Stitch(run.face(), run.from(), run.to()));
        }

        @Override
        public Builder wrap(Wrap wrap) {
            return hold(Tie.of(wrap.edge()), wrap.hole());
        }

        @Override
        public Builder link(Link link) {
            return hold(Tie.LINK, link.hole());
        }

        @Override
        public Builder kettle(Kettle kettle) {
            return hold(Tie.KETTLE, kettle.hole());
        }

        @Override
        public Builder under(Under under) {
            pattern.stitch(new Stitch(Face.OUTSIDE, under.from(), under.to()));
            return hold(Tie.UNDER, lower(under.from(), under.to()));
        }

        @Override
        public Builder over(Over over) {
            return hold(Tie.OVER, over.hole());
        }

        @Override
        public Builder board(Board board) {
            return hold(Tie.BOARD, board.hole());
        }

        @Override
        public Builder round(Round round) {
            return hold(Tie.of(round.edge()), lower(round.from(), round.to()));
        }

        @Override
        public Builder knot(Knot knot) {
            return hold(Tie.KNOT, knot.hole());
        }

        @Override
        public Builder tail(Tail tail) {
            return pattern;
        }
    }
}
