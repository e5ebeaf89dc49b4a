package itomichi.recovery;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.ThreadPath;

/**
 * A binder who went through wrong holes, and the way back.
 *
 * @param unpicked passes to take back
 * @param asPlanned whether the sewing then goes on as planned
 * @param words what to do
 * @param order the rest of this signature, written
 * @param needed thread that the rest of the thread in hand needs, on each strand, its tail included
 * @param left thread left on the needle once that is unpicked, on each strand
 * @param thread whether it is enough, and what to do if not
 * @param path the way as it then is
 * @param step steps of that way that are sewn
 */
public record Straying(
        int unpicked,
        boolean asPlanned,
        Phrase words,
        String order,
        Length needed,
        Length left,
        Phrase thread,
        ThreadPath path,
        int step) {}
