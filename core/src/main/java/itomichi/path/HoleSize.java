package itomichi.path;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;

/** How wide a hole must be for the thread in it and the needle that brings it there. */
public final class HoleSize {

    /** How far thread packs down under pull: common practice. */
    private static final double PACKS_DOWN = 0.85;

    /**
     * Radius of the smallest circle that holds k equal circles of radius 1, for k from 1 (Graham, Lubachevsky, Nurmela, Östergård 1998;
     * from memory).
     */
    private static final double[] PACKING = {
        1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.8130, 3.9238, 4.0296, 4.2361, 4.3284, 4.5214, 4.6154,
        4.7920, 4.8637, 4.8637, 5.1223
    };
    /** How much of a wide hole many threads fill: common practice, no source. */
    private static final double FILLED = 0.75;

    private static final Formula BY_THREAD = Formula.of("0.85 × d × R");
    private static final Formula BY_NEEDLE = Formula.of("e");
    private static final Quantity SIZE = Quantity.of(Length.ZERO, Fineness.BUNDLE);

    private HoleSize() {}

    /**
     * Ratio of the circle around k equal threads to one of them.
     *
     * <p>For more than 20 threads, by the share of a round that they fill.
     *
     * @throws IllegalArgumentException if there is no thread
     */
    public static double packing(int threads) {
        if (threads < 1) {
            throw new IllegalArgumentException("A hole holds a thread at least; read " + threads);
        }
        return threads <= PACKING.length ? PACKING[threads - 1] : Math.sqrt(threads / FILLED);
    }

    /**
     * The thickest thread that a hole takes.
     *
     * @param hole width of the hole
     * @param threads threads that lie in it at the end
     */
    public static Length thickest(Length hole, int threads) {
        return Length.ofMm(hole.mm() / (PACKS_DOWN * packing(threads)));
    }

    /**
     * The hole to make.
     *
     * @param threads threads that lie in the fullest hole at the end
     * @param diameter of one of them
     * @param needleEye width of the needle at its eye
     */
    public static Working of(int threads, Length diameter, Length needleEye) {
        double byThreadMm = PACKS_DOWN * diameter.mm() * packing(threads);
        if (needleEye.mm() >= byThreadMm) {
            return Working.by(BY_NEEDLE)
                    .with("e", "width of the needle at its eye", Quantity.of(needleEye, Fineness.CALIPER))
                    .from(Source.CIRCLE_PACKING)
                    .note(Phrase.of(
                            "The eye is wider than the {} threads that end up in the fullest hole, which need {}.",
                            threads,
                            Length.ofMm(byThreadMm).at(Fineness.CALIPER)))
                    .gives(SIZE);
        }
        return Working.by(BY_THREAD)
                .with("d", "thickness of the thread", Quantity.of(diameter, Fineness.CALIPER))
                .with("R", "circle around " + threads + " threads", Quantity.ratio(packing(threads), 4))
                .from(Source.CIRCLE_PACKING)
                .note(Phrase.of(
                        "The threads are wider than the needle\u2019s eye of {}.", needleEye.at(Fineness.CALIPER)))
                .gives(SIZE);
    }
}
