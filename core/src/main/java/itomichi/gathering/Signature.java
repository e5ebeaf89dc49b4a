package itomichi.gathering;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Sheets folded once and nested in each other.
 *
 * @param wantedPages pages the binder asked for, at least one
 * @param sheetThickness thickness of one sheet
 */
public record Signature(int wantedPages, Length sheetThickness) {

    /** A sheet folded once is two leaves, four pages. */
    public static final int PAGES_PER_SHEET = 4;

    private static final Formula SHEETS = Formula.of("⌈P ÷ 4⌉");
    private static final Formula FOLD = Formula.of("2 × s × t");
    private static final Formula CREEP = Formula.of("π ÷ 2 × (s − 1) × t");

    /** Sheets to fold, with the working. */
    public Working sheetsWorking() {
        Working.Builder working = Working.by(SHEETS)
                .with("P", "pages wanted", Quantity.count(wantedPages))
                .from(Source.DEFINITION)
                .note(Phrase.of("A sheet folded once is two leaves, four pages."));
        if (!blankPages().isEmpty()) {
            working.note(Phrase.of(
                    "{} stay blank: {}.", blankPages().size() == 1 ? "One page will" : "Pages will", blanksNamed()));
        }
        return working.gives(Quantity.count(0));
    }

    /** Sheets to fold. */
    public int sheets() {
        return (wantedPages + PAGES_PER_SHEET - 1) / PAGES_PER_SHEET;
    }

    /** Pages there will be. */
    public int pages() {
        return sheets() * PAGES_PER_SHEET;
    }

    /** Numbers of the pages nobody asked for: the last ones. */
    public List<Integer> blankPages() {
        return IntStream.rangeClosed(wantedPages + 1, pages()).boxed().toList();
    }

    /** The blank pages by number, for instance {@code 31 and 32}; empty if there are none. */
    public String blanksNamed() {
        List<Integer> blanks = blankPages();
        return switch (blanks.size()) {
            case 0 -> "";
            case 1 -> "" + blanks.get(0);
            case 2 -> blanks.get(0) + " and " + blanks.get(1);
            default -> blanks.get(0) + ", " + blanks.get(1) + " and " + blanks.get(2);
        };
    }

    /** Thickness of the folded signature at rest, both halves together. */
    public Working foldThickness() {
        return Working.by(FOLD)
                .with("s", "sheets", Quantity.count(sheets()))
                .with("t", "thickness of a sheet", Quantity.of(sheetThickness, Fineness.HAIR))
                .note(Phrase.of(
                        "Up to {} is comfortable in a single pamphlet; beyond {} it springs open (common practice).",
                        Length.ofMm(3.5).at(Fineness.CUT),
                        Length.ofMm(6).at(Fineness.CUT)))
                .gives(Quantity.of(Length.ZERO, Fineness.BUNDLE));
    }

    /** How far the innermost sheet stands out past the outermost one at the fore edge. */
    public Working creep() {
        return Working.by(CREEP)
                .with("s", "sheets", Quantity.count(sheets()))
                .with("t", "thickness of a sheet", Quantity.of(sheetThickness, Fineness.HAIR))
                .note(Phrase.of("Each leaf spends a quarter circle on going round the sheets inside it."))
                .gives(Quantity.of(Length.ZERO, Fineness.BUNDLE));
    }

    /**
     * Where each sheet lies, from the innermost to the outermost.
     *
     * @return for each sheet the radius inside its fold and how far its fore edge falls back, in mm
     */
    public List<Nested> nested() {
        return IntStream.range(0, sheets())
                .mapToObj(inside -> {
                    double radiusMm = inside * sheetThickness.mm();
                    return new Nested(radiusMm, Math.PI / 2 * radiusMm);
                })
                .toList();
    }

    /**
     * One sheet in the nest.
     *
     * @param innerRadiusMm radius inside its fold
     * @param fallsBackMm how far its fore edge lies behind the innermost sheet's
     */
    public record Nested(double innerRadiusMm, double fallsBackMm) {}
}
