package itomichi.path;

/**
 * A hole in the work.
 *
 * @param signature number of the signature from 1; 1 for a stab-bound block
 * @param station number of the station from 1 at the head
 */
public record Hole(int signature, int station) implements Comparable<Hole> {

    /** @throws IllegalArgumentException if a number is under 1 */
    public Hole {
        if (signature < 1 || station < 1) {
            throw new IllegalArgumentException(
                    "Signatures and stations count from 1; read " + signature + " and " + station);
        }
    }

    @Override
    public int compareTo(Hole other) {
        return signature != other.signature
                ? Integer.compare(signature, other.signature)
                : Integer.compare(station, other.station);
    }

    /** Spread out: a record's own makes neighbouring holes of neighbouring signatures alike, and sets of thousands of them slow. */
    @Override
    public int hashCode() {
        return signature * 0x9E3779B1 ^ station * 0x85EBCA6B;
    }
}
