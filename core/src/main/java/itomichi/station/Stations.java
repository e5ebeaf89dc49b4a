package itomichi.station;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import java.util.List;

/**
 * Positions along a fold where the needle passes, measured from the head.
 *
 * @param fromHead positions, strictly increasing, numbered from 1 at the head
 */
public record Stations(List<Length> fromHead) {

    /** @throws IllegalArgumentException if there are none or they do not strictly increase */
    public Stations {
        fromHead = List.copyOf(fromHead);
        if (fromHead.isEmpty()) {
            throw new IllegalArgumentException("A fold needs at least one station; read none");
        }
        for (int i = 1; i < fromHead.size(); i++) {
            if (!fromHead.get(i - 1).isLessThan(fromHead.get(i))) {
                throw new IllegalArgumentException("Station %d at %s does not lie below station %d at %s"
                        .formatted(
                                i + 1,
                                fromHead.get(i).at(Fineness.MARK).in(itomichi.measure.Unit.MM),
                                i,
                                fromHead.get(i - 1).at(Fineness.MARK).in(itomichi.measure.Unit.MM)));
            }
        }
    }

    /** How many stations there are. */
    public int count() {
        return fromHead.size();
    }

    /**
     * Position of a station from the head.
     *
     * @param number from 1 at the head
     */
    public Length at(int number) {
        return fromHead.get(number - 1);
    }

    /** From the first station to the last. */
    public Length span() {
        return at(count()).minus(at(1));
    }

    /** The same stations with the fold turned over, head to tail. */
    public Stations turned(Length height) {
        List<Length> turned = new java.util.ArrayList<>();
        for (int i = fromHead.size() - 1; i >= 0; i--) {
            turned.add(height.minus(fromHead.get(i)));
        }
        return new Stations(turned);
    }

    /** The same stations measured from a head that lies so much further up. */
    public Stations lowered(Length by) {
        return new Stations(fromHead.stream().map(place -> place.plus(by)).toList());
    }
}
