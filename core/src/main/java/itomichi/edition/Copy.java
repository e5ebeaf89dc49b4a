package itomichi.edition;

import itomichi.spec.EditionWish;
import java.util.Set;

/**
 * One of a book's copies.
 *
 * @param number from 1
 * @param run those that are made of the same
 * @param name what it is called or whom it is for; empty where it has no name
 * @param done what is done of it
 * @param leftOut whether it is not made any more
 * @param spoilt how often it was spoilt and begun anew
 */
public record Copy(int number, EditionWish.CopyRun run, String name, Set<CopyStage> done, boolean leftOut, int spoilt) {

    public Copy {
        done = Set.copyOf(done);
    }
}
