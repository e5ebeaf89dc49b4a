package itomichi.structure;

import java.util.List;
import java.util.Optional;

/** The structures there are. A new one is added here and in its own file, nowhere else. */
public final class Structures {

    private static final List<Structure> ALL = List.of(
            new Pamphlet(),
            new CordedPamphlet(),
            new SeveralPamphlets(),
            new DoublePamphlet(),
            new LinkStitch(),
            new FrenchLink(),
            new Tapes(),
            new LongStitch(),
            new PairedRows(),
            StabBinding.plain(),
            StabBinding.running(),
            StabBinding.fourHole(),
            StabBinding.cornerHoles(),
            StabBinding.tortoiseShell(),
            StabBinding.hempLeaf(),
            new OwnFold(),
            new OwnSide(),
            new GluedSpine());

    private Structures() {}

    /** All of them, in the order in which they are offered. */
    public static List<Structure> all() {
        return ALL;
    }

    /** The structure kept under that key. */
    public static Optional<Structure> keyed(String key) {
        return ALL.stream().filter(structure -> structure.key().equals(key)).findFirst();
    }

    /** The structure that is sewn by a pattern of the binder's own: through the side of a block, or through folds. */
    public static Structure forPattern(boolean side) {
        return ALL.stream()
                .filter(structure -> structure.takesPattern(side))
                .findFirst()
                .orElseThrow();
    }
}
