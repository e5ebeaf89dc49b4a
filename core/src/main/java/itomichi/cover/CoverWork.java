package itomichi.cover;

import itomichi.finding.Figure;
import itomichi.finding.Remark.Weight;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
 */
public record CoverWork(
        List<CoverPiece> pieces,
        List<CoverPiece> jigs,
        List<Figure> figures,
        List<CoverLook> looks,
        List<CoverStep> steps,
        List<CoverFault> faults,
        Optional<CoverSize> size) {

    /** Nothing to cut and nothing to do. */
    static final CoverWork NOTHING =
            new CoverWork(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), Optional.empty());

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

    /** How it is drawn from there; nothing where it is not. */
    public Optional<CoverLook> look(CoverLook.View view) {
        return looks.stream().filter(one -> one.view() == view).findFirst();
    }

    /** What is seen of it on the shelf: cloth or paper before the boards that they cover. */
    public Optional<PieceStuff> seen() {
        return pieces.stream().map(CoverPiece::stuff).filter(PieceStuff::seen).findFirst();
    }

    /** A cover that needs no helpers. */
    CoverWork(
            List<CoverPiece> pieces,
            List<Figure> figures,
            List<CoverLook> looks,
            List<CoverStep> steps,
            List<CoverFault> faults,
            Optional<CoverSize> size) {
        this(pieces, List.of(), figures, looks, steps, faults, size);
    }

    private static CoverFault nothingLeft(CoverPiece piece) {
        return new CoverFault(
                Weight.STOP,
                "cover-nothing-left",
                Phrase.of("As it is settled, nothing is left to cut of: {}.", piece.name()),
                List.of());
    }
}
