package itomichi.advice;

import itomichi.structure.Hands;
import itomichi.structure.Need;
import java.util.Set;

/**
 * What a book has to do, how many are made, and by whom.
 *
 * @param needs what it has to do
 * @param copies how many are made, at least one
 * @param hands whose hands make it
 */
public record Use(Set<Need> needs, int copies, Hands hands) {

    /** Nothing in particular, once, by practised hands. */
    public static final Use ANY = new Use(Set.of(), 1, Hands.PRACTISED);

    public Use {
        needs = Set.copyOf(needs);
    }
}
