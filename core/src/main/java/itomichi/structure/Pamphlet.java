package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Stitch;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One signature sewn through its fold with an odd number of stations.
 *
 * <p>The thread starts at the centre, weaves to the head, weaves back through the gaps left, crosses the centre in one long stitch,
 * weaves to the tail and back, and is knotted over the long stitch. Every gap is then covered once on each face.
 */
final class Pamphlet extends Described implements Stitching {

    private static final int MOST_STATIONS = 31;

    Pamphlet() {
        super(
                "pamphlet",
                "Pamphlet",
                "One signature, quickly made, lies fairly flat; about fifteen sheets of 90 g/m\u00b2 are comfortable.",
                Form.ONE,
                Skill.FIRST_BOOK,
                2,
                5,
                Holing.stations(2),
                true);
        judge(Need.WRITE, 1, "one fold to write across, flat enough at its middle");
        judge(Need.WET_MEDIA, -1, "wet sheets cockle, and one fold cannot take up the swelling");
        judge(Need.PASTE_IN, -2, "one fold has no room at the spine for what is pasted in");
        judge(Need.CARRY, 1, "thin and light");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle, less so at the ends");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching() {
        return Optional.of(this);
    }

    @Override
    public boolean takesStations(int count) {
        return count >= 3 && count <= MOST_STATIONS && count % 2 == 1;
    }

    @Override
    public String stationsWanted() {
        return "a pamphlet takes an odd number of stations from 3 to " + MOST_STATIONS
                + ": it starts at the one in the centre";
    }

    @Override
    public ThreadPath stitch(Choice choice) {
        int centre = centre(choice);
        Face near = choice.knot();
        PathBuilder path = new PathBuilder().from(new Hole(1, centre), near, Tail.Side.LEFT);
        Face to = near.opposite();
        for (int station : order(choice.stations(), centre)) {
            path.pass(new Hole(1, station), to);
            to = to.opposite();
        }
        return path.tie(choice.turns()).end(Tail.Side.RIGHT);
    }

    /** Centre to head, back to beside the centre, over it, to the tail, back to the centre. */
    private static List<Integer> order(int stations, int centre) {
        List<Integer> order = new ArrayList<>();
        for (int station = centre; station >= 1; station--) {
            order.add(station);
        }
        for (int station = 2; station < centre; station++) {
            order.add(station);
        }
        for (int station = centre + 1; station <= stations; station++) {
            order.add(station);
        }
        for (int station = stations - 1; station >= centre; station--) {
            order.add(station);
        }
        return order;
    }

    private int centre(Choice choice) {
        if (!takesStations(choice.stations())) {
            throw new IllegalArgumentException("Read " + choice.stations() + " stations; " + stationsWanted());
        }
        return (choice.stations() + 1) / 2;
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        int centre = centre(choice);
        Set<Hole> holes = new HashSet<>();
        List<Stitch> stitches = new ArrayList<>();
        for (int station = 1; station <= choice.stations(); station++) {
            holes.add(new Hole(1, station));
            if (station < choice.stations()) {
                stitches.add(new Stitch(choice.knot().opposite(), new Hole(1, station), new Hole(1, station + 1)));
                if (station != centre - 1 && station != centre) {
                    stitches.add(new Stitch(choice.knot(), new Hole(1, station), new Hole(1, station + 1)));
                }
            }
        }
        stitches.add(new Stitch(choice.knot(), new Hole(1, centre - 1), new Hole(1, centre + 1)));
        return new StitchPattern(holes, stitches);
    }

    @Override
    public int mostPasses() {
        return 2;
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return stations == 3
                ? new ThumbRule(2, 3, "2 heights and a bit for a loose tack, 3 to be comfortable")
                : new ThumbRule(2.5, 4, "2.5 to 4 heights");
    }
}
