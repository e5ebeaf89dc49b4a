package itomichi.structure;

import itomichi.path.Face;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;

/** A way of binding: which stations it takes, how it is sewn, what it is called. */
public interface Structure {

    /** A name that does not change, kept with books. */
    String key();

    /** What a binder calls it. */
    String name();

    /** What it is for, in a sentence. */
    String purpose();

    /** Whether it can be sewn through so many stations. */
    boolean takesStations(int count);

    /** What stations it takes, for a line that refuses others. */
    String stationsWanted();

    /**
     * The usual order of sewing.
     *
     * @throws IllegalArgumentException if it cannot be sewn through so many stations
     */
    ThreadPath stitch(Choice choice);

    /** What shows when it is sewn, made without looking at {@link #stitch}. */
    StitchPattern pattern(Choice choice);

    /** Passes through the fullest hole. */
    int mostPasses();

    /** The rule of thumb for its thread, in heights of the book. */
    ThumbRule threadRule(int stations);

    /**
     * What is chosen about a stitch.
     *
     * @param stations number of stations
     * @param knot the face the knot sits on
     * @param turns of the square knot
     */
    record Choice(int stations, Face knot, int turns) {}

    /**
     * A rule of thumb, common practice.
     *
     * @param lowHeights the least, in heights of the book
     * @param highHeights the most
     * @param words the rule as binders say it
     */
    record ThumbRule(double lowHeights, double highHeights, String words) {}
}
