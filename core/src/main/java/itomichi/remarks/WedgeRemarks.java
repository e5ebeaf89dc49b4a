package itomichi.remarks;

import itomichi.finding.Remark.Mend;
import itomichi.gathering.Back;
import itomichi.gathering.Block;
import itomichi.gathering.Gathered;
import itomichi.gathering.Pressing;
import itomichi.gathering.Wedge;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Gatherer;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What is to be said about a book thicker at one edge than at the other, by how its back will be.
 *
 * <p>Each change that might help is made and the wedge worked out anew, so that its effect is a number and not a saying.
 */
final class WedgeRemarks {

    /** A finer thread is tried whose count is so many times that of the thread at hand. */
    private static final double THINNER = 1.5;

    /** A finer linen count is seldom sold: common practice. */
    private static final double FINEST_LINEN = 60;

    private final BookSpec spec;
    private final Block block;
    private final Wedge wedge;

    private WedgeRemarks(BookSpec spec, Block block) {
        this.spec = spec;
        this.block = block;
        this.wedge = wedge(spec, block);
    }

    static List<Draft> of(BookSpec spec, Gathered.InSignatures gathered) {
        return new WedgeRemarks(spec, gathered.block()).remarks();
    }

    private static Wedge wedge(BookSpec spec, Block block) {
        return new Wedge(
                spec.back(),
                block.spine().length().mm(),
                block.foreEdge().length().mm());
    }

    private List<Draft> remarks() {
        return switch (wedge.judgement()) {
            case FINE -> List.of();
            case THICK_FORE_EDGE -> List.of(Draft.note("wedge-fore-edge", thickForeEdge()));
            case NOTED -> List.of(mended(Draft.note("wedge", thickSpine("look again"))));
            case TOO_THICK -> List.of(mended(Draft.caution("wedge", thickSpine("it does not close well"))));
            case LITTLE_TO_ROUND ->
                List.of(Draft.note(
                        "wedge-flat",
                        Phrase.of(
                                "The spine comes out {} to {} at the fore edge: {}\u202f% of thread leave little to round; a quarter to a third is wanted. A thicker thread or thinner signatures give more.",
                                block.spine().length().at(Fineness.BUNDLE),
                                block.foreEdge().length().at(Fineness.BUNDLE),
                                tenths(Math.max(0, wedge.percent())))));
        };
    }

    private Phrase thickSpine(String words) {
        Back back = wedge.back();
        double limit = wedge.judgement() == Wedge.Judgement.NOTED ? back.notedPercent() : back.mostPercent();
        return Phrase.of(
                "The spine comes out {} to {} at the fore edge: a wedge of {}\u202f%; from {}\u202f% on, {}.",
                block.spine().length().at(Fineness.BUNDLE),
                block.foreEdge().length().at(Fineness.BUNDLE),
                tenths(wedge.percent()),
                Math.round(limit),
                words);
    }

    /** Another split, pressing, thinner thread, another way of sewing, another structure: in this order a binder tries. */
    private Draft mended(Draft remark) {
        return remark.asBadAs(wedge.percent())
                .mendedBy(this::fewerSignatures)
                .mendedBy(this::pressed)
                .mendedBy(this::thinnerThread)
                .mendedBy(this::otherWay)
                .mendedBy(this::rounded)
                .mendedBy(() -> Rebinding.inSignatures(spec));
    }

    private static String tenths(double percent) {
        return Double.toString(Math.round(percent * 10) / 10.0);
    }

    private Phrase thickForeEdge() {
        double lackingMm =
                block.foreEdge().result().number() - block.spine().result().number();
        return Phrase.of(
                "With what is pasted in, the fore edge stands {} thicker than the spine. Give the spine that much room: rows set wider, or strips of paper sewn in with the signatures.",
                Length.ofMm(lackingMm).at(Fineness.BUNDLE));
    }

    private Stream<Mend<BookSpec>> tried(Phrase words, BookSpec changed) {
        return tried(words, changed, after -> true);
    }

    /** A change told with the wedge that it leaves, where its block is as wanted. */
    private Stream<Mend<BookSpec>> tried(Phrase words, BookSpec changed, Predicate<Block> wanted) {
        return Gatherer.gather(changed).folded().stream()
                .filter(folded -> wanted.test(folded.block()))
                .map(folded -> wedge(changed, folded.block()).percent())
                .map(after -> new Mend<>(
                        Phrase.of("{}: {}\u202f% to {}\u202f%", words, tenths(wedge.percent()), tenths(after)),
                        changed));
    }

    private Stream<Mend<BookSpec>> pressed() {
        GatherWish gathering = spec.gathering();
        return gathering.pressing() == Pressing.OVERNIGHT
                ? Stream.of()
                : tried(
                        Phrase.of("Press the signatures overnight"),
                        spec.withGathering(gathering.withPressing(Pressing.OVERNIGHT)));
    }

    /** A single thread before a doubled one; then the next finer linen count of as many plies, where the thread is told by its count. */
    private Stream<Mend<BookSpec>> thinnerThread() {
        if (spec.thread().strands() == 2) {
            return tried(
                    Phrase.of("Sew with a single thread"),
                    spec.withThread(spec.thread().withStrands(1)));
        }
        return spec.thread().thread().finer(THINNER, FINEST_LINEN).stream()
                .flatMap(thread -> tried(
                        Phrase.of(
                                "Take a thread of {}",
                                thread.diameter().length().at(Fineness.CALIPER)),
                        spec.withThread(spec.thread().withThread(thread))));
    }

    /** The ways it may be sewn that leave less thread in the folds. */
    private Stream<Mend<BookSpec>> otherWay() {
        return spec.stitching().stream()
                .flatMap(sewn -> sewn.variants().stream())
                .filter(way -> !way.key().equals(spec.variant()))
                .flatMap(way -> tried(
                        Phrase.of("Sew it otherwise, {}", way.words()),
                        spec.withStitch(spec.stitch().withVariant(way.key())),
                        changed -> changed.threads() < block.threads()));
    }

    /** Thread in the folds is what a round back is made of. */
    private Stream<Mend<BookSpec>> rounded() {
        boolean flat = spec.bound().mayBeRounded() && spec.back() == Back.FLAT;
        return flat
                ? Stream.of(new Mend<>(
                        Phrase.of("Round the back"),
                        spec.withGathering(spec.gathering().withBack(Back.ROUNDED))))
                : Stream.of();
    }

    /** The best split with fewer signatures, and less of a wedge, whose folds are still comfortable. */
    private Stream<Mend<BookSpec>> fewerSignatures() {
        return OtherSplits.fewer(spec, block.signatures().size())
                .filter(split -> split.wedge().percent() < wedge.percent())
                .limit(1)
                .flatMap(split -> tried(OtherSplits.words(split), OtherSplits.taken(spec, split)));
    }
}
