package itomichi.cover;

import itomichi.finding.Working;
import itomichi.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A piece to be cut; its grain runs along its height, with the spine.
 *
 * @param key a name that does not change, for instance {@code board}
 * @param name what a binder calls it
 * @param stuff what it is cut from
 * @param count how many of it
 * @param width across the grain, with how it came about
 * @param height along the grain, with how it came about
 * @param outline its corners where it is no rectangle, from its left corner at the head
 * @param folds lines that it is folded along, and holes cut in it, from the same corner
 */
public record CoverPiece(
        String key,
        String name,
        PieceStuff stuff,
        int count,
        Working width,
        Working height,
        Optional<List<FlatPoint>> outline,
        List<Outline> folds) {

    public CoverPiece {
        folds = List.copyOf(folds);
    }

    static CoverPiece rectangle(String key, String name, PieceStuff stuff, int count, Working width, Working height) {
        return new CoverPiece(key, name, stuff, count, width, height, Optional.empty(), List.of());
    }

    /** Its size across the grain. */
    public Length wide() {
        return width.length();
    }

    /** Its size along the grain. */
    public Length high() {
        return height.length();
    }

    /** Whether there is anything of it. */
    boolean real() {
        return wide().mm() > 0 && high().mm() > 0;
    }

    /** Its corners, in order from its left corner at the head. */
    public List<FlatPoint> corners() {
        return outline.orElseGet(() -> List.of(
                new FlatPoint(0, 0),
                new FlatPoint(wide().mm(), 0),
                new FlatPoint(wide().mm(), high().mm()),
                new FlatPoint(0, high().mm())));
    }

    /** The same with these corners. */
    CoverPiece shaped(List<FlatPoint> corners) {
        return new CoverPiece(key, name, stuff, count, width, height, Optional.of(corners), folds);
    }

    /** The same, folded along these lines too. */
    CoverPiece folded(List<Outline> lines) {
        return new CoverPiece(
                key,
                name,
                stuff,
                count,
                width,
                height,
                outline,
                Stream.concat(folds.stream(), lines.stream()).toList());
    }

    /** So many of it, called so. */
    CoverPiece called(String other, int number) {
        return new CoverPiece(key, other, stuff, number, width, height, outline, folds);
    }
}
