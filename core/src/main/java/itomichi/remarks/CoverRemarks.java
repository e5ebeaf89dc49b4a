package itomichi.remarks;

import itomichi.cover.CoverChoices;
import itomichi.cover.CoverFault;
import itomichi.cover.CoverPiece;
import itomichi.cover.CoverStock;
import itomichi.cover.Dimension;
import itomichi.cover.PieceStuff;
import itomichi.cover.SewnBlock;
import itomichi.cover.SoftCover;
import itomichi.finding.Stage;
import itomichi.gathering.Wedge;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.CoverPlan;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What is to be said about the cover, and about a block that came out otherwise than planned. */
final class CoverRemarks {

    private CoverRemarks() {}

    static List<Draft> of(BookSpec spec, CoverPlan plan) {
        List<Draft> said = new ArrayList<>();
        SewnBlock block = plan.base().block();
        Optional<Draft> ready = narrow(spec, plan).or(() -> loose(spec, plan));
        for (Dimension dimension : block.all()) {
            if (dimension.equals(block.board()) && !plan.kind().boards()) {
                continue;
            }
            if (dimension.slipped()) {
                said.add(Draft.stop("block-slipped", sentence(dimension, "look for a point that slipped")));
            } else if (dimension.unexpected() && !(dimension.equals(block.spine()) && ready.isPresent())) {
                // of a cover whose spine is made already, more is said below
                said.add(Draft.note("block-other", sentence(dimension, "the cover is made to what was measured")));
            }
        }
        ready.ifPresent(said::add);
        wedge(plan).ifPresent(said::add);
        spec.covering()
                .stocks()
                .forEach((stuff, stock) -> stocked(plan, stuff, stock).forEach(said::add));
        plan.work().faults().forEach(fault -> said.add(faulty(spec, fault)));
        return said;
    }

    /** Pieces that a sheet is too small for, or that it has only with the grain across the spine; the largest stands for its like. */
    private static List<Draft> stocked(CoverPlan plan, PieceStuff stuff, CoverStock stock) {
        List<CoverPiece> pieces = plan.work().pieces().stream()
                .filter(piece -> piece.stuff() == stuff)
                .sorted(Comparator.comparing(CoverPiece::high).reversed())
                .toList();
        List<Draft> said = new ArrayList<>();
        first(pieces, stock, CoverStock.Fit.NOT)
                .ifPresent(piece -> said.add(Draft.caution(
                        "cover-stock-small",
                        sized(
                                piece,
                                "is larger than the sheet it is to be cut from, {}, {} × {}: take a larger one, or piece it together.",
                                stock.name(),
                                stock.width().at(Fineness.CUT),
                                stock.height().at(Fineness.CUT)))));
        first(pieces, stock, CoverStock.Fit.ACROSS)
                .ifPresent(piece -> said.add(Draft.caution(
                        "cover-stock-grain",
                        sized(
                                piece,
                                "comes out of {} only with the grain across the spine: {}.",
                                stock.name(),
                                stuff.across()))));
        return said;
    }

    /** What is said of a piece, after its name and its size. */
    private static Phrase sized(CoverPiece piece, String said, Object... parts) {
        return Phrase.of(
                "{}, {} × {}, " + said,
                Stream.concat(
                                Stream.of(
                                        piece.name(),
                                        piece.wide().at(Fineness.CUT),
                                        piece.high().at(Fineness.CUT)),
                                Stream.of(parts))
                        .toArray());
    }

    private static Optional<CoverPiece> first(List<CoverPiece> pieces, CoverStock stock, CoverStock.Fit fit) {
        return pieces.stream().filter(piece -> stock.fit(piece) == fit).findFirst();
    }

