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
            StabBinding.running(),
            StabBinding.fourHole(),
            StabBinding.cornerHoles(),
            StabBinding.tortoiseShell(),
            StabBinding.hempLeaf(),
            new OwnFold(),
            new OwnSide(),
            new GluedSpine());

    private Structures() {}

    public static List<Structure> all() {
        return ALL;
    }

    /** The structure kept under that key. */
    public static Optional<Structure> keyed(String key) {
        return ALL.stream().filter(structure -> structure.key().equals(key)).findFirst();
    }
}
