package itomichi.server.sewing;

import java.util.UUID;

/** Is told where the needle is, and does what follows from it. */
public interface SewingWatch {

    /**
     * A move was made, or taken back.
     *
     * @param step moves sewn
     * @param steps moves of the whole sewing
     */
    void sewn(UUID book, int step, int steps);
}
