package itomichi.cutting;

/**
 * How a binder wants paper parted.
 *
 * @param manner cut with a knife, or torn along folds
 * @param grainFirst whether the grain must run along the fold, even where more sheets would come out otherwise
 */
public record CutWish(Manner manner, boolean grainFirst) {

    /** Knife and rule, or folding and tearing, which only ever halves. */
    public enum Manner {
        CUT("cut to a rule"),
        TEAR("torn along folds, halves only");

        private final String words;

        Manner(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Cut, with the grain right. */
    public static final CutWish USUAL = new CutWish(Manner.CUT, true);
}
