package itomichi.material;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;

/**
 * A thread for sewing.
 *
 * @param name what the binder calls it
 * @param fibre what it is spun from
 * @param count how fine it is
 */
public record SewingThread(String name, Fibre fibre, ThreadCount count) {

    /** tex of a linen thread of count 1: 453.59237 g in 300 yards. */
    static final double LINEN_TEX = 1653.5;
    /** tex of a cotton thread of count 1: 453.59237 g in 840 yards. */
    static final double COTTON_TEX = 590.5;
    /** Share of a twisted thread's round that is fibre: common practice. */
    private static final double PACKING = 0.6;

    private static final Formula BY_MASS = Formula.of("√(4 × x ÷ (π × r × p × 1000000)) × 1000");
    private static final Formula BY_WINDING = Formula.of("W ÷ n");
    private static final Quantity DIAMETER = Quantity.of(Length.ZERO, Fineness.CALIPER);

    /** Mass in g/km; NaN where the thread was measured instead. */
    public double tex() {
        if (count instanceof ThreadCount.Tex given) {
            return given.tex();
        }
        if (count instanceof ThreadCount.Linen linen) {
            return LINEN_TEX / linen.count() * linen.ply();
        }
        if (count instanceof ThreadCount.Cotton cotton) {
            return COTTON_TEX / cotton.count() * cotton.ply();
        }
        return Double.NaN;
    }

    /** The pull at which it snaps by its fibre and count, N; NaN where the thread was measured instead. */
    public double strengthN() {
        return tex() * fibre.cNPerTex() / 100;
    }

    /** Diameter of the thinnest thread of this fibre that bears a pull. */
    public Length thinnestFor(double pullN) {
        SewingThread thin = new SewingThread(name, fibre, new ThreadCount.Tex(pullN * 100 / fibre.cNPerTex()));
        return thin.diameter().length();
    }

    /** Diameter of the thread and how it was found. */
    public Working diameter() {
        if (count instanceof ThreadCount.Wound wound) {
            return Working.by(BY_WINDING)
                    .with("W", "width of the winding", Quantity.of(wound.width(), Fineness.MARK))
                    .with("n", "turns", Quantity.count(wound.turns()))
                    .from(Source.MEASURED)
                    .gives(DIAMETER);
        }
        return Working.by(BY_MASS)
                .with("x", "tex", new Quantity.Plain(tex(), "g/km", 1))
                .with("r", "density of " + fibre.words(), new Quantity.Plain(fibre.kgPerM3(), "kg/m\u00b3", 0))
                .with("p", "share of the thread that is fibre", Quantity.ratio(PACKING, 2))
                .from(Source.THREAD_COUNT)
                .gives(DIAMETER);
    }
}