    /** A block that came out thicker than the spine of the cover that waits for it. */
    private static Optional<Draft> narrow(BookSpec spec, CoverPlan plan) {
        Optional<Length> measured = plan.base().block().spine().measured();
        return plan.base()
                .soft()
                .filter(soft -> spec.bound().form().most() > 1)
                .filter(soft -> measured.filter(
                                spine -> spine.isMoreThan(soft.spine().plus(CoverRowRemarks.NARROW)))
                        .isPresent())
                .map(soft -> remade(
                        spec, "cover-spine-narrow", "it will pull the folds round", soft, measured.orElseThrow()));
    }

    /** A block that came out thinner: the cover hangs loose on it. One at hand is told of with its rows. */
    private static Optional<Draft> loose(BookSpec spec, CoverPlan plan) {
        Dimension block = plan.base().block().spine();
        boolean thin = block.unexpected() && block.length().isLessThan(block.low());
        boolean made = spec.cover().spine().isEmpty() && spec.cover().loose().isEmpty();
        return plan.base()
                .soft()
                .filter(soft -> thin && made && spec.bound().form().most() > 1)
                .filter(soft -> soft.spine().isMoreThan(block.length().plus(CoverRowRemarks.NARROW)))
                .map(soft -> remade(spec, "cover-spine-loose", "it will hang loose there", soft, block.length()));
    }

    /** As long as it is not sewn, the cover is made to the block as it was measured, and its rows with it. */
    private static Draft remade(BookSpec spec, String key, String then, SoftCover soft, Length spine) {
        Draft said = Draft.caution(
                key,
                Phrase.of(
                        "The block measures {} at the spine, its cover is made to {}: " + then + ".",
                        spine.at(Fineness.BUNDLE),
                        soft.spine().at(Fineness.BUNDLE)));
        return spec.done().contains(Stage.SEW)
                ? said
                : said.mendedBy(
                        Phrase.of("Make the spine of the cover {} wide", spine.at(Fineness.BUNDLE)),
                        spec.withCover(spec.cover().withSpine(Optional.of(spine))));
    }

    /** More swell than was thought: the block as measured is a wedge. */
    private static Optional<Draft> wedge(CoverPlan plan) {
        Dimension spine = plan.base().block().spine();
        Wedge wedge = new Wedge(
                plan.base().back(),
                spine.length().mm(),
                plan.base().block().foreEdge().length().mm());
        // what came out as planned was told where it was gathered
        if (!spine.unexpected() || spine.slipped() || wedge.judgement() != Wedge.Judgement.TOO_THICK) {
            return Optional.empty();
        }
        return Optional.of(Draft.caution(
                "block-wedge",
                Phrase.of(
                        "As it was measured the spine is {} thicker than the fore edge, {} %: knock the folds down and press it again before it is covered.",
                        Length.ofMm(wedge.spineMm() - wedge.foreEdgeMm()).at(Fineness.BUNDLE),
                        Math.round(wedge.percent()))));
    }

    private static Phrase sentence(Dimension dimension, String then) {
        return Phrase.of(
                "Measured {}, planned {} ({} to {}): the {}; {}.",
                dimension.shown(dimension.length()),
                dimension.shown(dimension.planned()),
                dimension.shown(dimension.low()),
                dimension.shown(dimension.high()),
                dimension.name(),
                then);
    }

    /** As a fault says, mended by what it names as usual again, and by the way it says. */
    private static Draft faulty(BookSpec spec, CoverFault fault) {
        Draft said = Draft.of(fault.weight(), fault.key(), fault.words());
        CoverChoices before = spec.covering().choices();
        Map<String, Double> numbers = new HashMap<>(before.numbers());
        Map<String, String> schools = new HashMap<>(before.schools());
        numbers.keySet().removeAll(fault.settings());
        schools.keySet().removeAll(fault.settings());
        fault.mend().ifPresent(mend -> schools.putAll(mend.schools()));
        CoverChoices after = new CoverChoices(numbers, schools);
        return after.equals(before)
                ? said
                : said.mendedBy(
                        fault.mend().map(CoverFault.Mend::words).orElse(Phrase.of("Take what is usual")),
                        spec.withCovering(spec.covering().withChoices(after)));
    }
}
