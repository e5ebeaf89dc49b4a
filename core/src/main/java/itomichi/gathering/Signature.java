package itomichi.gathering;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Sheets folded once and nested in each other.
 *
 * @param sheets the sheets, the outermost first, at least one
 */
public record Signature(List<FoldedSheet> sheets) {

    private static final Formula FOLD = Formula.of("2 × s × t");
    private static final Formula FOLD_MIXED = Formula.of("2 × z");
    private static final Formula CREEP = Formula.of("π ÷ 2 × (s − 1) × t");
    private static final Formula CREEP_MIXED = Formula.of("π ÷ 2 × (z − o)");
    private static final Quantity BUNDLE = Quantity.of(Length.ZERO, Fineness.BUNDLE);

    /** @throws IllegalArgumentException if it has no sheet */
    public Signature {
        sheets = List.copyOf(sheets);
        if (sheets.isEmpty()) {
            throw new IllegalArgumentException("A signature needs a sheet; read none");
        }
    }

    /** So many sheets of one paper, all as wide as the leaf. */
    public static Signature plain(int sheets, Length thickness, Length leaf) {
        return new Signature(Collections.nCopies(sheets, new FoldedSheet(0, thickness, leaf, leaf)));
    }

    /** How many sheets are nested. */
    public int count() {
        return sheets.size();
    }

    /** Pages of it in a book of this leaf width; a stub is none. */
    public int pages(Length leaf) {
        return sheets.stream().mapToInt(sheet -> sheet.pages(leaf)).sum();
    }

    /** Whether all sheets are equally thick. */
    public boolean uniform() {
        return sheets.stream().map(FoldedSheet::thickness).distinct().count() == 1;
    }

    /** Thickness of the sheets laid on each other unfolded: what a needle passes at the fold. */
    public Length laidFlat() {
        return new Length(sheets.stream()
                .mapToLong(sheet -> sheet.thickness().micrometres())
                .sum());
    }

    /** Thickness of the folded signature at rest, both halves together. */
    public Working foldThickness(Comfort comfort) {
        return terms(uniform() ? FOLD : FOLD_MIXED).note(comfort.words()).gives(BUNDLE);
    }

    /** How far the innermost sheet stands out past the outermost one at the fore edge. */
    public Working creep() {
        Working.Builder working = terms(uniform() ? CREEP : CREEP_MIXED);
        if (!uniform()) {
            working.with("o", "outermost sheet", Quantity.of(sheets.get(0).thickness(), Fineness.HAIR));
        }
        return working.note(Phrase.of("Each leaf spends a quarter circle on going round the sheets inside it."))
                .gives(BUNDLE);
    }

    private Working.Builder terms(Formula formula) {
        return uniform()
                ? Working.by(formula)
                        .with("s", "sheets", Quantity.count(count()))
                        .with(
                                "t",
                                "thickness of a sheet",
                                Quantity.of(sheets.get(0).thickness(), Fineness.HAIR))
                : Working.by(formula)
                        .with("z", count() + " sheets laid on each other", Quantity.of(laidFlat(), Fineness.HAIR));
    }

    /**
     * Where each sheet lies, from the innermost to the outermost.
     *
     * @return for each sheet the radius inside its fold and how far its fore edge falls back, in mm
     */
    public List<Nested> nested() {
        List<Nested> nested = new ArrayList<>();
        double radiusMm = 0;
        for (int i = sheets.size() - 1; i >= 0; i--) {
            FoldedSheet sheet = sheets.get(i);
            nested.add(new Nested(sheet, radiusMm, Math.PI / 2 * radiusMm));
            radiusMm += sheet.thickness().mm();
        }
        return nested;
    }

    /**
     * One sheet in the nest.
     *
     * @param sheet the sheet
     * @param innerRadiusMm radius inside its fold
     * @param fallsBackMm how far the fore edge of a leaf as wide as the innermost one's lies behind it
     */
    public record Nested(FoldedSheet sheet, double innerRadiusMm, double fallsBackMm) {}
}
