package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.plan.Holes;
import java.util.Arrays;
import java.util.List;

/** The templates there are. */
public enum TemplateKind {
    FOLDED_STRIP("fold strip, folded"),
    FLAT_STRIP("fold strip, flat"),
    SPINE_GRID("spine grid"),
    COVER("cover"),
    STAB_STRIP("stab strip"),
    SAWING_GUIDE("sawing guide"),
    PRICKING_CARD("pricking card"),
    COLLATION("collation marks");

    private final String words;

    TemplateKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The templates that a plan has a use for, the usual one first; none where it has no holes. */
    public static List<TemplateKind> of(BookPlan plan) {
        return Arrays.stream(values()).filter(kind -> kind.serves(plan)).toList();
    }

    private boolean serves(BookPlan plan) {
        boolean folds = plan.foldHoles().isPresent();
        boolean cover = plan.foldHoles().flatMap(Holes.InFolds::cover).isPresent();
        return switch (this) {
            case FOLDED_STRIP, FLAT_STRIP, PRICKING_CARD -> folds;
            case SPINE_GRID -> cover;
            case COVER -> cover && plan.coverSize().isPresent();
            case STAB_STRIP -> plan.sideHoles().isPresent();
            case SAWING_GUIDE -> plan.foldHoles().flatMap(Holes.InFolds::kerf).isPresent();
            case COLLATION -> plan.foldHoles().flatMap(Holes.InFolds::collation).isPresent();
        };
    }
}
