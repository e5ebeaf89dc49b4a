package itomichi.pattern;

import itomichi.measure.Length;
import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Run;
import itomichi.path.StabFrame;
import itomichi.path.Wrap;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.SidePosition;
import java.util.ArrayList;
import java.util.List;

/**
 * A pattern of a binder's own, for one fold or for the side of a block.
 *
 * @param name what it is called
 * @param side whether it is sewn through the side of a block instead of through a fold
 * @param height of the book it was drawn for
 * @param places its holes, numbered from 1 in this order
 * @param lines the stitches that are to show
 * @param turns the wraps round an edge; only through the side
 */
public record OwnPattern(
        String name, boolean side, Length height, List<SidePosition> places, List<Line> lines, List<Turn> turns) {

    /** More than any hand would punch for one pattern. */
    public static final int MOST_HOLES = 150;
    /** More stitches than that cannot be told apart. */
    public static final int MOST_LINES = 600;

    /**
     * A stitch from hole to hole.
     *
     * @param outer whether it lies outside, or on the front; else inside, or on the back
     * @param from number of its one hole, as holes are numbered in the pattern, from 1
     * @param to number of its other
     */
    public record Line(boolean outer, int from, int to) {}

    /** A wrap at a hole, numbered from 1, round an edge. */
    public record Turn(int hole, Edge edge) {}

    /** @throws IllegalArgumentException if a stitch names a hole that is not there, or a measure is one that no book has */
    public OwnPattern {
        places = List.copyOf(places);
        lines = List.copyOf(lines);
        turns = List.copyOf(turns);
        String wrong = wrong(side, height, places, lines, turns);
        if (!wrong.isEmpty()) {
            throw new IllegalArgumentException(wrong);
        }
    }

    private static String wrong(
            boolean side, Length height, List<SidePosition> places, List<Line> lines, List<Turn> turns) {
        if (places.size() < 2 || places.size() > MOST_HOLES || lines.size() + turns.size() > MOST_LINES) {
            return "A pattern has 2 to " + MOST_HOLES + " holes and up to " + MOST_LINES + " stitches; read "
                    + places.size() + " and " + (lines.size() + turns.size()) + ".";
        }
        if (height.mm() < 20 || height.mm() > 1200) {
            return "A pattern is drawn for a book of 20 to 1200 mm; read " + height + ".";
        }
        for (int i = 0; i < places.size(); i++) {
            Length head = places.get(i).fromHead();
            Length spine = places.get(i).fromSpine();
            boolean off = head.micrometres() <= 0
                    || !head.isLessThan(height)
                    || (side && (spine.micrometres() <= 0 || spine.mm() > 300));
            if (off) {
                return "Hole " + (i + 1) + " lies off the leaf.";
            }
            if (!side && i > 0 && !places.get(i - 1).fromHead().isLessThan(head)) {
                return "Hole " + (i + 1) + " must lie below hole " + i + ": holes of a fold are counted from the head.";
            }
        }
        for (Line line : lines) {
            if (line.from == line.to || !known(line.from, places) || !known(line.to, places)) {
                return "A stitch goes from one hole to another of the " + places.size() + "; read " + line.from + "-"
                        + line.to + ".";
            }
        }
        for (Turn turn : turns) {
            if (!side || !known(turn.hole, places)) {
                return side
                        ? "A wrap is at one of the " + places.size() + " holes; read " + turn.hole + "."
                        : "Only a pattern through the side is wrapped round an edge.";
            }
        }
        return "";
    }

    private static boolean known(int hole, List<SidePosition> places) {
        return hole >= 1 && hole <= places.size();
    }

    /** The face a line lies on. */
    public Face face(boolean outer) {
        return side ? (outer ? Face.FRONT : Face.BACK) : outer ? Face.OUTSIDE : Face.INSIDE;
    }

    /** How the thread is to lie, in the signature of that number, from 1. */
    public List<Move> segments(int signature) {
        List<Move> segments = new ArrayList<>();
        for (Line line : lines) {
            segments.add(new Run(new Hole(signature, line.from), new Hole(signature, line.to), face(line.outer)));
        }
        for (Turn turn : turns) {
            segments.add(new Wrap(new Hole(signature, turn.hole), turn.edge, Face.BACK));
        }
        return segments;
    }

    /** The holes as they are punched through the side of a block so high: as far from the spine, along it in proportion. */
    public List<SideHole> sideHoles(Length ofHeight) {
        double share = ofHeight.mm() / height.mm();
        return places.stream()
                .map(place -> new SideHole(Role.BY_HAND, place.fromHead().times(share), place.fromSpine()))
                .toList();
    }

    /** Stations along a fold so high, in proportion. */
    public List<Length> stations(Length ofHeight) {
        return places.stream()
                .map(place -> place.fromHead().times(ofHeight.mm() / height.mm()))
                .toList();
    }

    /** The work as far as an order needs it: where the holes lie. */
    StabFrame frame() {
        return new StabFrame(places, height, Length.ofMm(1), Length.ofMm(0.5), Length.ofMm(75));
    }

    /** Whether so many lines more can still be told apart. */
    public boolean takes(List<Line> more) {
        return lines.size() + turns.size() + more.size() <= MOST_LINES;
    }

    /**
     * The same pattern with these lines more.
     *
     * @throws IllegalArgumentException if it does not take them
     */
    public OwnPattern with(List<Line> more) {
        List<Line> all = new ArrayList<>(lines);
        all.addAll(more);
        return new OwnPattern(name, side, height, places, all, turns);
    }
}
