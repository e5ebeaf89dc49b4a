package itomichi.remarks;

import itomichi.gathering.FoldedSheet;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is to be said about leaves that are narrower or wider than the book. */
final class RecipeRemarks {

    private RecipeRemarks() {}

    static List<Draft> of(BookSpec spec, Gathered gathered) {
        List<Draft> remarks = new ArrayList<>();
        if (gathered.folded().isEmpty()) {
            return remarks;
        }
        for (int r = 0; r < spec.gathering().recipes().size(); r++) {
            List<GatherWish.RecipeSheet> recipe = spec.gathering().recipes().get(r);
            for (int i = 0; i < recipe.size(); i++) {
                String sheet = (spec.gathering().recipes().size() > 1 ? "Recipe " + (r + 1) + ", sheet " : "Sheet ")
                        + (i + 1) + " from outside, ";
                String key = "leaf-" + (r + 1) + "-" + (i + 1);
                leaf(spec, sheet + "first leaf", key + "-first", recipe.get(i).first(), remarks);
                leaf(spec, sheet + "second leaf", key + "-second", recipe.get(i).second(), remarks);
            }
        }
        return remarks;
    }

    private static void leaf(BookSpec spec, String which, String key, Optional<Length> width, List<Draft> remarks) {
        Length leaf = spec.leaf().width();
        if (width.isEmpty() || width.get().equals(leaf)) {
            return;
        }
        Length wide = width.get();
        if (wide.isMoreThan(leaf)) {
            int folds = FoldedSheet.folds(wide, leaf);
            remarks.add(Draft.note(
                    key,
                    Phrase.of(
                            "{}: overhangs by {}. Fold it back {} from the fold{}, so that it stays clear of the fore edge.",
                            which,
                            wide.minus(leaf).at(Fineness.CUT),
                            FoldedSheet.foldedBackAt(leaf).at(Fineness.CUT),
                            folds == 1 ? "" : ", " + folds + " folds in all")));
        } else if (wide.isLessThan(FoldedSheet.USUAL_STUB)) {
            remarks.add(Draft.caution(
                    key,
                    Phrase.of(
                            "{}: {} wide. Under {} the thread pulls out of it; paste it to its neighbour.",
                            which,
                            wide.at(Fineness.CUT),
                            FoldedSheet.USUAL_STUB.at(Fineness.CUT))));
        } else {
            remarks.add(Draft.note(
                    key,
                    Phrase.of(
                            "{}: ends {} short of the fore edge. Tap the signature level at the spine, not at the fore edge.",
                            which,
                            leaf.minus(wide).at(Fineness.CUT))));
        }
    }
}
