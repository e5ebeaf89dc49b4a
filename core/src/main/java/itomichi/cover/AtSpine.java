package itomichi.cover;

import itomichi.measure.Length;

/**
 * What lies at a spine that is sewn through besides the cover itself: the thread goes through that too.
 *
 * @param plate thickness of a stiff plate outside the cover; zero where there are none
 * @param grouped one plate under each group of long stitches, and nothing between them; else one along the whole spine
 * @param turns how often the cover's own edges lie folded in at head and tail; they hold all of its spine off the block
 */
public record AtSpine(Length plate, boolean grouped, int turns) {

    /** The cover alone. */
    public static final AtSpine COVER_ALONE = new AtSpine(Length.ZERO, false, 0);

    /** The same with that folded in at head and tail. */
    AtSpine turned(CoverShape.FoldedIn edges) {
        return new AtSpine(plate, grouped, edges.turns());
    }

    /** How thick a cover of that thickness lies there, plates aside. */
    public Length covers(Length cover) {
        return cover.times(1 + turns);
    }
}
