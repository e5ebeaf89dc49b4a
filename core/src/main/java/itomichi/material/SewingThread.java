package itomichi.material;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import java.util.Optional;

/**
 * A thread for sewing.
 *
 * @param name what the binder calls it
 * @param fibre what it is spun from
 * @param count how fine it is
 */
public record SewingThread(String name, Fibre fibre, ThreadCount count) {

    /** Share of a twisted thread's round that is fibre: common practice. */
    private static final double PACKING = 0.6;

    private static final Formula BY_MASS = Formula.of("√(4 × x ÷ (π × r × p × 1000000)) × 1000");
    private static final Formula BY_WINDING = Formula.of("W ÷ n");
    private static final Quantity DIAMETER = Quantity.of(Length.ZERO, Fineness.CALIPER);

    /**
     * A finer linen thread of as many plies; empty where this one is not told by a linen count, or none is fine enough.
     *
     * @param times how many times as high its count is
     * @param finest the highest count there is
     */
    public Optional<SewingThread> finer(double times, double finest) {
        if (count instanceof ThreadCount.Linen linen && linen.count() * times <= finest) {
            double finer = Math.rint(linen.count() * times);
            String called = "Linen " + Math.round(finer) + "/" + linen.ply();
            return Optional.of(new SewingThread(called, fibre, new ThreadCount.Linen(finer, linen.ply())));
        }
        return Optional.empty();
    }

    /** Mass in g/km; NaN where the thread was measured instead. */
    public double tex() {
        return count.tex();
    }

    /** The pull at which it snaps by its fibre and count, N; NaN where the thread was measured instead. */
    public double strengthN() {
        return tex() * fibre.cNPerTex() / 100;
    }

    /** Diameter of the thinnest thread of this fibre that bears a pull, in newtons. */
    public Length thinnestFor(double pullN) {
        SewingThread thin = new SewingThread(name, fibre, new ThreadCount.Tex(pullN * 100 / fibre.cNPerTex()));
        return thin.diameter().length();
    }

    /** Diameter of the thread and how it was found. */
    public Working diameter() {
        return count.match(new Diameter(fibre));
    }

    /** By its mass, or by what was measured. */
    private record Diameter(Fibre fibre) implements ThreadCount.Cases<Working> {

        @Override
        public Working tex(ThreadCount.Tex tex) {
            return byMass(tex.tex());
        }

        @Override
        public Working linen(ThreadCount.Linen linen) {
            return byMass(linen.tex());
        }

        @Override
        public Working cotton(ThreadCount.Cotton cotton) {
            return byMass(cotton.tex());
        }

        @Override
        public Working wound(ThreadCount.Wound wound) {
            return Working.by(BY_WINDING)
                    .with("W", "width of the winding", Quantity.of(wound.width(), Fineness.MARK))
                    .with("n", "turns", Quantity.count(wound.turns()))
                    .from(Source.MEASURED)
                    .gives(DIAMETER);
        }

        private Working byMass(double tex) {
            return Working.by(BY_MASS)
                    .with("x", "tex", new Quantity.Plain(tex, "g/km", 1))
                    .with("r", "density of " + fibre.words(), new Quantity.Plain(fibre.kgPerM3(), "kg/m\u00b3", 0))
                    .with("p", "share of the thread that is fibre", Quantity.ratio(PACKING, 2))
                    .from(Source.THREAD_COUNT)
                    .gives(DIAMETER);
        }
    }
}
