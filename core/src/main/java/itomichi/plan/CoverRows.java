package itomichi.plan;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.gathering.Block;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Shown;
import itomichi.spec.BookSpec;
import itomichi.station.RowScheme;
import itomichi.station.Rows;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Divides the spine of a cover that is sewn through, by the school that is wanted and by every other. */
final class CoverRows {

    private static final Formula LOOSE = Formula.of("L + 2 × r");
    /** Left at each side of a loose stack: common practice. */
    private static final Length ROOM = Length.ofMm(3);

    private final BookSpec spec;
    private final RowScheme.Spine spine;
    private final boolean pairs;

    /** @param least how wide the spine of a cover that is cut to the book is at least */
    CoverRows(BookSpec spec, Block block, boolean pairs, Length least) {
        this.spec = spec;
        this.pairs = pairs;
        List<Length> thicknesses = thicknesses(block);
        List<Length> lines = new ArrayList<>();
        for (int i = 0; i < thicknesses.size(); i += pairs ? 2 : 1) {
            boolean two = pairs && i + 1 < thicknesses.size();
            lines.add(two ? thicknesses.get(i).plus(thicknesses.get(i + 1)) : thicknesses.get(i));
        }
        this.spine = new RowScheme.Spine(width(spec, block, least), lines);
    }

    /** Width of the spine of a cover: as it is at hand, or made to the loose stack, or to the block. */
    static Length width(BookSpec spec, Block block, Length least) {
        return spec.cover()
                .spine()
                .or(() -> toLooseStack(spec, block).map(Working::length))
                .orElseGet(() -> natural(block).isMoreThan(least) ? natural(block) : least);
    }

    /** At the folds, and the room for what is pasted in. */
    private static Length natural(Block block) {
        return block.spine().length().plus(block.pasteIns());
    }

    /** The school of those who make albums: as wide as the loose stack, and room at each side. Common practice, no published source. */
    static Optional<Working> toLooseStack(BookSpec spec, Block block) {
        return spec.cover()
                .loose()
                .map(stack -> Working.by(LOOSE)
                        .with("L", "the loose stack, as measured", Quantity.of(stack, Fineness.BUNDLE))
                        .with("r", "room at each side", Quantity.of(ROOM, Fineness.BUNDLE))
                        .from(Source.COMMON_PRACTICE)
                        .note(Phrase.of(
                                "Made to the pressed block it would be {}.",
                                natural(block).at(Fineness.BUNDLE)))
                        .gives(Quantity.of(Length.ZERO, Fineness.BUNDLE)));
    }

    /** What each signature takes of the spine, its share of the room for paste-ins included; all together the natural width. */
    static List<Length> thicknesses(Block block) {
        double allMm = block.signatures().stream()
                .mapToDouble(signature -> signature.laidFlat().mm())
                .sum();
        int number = block.signatures().size();
        double swellMm = block.swell().result().number();
        double foldsMm = block.spine().result().number() - swellMm;
        double apartMm = (swellMm + block.pasteIns().mm()) / number;
        return block.signatures().stream()
                .map(signature -> Length.ofMm(foldsMm * signature.laidFlat().mm() / allMm + apartMm))
                .toList();
    }

    Holes.InCover plan(Length hole) {
        RowScheme wanted = spec.holes().rows();
        Optional<Phrase> unfit = wanted.unfit(spine);
        Rows rows = (unfit.isEmpty() ? wanted : new RowScheme.EqualGaps()).across(spine);
        Length leaf = spec.leaf().height();
        Length height =
                spec.cover().height().orElse(leaf.plus(spec.cover().square().times(2)));
        Length over = height.minus(leaf);
        Length head = spec.cover().headSquare().orElse(over.times(0.5));
        return new Holes.InCover(
                rows,
                pairs,
                schools(hole),
                height,
                head,
                over.minus(head),
                hole,
                natural(),
                spec.cover().stuff(),
                unfit);
    }

    private List<Holes.School> schools(Length hole) {
        Length margin = spec.holes().rows().toldMargin().orElse(RowScheme.USUAL_MARGIN);
        Length pitch = spec.holes().rows().toldPitch().orElseGet(this::usualPitch);
        Length width = spine.width();
        int n = spine.rows();
        Length equal = width.times(1.0 / (n + 1));
        return List.of(
                school(
                        Holes.School.EQUAL,
                        new RowScheme.EqualGaps(),
                        Phrase.of("{} ÷ ({} + 1) = {} everywhere", mark(width), n, mark(equal)),
                        hole),
                school(
                        "MARGIN",
                        new RowScheme.EdgeMargin(margin),
                        n == 1
                                ? Phrase.of("one row, at the middle")
                                : Phrase.of(
                                        "({} − 2 × {}) ÷ ({} − 1) = {} between rows",
                                        mark(width),
                                        mark(margin),
                                        n,
                                        mark(width.minus(margin.times(2)).times(1.0 / (n - 1)))),
                        hole),
                school(
                        "PITCH",
                        new RowScheme.Pitch(pitch),
                        Phrase.of(
                                "{} from row to row about the centre, {} in all",
                                mark(pitch),
                                mark(pitch.times(n - 1))),
                        hole),
                school(
                        "THICKNESS",
                        new RowScheme.OwnThickness(),
                        Phrase.of("as thick as {}: {} in all", pairs ? "each pair" : "each signature", mark(natural())),
                        hole));
    }

    private Length natural() {
        return new Length(
                spine.thicknesses().stream().mapToLong(Length::micrometres).sum());
    }

    /** 12 mm for thick journals, 3 mm for many thin signatures: common practice; between them what the spine offers. */
    private Length usualPitch() {
        double naturalMm = spine.width().mm() / spine.rows();
        return naturalMm >= 12 ? Length.ofMm(12) : naturalMm <= 3 ? Length.ofMm(3) : Length.ofMm(Math.floor(naturalMm));
    }

    private static Shown mark(Length length) {
        return length.at(Fineness.MARK);
    }

    private Holes.School school(String key, RowScheme scheme, Phrase words, Length hole) {
        Optional<Rows> rows = scheme.unfit(spine).isEmpty() ? Optional.of(scheme.across(spine)) : Optional.empty();
        Length material = rows.filter(laid -> laid.count() > 1)
                .map(laid -> laid.nearest().minus(hole))
                .orElse(spine.width());
        return new Holes.School(key, words, rows, material);
    }
}
