package itomichi.station;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/**
 * What is wrong with a hole through the side of a block.
 *
 * @param impossible whether the book cannot be made like this
 * @param key what is wrong, a name that does not change
 * @param hole its number from 1, in the order of the list
 * @param words cause and number
 */
public record SideFault(boolean impossible, String key, int hole, Phrase words) {

    /** Nearer to the spine, and the hole tears out; 10 to 25 mm is usual: common practice. */
    static final Length SPINE_LEAST = Length.ofMm(3);

    static final Length SPINE_GOOD = Length.ofMm(10);
    static final Length SPINE_FAR = Length.ofMm(25);

    /** Judges holes of a block of this height, a leaf of this width. */
    public static List<SideFault> judge(List<SideHole> holes, Length height, Length width) {
        List<SideFault> faults = new ArrayList<>();
        for (int i = 0; i < holes.size(); i++) {
            place(holes.get(i), i + 1, height, width, faults);
            for (int j = 0; j < i; j++) {
                apart(holes, j, i, faults);
            }
        }
        return faults;
    }

    private static void place(SideHole hole, int number, Length height, Length width, List<SideFault> faults) {
        Length end = hole.fromHead().isLessThan(height.minus(hole.fromHead()))
                ? hole.fromHead()
                : height.minus(hole.fromHead());
        if (end.micrometres() <= 0
                || hole.fromSpine().micrometres() <= 0
                || !hole.fromSpine().isLessThan(width)) {
            faults.add(new SideFault(
                    true,
                    "off-leaf",
                    number,
                    Phrase.of(
                            "Hole {} at {} from the head and {} from the spine lies off the leaf.",
                            number,
                            hole.fromHead().at(Fineness.MARK),
                            hole.fromSpine().at(Fineness.MARK))));
        } else if (end.isLessThan(SPINE_LEAST) || hole.fromSpine().isLessThan(SPINE_LEAST)) {
            Length edge = end.isLessThan(hole.fromSpine()) ? end : hole.fromSpine();
            faults.add(new SideFault(
                    true,
                    "tears-out",
                    number,
                    Phrase.of(
                            "Hole {} is {} from an edge: under {} it tears out.",
                            number,
                            edge.at(Fineness.MARK),
                            SPINE_LEAST.at(Fineness.MARK))));
        } else if (hole.role() == Role.MAIN && number == 1) {
            edge(hole.fromSpine(), faults);
        }
    }

    private static void edge(Length edge, List<SideFault> faults) {
        if (edge.isLessThan(SPINE_GOOD) || edge.isMoreThan(SPINE_FAR)) {
            faults.add(new SideFault(
                    false,
                    "edge-unusual",
                    1,
                    Phrase.of(
                            "The holes lie {} from the spine: {} to {} is usual.",
                            edge.at(Fineness.MARK),
                            SPINE_GOOD.at(Fineness.MARK),
                            SPINE_FAR.at(Fineness.MARK))));
        }
    }

    private static void apart(List<SideHole> holes, int one, int other, List<SideFault> faults) {
        Length apart = Length.ofMm(holes.get(one).toMm(holes.get(other)));
        if (apart.isLessThan(StationFault.NEIGHBOUR_LEAST)) {
            faults.add(new SideFault(
                    true,
                    "tears-through",
                    other + 1,
                    Phrase.of(
                            "Holes {} and {} are {} apart: under {} the paper between tears.",
                            one + 1,
                            other + 1,
                            apart.at(Fineness.MARK),
                            StationFault.NEIGHBOUR_LEAST.at(Fineness.MARK))));
        }
    }
}
