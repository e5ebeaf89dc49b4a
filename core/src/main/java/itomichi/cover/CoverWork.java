package itomichi.cover;

import itomichi.finding.Figure;
import java.util.List;
import java.util.Optional;

/**
 * A cover worked out.
 *
 * @param pieces what is cut for it
 * @param figures its sizes that a binder asks for, each with its working
 * @param looks how it is drawn
 * @param steps the order of work
 * @param faults what is wrong with it
 * @param size of a soft cover that is sewn on; nothing of other kinds
 */
public record CoverWork(
        List<CoverPiece> pieces,
        List<Figure> figures,
        List<CoverLook> looks,
        List<CoverStep> steps,
        List<CoverFault> faults,
        Optional<CoverSize> size) {

    /** Nothing to cut and nothing to do. */
    static final CoverWork NOTHING =
            new CoverWork(List.of(), List.of(), List.of(), List.of(), List.of(), Optional.empty());

    public CoverWork {
        pieces = List.copyOf(pieces);
        figures = List.copyOf(figures);
        looks = List.copyOf(looks);
        steps = List.copyOf(steps);
        faults = List.copyOf(faults);
    }
}
