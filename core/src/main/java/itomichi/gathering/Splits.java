package itomichi.gathering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Ranks every sensible way of dividing sheets into signatures.
 *
 * <p>Each count of signatures gives one split with the sheets shared as evenly as can be, and, where they do not divide, a second one
 * filled up to even signatures with blank pages. A split with a caution never stands before one without, nor one that is uneven or leaves
 * pages blank before a comfortable even one; beyond that, what speaks against a split is added up. Weights are this product's own judgement
 * of common practice. Cost: linear in the number of sheets.
 */
public final class Splits {

    /** Folds thinner than this share of the least comfortable thickness are not worth showing. */
    private static final double THINNEST = 0.4;
    /** Folds thicker than this share of the most comfortable thickness are not worth showing. */
    private static final double THICKEST = 2;

    /** Sheets in a signature that binders ask for by name: common practice. */
    private static final List<Integer> ASKED_FOR = List.of(4, 5, 6, 8);

    private Splits() {}

    /** The sensible splits, the best first; empty if the wishes leave none. */
    public static List<Split> rank(SplitQuestion question) {
        List<Split> candidates = candidates(question, true);
        if (candidates.isEmpty()) {
            candidates = candidates(question, false);
        }
        return candidates.stream()
                .sorted(Comparator.comparing(Split::place)
                        .thenComparingDouble(Split::drawback)
                        .thenComparingInt(Split::signatures))
                .toList();
    }

    /** So many are compared, and what a binder looks for besides: the best that is even, and the best of 4, 5, 6 and 8 sheets that is comfortable. */
    public static List<Split> shown(List<Split> ranked, int most) {
        Set<Split> shown = new LinkedHashSet<>(ranked.subList(0, Math.min(most, ranked.size())));
        first(ranked, Split::even).ifPresent(shown::add);
        for (int sheets : ASKED_FOR) {
            first(ranked, split -> split.most() == sheets && split.comfortable())
                    .ifPresent(shown::add);
        }
        return ranked.stream().filter(shown::contains).toList();
    }

    private static Optional<Split> first(List<Split> ranked, Predicate<Split> looked) {
        return ranked.stream().filter(looked).findFirst();
    }

    private static List<Split> candidates(SplitQuestion question, boolean sensible) {
        int sheets = question.sheets();
        Form form = question.form();
        SplitWish wish = question.wish();
        List<Split> candidates = new ArrayList<>();
        int most = Math.min(form.most(), Math.max(sheets, form.fewest()));
        for (int n = form.fewest(); n <= most; n++) {
            if (wish.signatures().isPresent() && wish.signatures().get() != n) {
                continue;
            }
            int full = Math.max(1, (sheets + n - 1) / n);
            if (sheets >= n && sheets % n != 0) {
                add(candidates, Split.of(question, n, sheets), sensible);
            }
            add(candidates, Split.of(question, n, n * full), sensible);
            // a fixed number of sheets may leave whole signatures half empty; more than one is not a split of this book
            int fixed = wish.sheetsEach().orElse(full);
            if (fixed > full && (long) fixed * (n - 1) < sheets) {
                add(candidates, Split.of(question, n, n * fixed), sensible);
            }
        }
        for (int each : ASKED_FOR) {
            int n = (sheets + each - 1) / each;
            boolean dividedSo = n > 0 && (sheets + n - 1) / n == each;
            boolean mayBe =
                    n >= form.fewest() && n <= form.most() && wish.signatures().orElse(n) == n;
            if (!dividedSo && mayBe) {
                add(candidates, Split.of(question, n, n * each), sensible);
            }
        }
        return candidates;
    }

    private static void add(List<Split> candidates, Split candidate, boolean sensible) {
        SplitQuestion question = candidate.question();
        SplitWish wish = question.wish();
        boolean fits = wish.sheetsEach()
                        .map(each -> candidate.even() && candidate.most() == each)
                        .orElse(true)
                && wish.mostSheets().map(most -> candidate.most() <= most).orElse(true);
        boolean asked = wish.signatures().isPresent() || wish.sheetsEach().isPresent();
        Comfort comfort = question.form().comfort();
        double foldMm = candidate.foldMm();
        boolean worth = foldMm >= THINNEST * comfort.least().mm()
                && foldMm <= THICKEST * comfort.most().mm();
        if (fits && (worth || asked || !sensible)) {
            candidates.add(candidate);
        }
    }
}
