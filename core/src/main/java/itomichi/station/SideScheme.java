package itomichi.station;

import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How holes are laid out through the side of a block.
 *
 * @param edge of the main holes, from the spine
 * @param extras what there is besides the main holes
 * @param along how far a satellite lies from its main hole along the spine
 * @param extraEdge how far satellites, corner holes and holes between lie from the spine
 * @param inner whether there is an inner binding
 * @param innerEdge how far its holes lie from the spine
 */
public record SideScheme(
        Length edge, Set<Role> extras, Length along, Length extraEdge, boolean inner, Length innerEdge) {

    /** Each of the two ties of an inner binding goes through two holes this far apart: common practice. */
    static final Length TIE = Length.ofMm(20);

    public SideScheme {
        extras = extras.isEmpty() ? Set.of() : java.util.Collections.unmodifiableSet(EnumSet.copyOf(extras));
    }

    /**
     * The holes, from the head down, the inner binding last.
     *
     * @param main places of the main holes along the spine
     * @param height of the block
     */
    public List<SideHole> holes(Stations main, Length height) {
        List<SideHole> holes = new ArrayList<>();
        for (int number = 1; number <= main.count(); number++) {
            Length place = main.at(number);
            holes.add(new SideHole(Role.MAIN, place, edge));
            if (extras.contains(Role.SATELLITE)) {
                holes.add(new SideHole(Role.SATELLITE, place.minus(along), extraEdge));
                holes.add(new SideHole(Role.SATELLITE, place.plus(along), extraEdge));
            }
            if (extras.contains(Role.BETWEEN) && number > 1) {
                Length middle = main.at(number - 1).plus(place).times(0.5);
                holes.add(new SideHole(Role.BETWEEN, middle, extraEdge));
            }
        }
        if (extras.contains(Role.CORNER)) {
            corner(holes, main.at(1), Length.ZERO);
            corner(holes, main.at(main.count()), height);
        }
        holes.sort(Comparator.comparing(SideHole::fromHead).thenComparing(SideHole::fromSpine));
        if (inner) {
            ties(holes, height);
        }
        return holes;
    }

    /** On the line from the end hole to the corner of the block, as far from the spine as said. */
    private void corner(List<SideHole> holes, Length end, Length corner) {
        double share = Math.min(1, extraEdge.mm() / edge.mm());
        Length fromHead = corner.plus(end.minus(corner).times(share));
        holes.add(new SideHole(Role.CORNER, fromHead, extraEdge));
    }

    private void ties(List<SideHole> holes, Length height) {
        for (double share : new double[] {1 / 3.0, 2 / 3.0}) {
            Length middle = height.times(share);
            holes.add(new SideHole(Role.INNER, middle.minus(TIE.times(0.5)), innerEdge));
            holes.add(new SideHole(Role.INNER, middle.plus(TIE.times(0.5)), innerEdge));
        }
    }
}
