package itomichi.punching;

import itomichi.measure.Phrase;
import java.util.List;

/**
 * What is punched, in its order.
 *
 * @param ticks one after the other
 */
public record PunchList(List<Tick> ticks) {

    public PunchList {
        ticks = List.copyOf(ticks);
    }

    /** Holes in all. */
    public int holes() {
        return ticks.stream().mapToInt(Tick::holes).sum();
    }

    /**
     * Something to be punched in one go and ticked off.
     *
     * @param words what it is
     * @param holes holes made by it
     */
    public record Tick(Phrase words, int holes) {}
}
