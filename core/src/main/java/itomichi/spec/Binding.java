package itomichi.spec;

import itomichi.finding.Stage;
import itomichi.gathering.SplitWish;
import itomichi.measure.Length;
import itomichi.structure.Need;
import itomichi.structure.Stitching;
import itomichi.structure.Structure;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Sensible starting values when another structure is chosen. Common practice, no published source. */
public final class Binding {

    /** Room at first for what is pasted in, as a share of the paper. */
    private static final double PASTE_IN_SHARE = 0.25;

    private Binding() {}

    /**
     * The same book bound otherwise: pages, leaf, paper and thread stay, what belongs to the structure begins afresh.
     *
     * @param spec the book
     * @param to the structure it is to be bound in
     */
    public static BookSpec as(BookSpec spec, Structure to) {
        Set<Stage> done = EnumSet.noneOf(Stage.class);
        if (spec.done().contains(Stage.PURPOSE)) {
            done.add(Stage.PURPOSE);
        }
        BookSpec bound = new BookSpec(
                spec.title(),
                to.key(),
                spec.use(),
                spec.edition().withoutStocks(),
                spec.extent(),
                spec.leaf(),
                spec.papers(),
                gathering(spec, to),
                spec.pageWish(),
                HoleWish.of(to.startStations()),
                spec.cover(),
                CoverWish.USUAL,
                spec.thread().withStrands(1),
                spec.stitch().withVariant(Stitching.USUAL),
                done,
                spec.learned());
        return bound.withCover(spec.cover().withWanted(to.inSoftCover()));
    }

    private static GatherWish gathering(BookSpec spec, Structure to) {
        boolean pastes = spec.use().needs().contains(Need.PASTE_IN) && to.form().most() > 1;
        boolean same = to.form().folded() && spec.bound().form().folded();
        Length paper = Length.ofMm(spec.extent().sheets(true)
                * 2
                * spec.thickness(spec.paper()).length().mm());
        return new GatherWish(
                Optional.empty(),
                SplitWish.NONE,
                spec.gathering().pressing(),
                spec.gathering().back(),
                pastes && spec.gathering().pasteIns().equals(Length.ZERO)
                        ? paper.times(PASTE_IN_SHARE)
                        : spec.gathering().pasteIns(),
                same ? spec.gathering().recipes() : List.of(),
                same ? spec.gathering().heights() : Map.of());
    }
}
