package itomichi.server.instrument;

import itomichi.measure.Length;
import itomichi.spec.UnfitValueException;
import java.util.random.RandomGenerator;
import org.springframework.stereotype.Component;

/**
 * A caliper without a wire: it measures stacks that only it knows, with the scatter of a hand-held one.
 *
 * <p>A reading is off by how hard the jaws are closed (about 0.6 % of what lies between them) and by how they are seated (about 0.015 mm);
 * the display shows hundredths of a millimetre. Both figures are common practice, no published source.
 */
@Component
class SimulatedCaliper implements Caliper {

    private static final double PRESSURE = 0.006;
    private static final double SEAT_MM = 0.015;
    private static final int MOST = 400;

    /** What may be laid between its jaws. */
    enum Stuff {
        GREY_STACK("grey stack without a label", 0.168),
        CREAM_STACK("cream stack from the loft", 0.113),
        SHADOW_CARD("card of the shadow figures", 0.312),
        TISSUE("thin tissue", 0.041),
        COVER_BOARD("board offcuts", 1.94),
        WOUND_THREAD("turns of the unknown thread", 0.515),
        SEWN_SPINE("sewn log, at its spine", 22.4),
        SEWN_FORE_EDGE("sewn log, at its fore edge", 18.3);

        private final String words;
        private final double mm;

        Stuff(String words, double mm) {
            this.words = words;
            this.mm = mm;
        }

        String words() {
            return words;
        }
    }

    private final RandomGenerator chance;
    private Stuff stuff = Stuff.GREY_STACK;
    private int number = 20;

    SimulatedCaliper() {
        this(RandomGenerator.getDefault());
    }

    SimulatedCaliper(RandomGenerator chance) {
        this.chance = chance;
    }

    @Override
    public String name() {
        return "Caliper, simulated";
    }

    synchronized Stuff stuff() {
        return stuff;
    }

    synchronized int number() {
        return number;
    }

    /**
     * Lays something between the jaws.
     *
     * @throws UnfitValueException if the jaws do not take so many
     */
    synchronized void lay(Stuff what, int howMany) {
        if (howMany < 1 || howMany > MOST) {
            throw new UnfitValueException(
                    "number", "Read " + howMany + "; from 1 to " + MOST + " go between the jaws.");
        }
        stuff = what;
        number = howMany;
    }

    @Override
    public synchronized Length read() {
        double trueMm = stuff.mm * number;
        double readMm = trueMm * (1 + chance.nextGaussian() * PRESSURE) + chance.nextGaussian() * SEAT_MM;
        double hundredths = Math.max(1, Math.rint(readMm * 100));
        return Length.ofMm(hundredths / 100);
    }
}
