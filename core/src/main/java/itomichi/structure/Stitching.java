package itomichi.structure;

import itomichi.path.Face;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;

/** How a structure is sewn: the stations it takes, the order of the thread, what shows when it is done. */
public interface Stitching {

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

    /**
     * What is chosen about a stitch.
     *
     * @param stations number of stations
     * @param knot the face the knot sits on
     * @param turns of the square knot
     */
    record Choice(int stations, Face knot, int turns) {}
}
