package itomichi.server.instrument;

import itomichi.measure.Length;

/** A caliper that sends what it reads. An adapter for a real one implements this, and nothing else changes. */
interface Caliper {

    /** What it is called on the screen. */
    String name();

    /**
     * What lies between its jaws measures now.
     *
     * @return a reading as fine as the instrument's own display
     * @throws itomichi.server.platform.ProblemException if it does not answer
     */
    Length read();
}
