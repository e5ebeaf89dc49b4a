package itomichi.structure;

/**
 * How a structure meets a need. Judgements are common practice, no published source.
 *
 * @param weight from 3, made for it, to -3, not for it at all
 * @param words why, as the end of a sentence that begins with the structure
 */
public record Judgement(int weight, String words) {

    /** @throws IllegalArgumentException if the weight is 0 or off −3 to 3 */
    public Judgement {
        if (weight < -3 || weight > 3 || weight == 0) {
            throw new IllegalArgumentException("A judgement weighs from -3 to 3 and not 0; read " + weight);
        }
    }

    public boolean speaksFor() {
        return weight > 0;
    }
}
