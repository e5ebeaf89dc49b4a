package itomichi.material;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import itomichi.measure.Phrase;

/**
 * A paper as the binder knows it.
 *
 * @param name what the binder calls it
 * @param grammage its weight
 * @param basis what its thickness is worked out from
 * @param grain which way its fibres lie
 */
public record Paper(String name, Grammage grammage, PaperThickness basis, Grain grain) {

    private static final Formula BY_BULK = Formula.of("g × v ÷ 1000");
    private static final Formula BY_STACK = Formula.of("T ÷ n");
    private static final Quantity THICKNESS = Quantity.of(Length.ZERO, Fineness.HAIR);
    /** How far papers of one kind differ in bulk, either way: common practice. */
    private static final double BULK_SPREAD = 0.10;

    /** Thickness of one sheet and how it was found. */
    public Working thickness() {
        if (basis instanceof PaperThickness.MeasuredStack stack) {
            return Working.by(BY_STACK)
                    .with("T", "thickness of the stack", Quantity.of(stack.total(), Fineness.CALIPER))
                    .with("n", "sheets in the stack", Quantity.count(stack.sheets()))
                    .from(Source.MEASURED)
                    .gives(THICKNESS);
        }
        BulkKind kind = ((PaperThickness.ByBulk) basis).kind();
        double mm = grammage.gsm() * kind.cm3PerGram() / 1000;
        return Working.by(BY_BULK)
                .with("g", "weight", Quantity.of(grammage))
                .with("v", "bulk of " + kind.words() + " paper", new Quantity.Plain(kind.cm3PerGram(), "cm\u00b3/g", 2))
                .from(Source.PAPER_STANDARDS)
                .between(THICKNESS.with(mm * (1 - BULK_SPREAD)), THICKNESS.with(mm * (1 + BULK_SPREAD)))
                .note(Phrase.of("A measured stack of ten sheets or more is surer than the bulk of a kind."))
                .gives(THICKNESS);
    }
}
