package itomichi.cover;

import itomichi.finding.Figure;
import itomichi.finding.Remark.Weight;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A cover worked out.
 *
 * @param pieces what is cut for it; of which nothing is left is not one of them, and a fault says so
 * @param jigs helpers of card for making it, at true size
 * @param figures its sizes that a binder asks for, each with its working
 * @param looks how it is drawn
 * @param steps the order of work
 * @param faults what is wrong with it
 * @param size of a soft cover that is sewn on; nothing of other kinds
 * @param shape how it lies round the book
 * @param slipFlap how wide the flaps of a loose wrapper are that is slipped over it; nothing without one
 */
public record CoverWork(
        List<CoverPiece> pieces,
        List<CoverPiece> jigs,
        List<Figure> figures,
        List<CoverLook> looks,
        List<CoverStep> steps,
        List<CoverFault> faults,
        Optional<CoverSize> size,
        CoverShape shape,
        Optional<Length> slipFlap) {

    /** Nothing to cut and nothing to do. */
    static final CoverWork NOTHING = new CoverWork(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Optional.empty(),
            new CoverShape.Nothing());

    public CoverWork {
        List<CoverFault> all = new ArrayList<>(faults);
        pieces.stream()
                .filter(piece -> !piece.real())
                .map(CoverWork::nothingLeft)
                .forEach(all::add);
        pieces = pieces.stream().filter(CoverPiece::real).toList();
        jigs = jigs.stream().filter(CoverPiece::real).toList();
        figures = List.copyOf(figures);
        looks = List.copyOf(looks);
        steps = List.copyOf(steps);
        faults = List.copyOf(all);
    }

    /**
     * What is added to a cover.
     *
     * @param steps of the dry run and of the making before those of the kind, of the finishing after them
     */
    record More(
            List<CoverPiece> pieces,
            List<CoverPiece> jigs,
            List<Figure> figures,
            List<CoverLook> looks,
            List<CoverStep> steps,
            List<CoverFault> faults) {}

    /** The same with more. */
    CoverWork with(More more) {
        List<CoverStep> order = new ArrayList<>(steps);
        order.addAll(
                (int) order.stream()
                        .filter(step -> step.part() == CoverStep.Part.DRY)
                        .count(),
                more.steps().stream()
                        .filter(step -> step.part() != CoverStep.Part.FINISH)
                        .toList());
        order.addAll(more.steps().stream()
                .filter(step -> step.part() == CoverStep.Part.FINISH)
                .toList());
        return new CoverWork(
                both(pieces, more.pieces()),
                both(jigs, more.jigs()),
                both(figures, more.figures()),
                both(looks, more.looks()),
                order,
                both(faults, more.faults()),
                size,
                shape,
                slipFlap);
    }

    private static <T> List<T> both(List<T> some, List<T> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }

    /** The same, cut and drawn so. */
    CoverWork of(List<CoverPiece> otherPieces, List<CoverLook> otherLooks, CoverShape otherShape) {
        return new CoverWork(otherPieces, jigs, figures, otherLooks, steps, faults, size, otherShape, slipFlap);
    }

    /** The same under a loose wrapper with flaps so wide. */
    CoverWork slipped(Length flap) {
        return new CoverWork(pieces, jigs, figures, looks, steps, faults, size, shape, Optional.of(flap));
    }

    /** Whether something loose is slipped over all of it, so that nothing else is seen. */
    public boolean isSlipped() {
        return slipFlap.isPresent();
    }

    /** The closed book; where it is not drawn, the block with what is pierced together with it. */
    public ClosedSize closed(CoverBase base) {
        SewnBlock block = base.block();
        Optional<CoverLook> front = look(CoverLook.View.CLOSED_FRONT);
        Optional<CoverLook> head = look(CoverLook.View.CLOSED_HEAD);
        Length wide = front.map(look -> Length.ofMm(look.widthMm()))
                .orElse(block.width().length());
        Length overAll = head.map(look -> Length.ofMm(look.widthMm())).orElse(wide);
        return new ClosedSize(
                wide,
                overAll.isMoreThan(wide) ? overAll : wide,
                front.map(look -> Length.ofMm(look.heightMm()))
                        .orElse(block.height().length()),
                head.map(look -> Length.ofMm(look.heightMm()))
                        .orElseGet(() -> block.spine()
                                .length()
                                .plus(base.pierced() ? block.board().length().times(2) : Length.ZERO)));
    }

    /** One of its sizes; nothing where this cover has none of that key. */
    public Optional<Figure> figure(String key) {
        return figures.stream().filter(one -> one.key().equals(key)).findFirst();
    }

    /** How it is drawn from there; nothing where it is not. */
    public Optional<CoverLook> look(CoverLook.View view) {
        return looks.stream().filter(one -> one.view() == view).findFirst();
    }

    /** What is seen of it on the shelf: cloth or paper before the boards that they cover. */
    public Optional<PieceStuff> seen() {
        // a wrapper is slipped over everything else
        return isSlipped()
                ? Optional.of(PieceStuff.PAPER)
                : pieces.stream()
                        .map(CoverPiece::stuff)
                        .filter(PieceStuff::seen)
                        .findFirst();
    }

    /** A cover that nothing is slipped over. */
    CoverWork(
            List<CoverPiece> pieces,
            List<CoverPiece> jigs,
            List<Figure> figures,
            List<CoverLook> looks,
            List<CoverStep> steps,
            List<CoverFault> faults,
            Optional<CoverSize> size,
            CoverShape shape) {
        this(pieces, jigs, figures, looks, steps, faults, size, shape, Optional.empty());
    }

    /** One that needs no helpers either. */
    CoverWork(
            List<CoverPiece> pieces,
            List<Figure> figures,
            List<CoverLook> looks,
            List<CoverStep> steps,
            List<CoverFault> faults,
            Optional<CoverSize> size,
            CoverShape shape) {
        this(pieces, List.of(), figures, looks, steps, faults, size, shape);
    }

    private static CoverFault nothingLeft(CoverPiece piece) {
        return new CoverFault(
                Weight.STOP,
                "cover-nothing-left",
                Phrase.of("As it is settled, nothing is left to cut of: {}.", piece.name()),
                List.of());
    }
}
