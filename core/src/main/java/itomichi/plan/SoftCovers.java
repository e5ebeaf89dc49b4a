package itomichi.plan;

import itomichi.cover.SoftCover;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import java.util.Optional;

/** Sizes a soft cover: it goes round the one fold, or round the spine of the whole block. */
final class SoftCovers {

    private SoftCovers() {}

    /** The cover of a book whose sheets are gathered so; nothing where none is wanted. */
    static Optional<SoftCover> of(BookSpec spec, Gathered gathered, Optional<Holes> holes) {
        Optional<Holes.InCover> rows = holes.flatMap(Holes::inFolds).flatMap(Holes.InFolds::cover);
        return gathered.folded()
                .filter(folded -> spec.cover().wanted())
                .map(folded -> of(
                        spec,
                        folded,
                        rows.map(Holes.InCover::width)
                                .orElseGet(() -> CoverRows.width(spec, folded.block(), Length.ZERO))));
    }

    private static SoftCover of(BookSpec spec, Gathered.InSignatures folded, Length spine) {
        Signature thickest = folded.thickest();
        boolean one = folded.block().signatures().size() == 1;
        Length fold = thickest.foldThickness(spec.bound().form().comfort()).length();
        return new SoftCover(
                spec.leaf().width(),
                spec.leaf().height(),
                spec.leaf().trimmed() ? Length.ZERO : thickest.creep().length(),
                one ? fold : spine,
                spec.cover().square(),
                spec.cover().thickness(),
                spec.cover().stuff(),
                spec.cover().height());
    }
}
