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

    /** Holes in all, of one copy. */
    public int holes() {
        return ticks.stream().mapToInt(Tick::holes).sum();
    }

    /** Holes that hands make where so many copies are made: what one go takes of several copies is punched in one go. */
    public int holesMade(int copies) {
        return ticks.stream().mapToInt(tick -> tick.holes() * tick.goes(copies)).sum();
    }

    /** How so many copies are laid together to be punched, in words. */
    public String together(int copies) {
        int most = Math.min(mostTogether(), copies);
        int least = Math.min(leastTogether(), copies);
        return most == 1 ? "one by one" : (most == least ? "" : least + " to ") + most + " laid together at a time";
    }

    /** The most copies that are punched in one go anywhere. */
    private int mostTogether() {
        return ticks.stream().mapToInt(Tick::together).max().orElse(1);
    }

    /** The least copies that are punched in one go anywhere. */
    private int leastTogether() {
        return ticks.stream().mapToInt(Tick::together).min().orElse(1);
    }

    /**
     * Something to be punched in one go and ticked off.
     *
     * @param words what it is
     * @param holes holes made by it
     * @param together of how many copies it can be laid together and punched in one go
     */
    public record Tick(Phrase words, int holes, int together) {
        /** How often it is punched for so many copies. */
        public int goes(int copies) {
            return (copies + together - 1) / together;
        }
    }
}
