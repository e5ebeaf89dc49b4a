package itomichi.cover;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The kinds of cover there are. A new one is added here and in its own file. */
public final class CoverKinds {

    private static final Extra SLIP_ON = new SlipOn();
    private static final Extra ROUNDED = new RoundedCorners();
    private static final Extra CORNERS = new StabCorners();

    private static final List<CoverKind> ALL = List.of(
            WithExtras.of(new SoftSewn(), SLIP_ON),
            WithExtras.of(new SoftWrapped(), SLIP_ON),
            WithExtras.of(new SoftFolded(), SLIP_ON),
            WithExtras.of(new Limp(), SLIP_ON),
            WithExtras.of(new PleatedStrip(), SLIP_ON),
            WithExtras.of(new SewnBoards(), ROUNDED, SLIP_ON),
            WithExtras.of(new FlatCase(), ROUNDED, SLIP_ON),
            WithExtras.of(new RoundCase(), ROUNDED, SLIP_ON),
            WithExtras.of(new TakenCase(), SLIP_ON),
            WithExtras.of(new SpineFree(), ROUNDED, SLIP_ON),
            WithExtras.of(new StabSoft(), CORNERS, SLIP_ON),
            WithExtras.of(new StabHinged(), CORNERS, ROUNDED, SLIP_ON),
            new Bare());

    private CoverKinds() {}

    /** All of them, in the order in which they are offered. */
    public static List<CoverKind> all() {
        return ALL;
    }

    /** Those that fit a block, the usual one first; at least one. */
    public static List<CoverKind> fitting(CoverBase base) {
        return ALL.stream().filter(kind -> kind.fits(base)).toList();
    }

    /** The kind of that key where it fits, else the usual one. */
    public static CoverKind chosen(String key, CoverBase base) {
        List<CoverKind> fitting = fitting(base);
        return fitting.stream()
                .filter(kind -> kind.key().equals(key))
                .findFirst()
                .orElseGet(() -> fitting.get(0));
    }

    /** The kind kept under that key. */
    public static Optional<CoverKind> keyed(String key) {
        return ALL.stream().filter(kind -> kind.key().equals(key)).findFirst();
    }

    /** Every setting of every kind; those of one key are the same. */
    public static Stream<Setting> settings() {
        return ALL.stream().flatMap(kind -> kind.settings().stream());
    }
}
