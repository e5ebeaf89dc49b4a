package itomichi.punching;

import itomichi.finding.Working;

/**
 * Holes that are made alike.
 *
 * @param through what they go through
 * @param names which holes they are, for instance {@code stations 1, 5}
 * @param number how many there are in all
 * @param passes passes of the needle through each
 * @param size width of each, with its working
 * @param tool what makes them
 */
public record HoleGroup(Through through, String names, int number, int passes, Working size, Tool tool) {

    /** Whether a paper punch is to make them, and its holes are too narrow for what goes through. */
    public boolean tooWideForPunch() {
        return tool == Tool.PAPER_PUNCH && size.length().isMoreThan(Tool.PUNCHED);
    }

    /** What holes go through. */
    public enum Through {
        FOLDS("the folds"),
        COVER("the cover"),
        SIDE("the side");

        private final String words;

        Through(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
