package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.finding.Remark;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How a book would come out in a structure, so that structures can be laid side by side.
 *
 * @param figures what structures differ in
 * @param stop why it cannot be made so; left out where it can
 */
record StructureLooks(
        String key,
        LooksView looks,
        List<FigureLine> figures,
        @Nullable InUnits stop) {

    /** What structures differ in: how the sheets lie, how thick the back gets, what is punched, cut and sewn. */
    private static final Set<String> OF_FOLDS = Set.of("signatures", "spine", "holes", "thread", "time");
    /** The same of single sheets, which have no back of folds. */
    private static final Set<String> OF_SINGLE = Set.of("block", "holes", "thread", "time");

    /** A figure with its name. */
    record FigureLine(String label, InUnits value) {}

    /** The book bound in the structure of that key; nothing where there is none, or it is not sewn. */
    static Optional<StructureLooks> of(BookDocument document, BookSpec spec, String key) {
        return Structures.keyed(key).filter(Structure::sewn).map(structure -> of(document, spec, structure));
    }

    private static StructureLooks of(BookDocument document, BookSpec spec, Structure structure) {
        BookDocument bound = BookDocuments.changed(document, Binding.as(spec, structure));
        BookPlan plan = PlanViews.plan(bound);
        Set<String> compared = plan.gathered().folded().isPresent() ? OF_FOLDS : OF_SINGLE;
        return new StructureLooks(
                structure.key(),
                Looks.of(
                        bound,
                        plan,
                        plan.holes().map(holes -> HoleViews.of(plan, holes)).orElse(null),
                        0),
                plan.figures().stream()
                        .filter(figure -> compared.contains(figure.key()))
                        .map(PlanViews::figure)
                        .map(figure -> new FigureLine(figure.label(), figure.value()))
                        .toList(),
                plan.remarks().stream()
                        .filter(remark -> remark.weight() == Remark.Weight.STOP)
                        .findFirst()
                        .map(remark -> InUnits.of(remark.words()))
                        .orElse(null));
    }
}
