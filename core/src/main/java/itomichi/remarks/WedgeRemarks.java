package itomichi.remarks;

import itomichi.finding.Remark;
import itomichi.gathering.Block;
import itomichi.gathering.Gathered;
import itomichi.gathering.Pressing;
import itomichi.gathering.Split;
import itomichi.material.SewingThread;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Gatherer;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is to be said about a book thicker at one edge than at the other: of the changes that could be made, which one helps most.
 *
 * <p>Each change is made and the wedge worked out anew, so that its effect is a number and not a saying.
 */
final class WedgeRemarks {

    /** Under this a wedge is not felt; common practice, no published source. */
    static final double GOOD_PERCENT = 100 * Split.GOOD_WEDGE;
    /** Over this a book does not close well; common practice, no published source. */
    static final double BAD_PERCENT = 20;

    /** A finer thread is tried whose count is so many times that of the thread at hand. */
    private static final double THINNER = 1.5;

    /** A finer linen count is seldom sold: common practice. */
    private static final double FINEST_LINEN = 60;

    private final BookSpec spec;
    private final double percent;
    private final Block block;

    private WedgeRemarks(BookSpec spec, Block block) {
        this.spec = spec;
        this.block = block;
        this.percent = block.wedge().result().number();
    }

    static List<Remark<BookSpec>> of(BookSpec spec, Gathered.InSignatures gathered) {
        return new WedgeRemarks(spec, gathered.block()).remarks();
    }

    private record Change(Phrase words, BookSpec spec, double percent) {}

    private List<Remark<BookSpec>> remarks() {
        if (Math.abs(percent) < GOOD_PERCENT) {
            return List.of();
        }
        if (percent < 0) {
            return List.of(Remark.note("wedge-fore-edge", thickForeEdge()));
        }
        Phrase words = Phrase.of(
                "The spine comes out {} to {} at the fore edge: a wedge of {}\u202f%, over {}\u202f% {}.",
                block.spine().length().at(Fineness.BUNDLE),
                block.foreEdge().length().at(Fineness.BUNDLE),
                tenths(percent),
                Math.round(percent > BAD_PERCENT ? BAD_PERCENT : GOOD_PERCENT),
                percent > BAD_PERCENT ? "it does not close well" : "look again");
        Remark<BookSpec> remark = percent > BAD_PERCENT ? Remark.caution("wedge", words) : Remark.note("wedge", words);
        return List.of(changes().stream()
                .filter(change -> change.percent() < percent - 0.5)
                .min(Comparator.comparingDouble(change -> Math.abs(change.percent())))
                .map(best -> remark.mendedBy(
                        Phrase.of(
                                "{}: {}\u202f% to {}\u202f%, helps most",
                                best.words(), tenths(percent), tenths(best.percent())),
                        best.spec()))
                .orElse(remark));
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

    private List<Change> changes() {
        List<Change> changes = new ArrayList<>();
        GatherWish gathering = spec.gathering();
        if (gathering.pressing() != Pressing.OVERNIGHT) {
            add(
                    changes,
                    Phrase.of("Press the signatures overnight"),
                    spec.withGathering(gathering.withPressing(Pressing.OVERNIGHT)));
        }
        if (spec.thread().strands() == 2) {
            add(
                    changes,
                    Phrase.of("Sew with a single thread"),
                    spec.withThread(spec.thread().withStrands(1)));
        }
        if (!gathering.twoOn()) {
            add(changes, Phrase.of("Sew two signatures on one length"), spec.withGathering(gathering.withTwoOn(true)));
        }
        thinnerThread()
                .ifPresent(thread -> add(
                        changes,
                        Phrase.of(
                                "Take a thread of {}",
                                thread.diameter().length().at(Fineness.CALIPER)),
                        spec.withThread(spec.thread().withThread(thread))));
        fewerSignatures()
                .ifPresent(split -> add(
                        changes,
                        Phrase.of("Take {} sheets", split.sharing().words()),
                        spec.withGathering(gathering.withChosen(
                                Optional.of(new GatherWish.Chosen(split.signatures(), split.even()))))));
        return changes;
    }

    private static void add(List<Change> changes, Phrase words, BookSpec changed) {
        Gatherer.gather(changed)
                .folded()
                .ifPresent(folded -> changes.add(new Change(
                        words, changed, folded.block().wedge().result().number())));
    }

    /** The next finer linen count of as many plies, where the thread is told by its count. */
    private Optional<SewingThread> thinnerThread() {
        return spec.thread().thread().finer(THINNER, FINEST_LINEN);
    }

    /** The best split with fewer signatures whose folds are still comfortable. */
    private Optional<Split> fewerSignatures() {
        if (!spec.gathering().recipes().isEmpty()) {
            return Optional.empty();
        }
        int now = block.signatures().size() - (spec.gathering().wish().endpapersApart() ? 2 : 0);
        Length most = spec.bound().form().comfort().most();
        return Gatherer.splits(spec).stream()
                .filter(split -> split.signatures() < now && !split.fold().isMoreThan(most))
                .min(Comparator.comparingDouble(Split::wedge));
    }
}
