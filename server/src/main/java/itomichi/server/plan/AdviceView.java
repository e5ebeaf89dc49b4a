package itomichi.server.plan;

import itomichi.advice.Advice;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.structure.Structure;
import java.util.List;

/**
 * A structure weighed, for the screen.
 *
 * @param plannable whether its holes and sewing can be planned here
 * @param excluded whether a reason rules it out
 * @param chosen whether the book is bound so
 * @param document the book as it would be bound so
 */
public record AdviceView(
        String key,
        String name,
        String purpose,
        boolean plannable,
        boolean excluded,
        boolean chosen,
        List<WeighedView> reasons,
        BookDocument document) {

    /** A reason; its weight is from 3, for it, to -3, against it. */
    public record WeighedView(int weight, InUnits words) {}

    static AdviceView of(Advice advice, BookDocument document, BookSpec spec) {
        Structure structure = advice.structure();
        return new AdviceView(
                structure.key(),
                structure.name(),
                structure.purpose(),
                structure.sewn(),
                advice.excluded(),
                structure.key().equals(spec.structure()),
                advice.reasons().stream()
                        .map(reason -> new WeighedView(reason.weight(), InUnits.of(reason.words())))
                        .toList(),
                BookDocuments.changed(document, Binding.as(spec, structure)));
    }
}
