package itomichi.material;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.habit.Habit;
import itomichi.habit.Learned;
import itomichi.measure.Fineness;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.Optional;

/**
 * A paper as the binder knows it.
 *
 * @param name what the binder calls it
 * @param grammage its weight
 * @param kind what kind it is, which tells its bulk and how far a thread sinks in
 * @param measured a stack of it that was measured; its thickness wins over the bulk
 * @param grain which way its fibres lie in a sheet that is already cut to size
 */
@RecordBuilder
public record Paper(String name, Grammage grammage, BulkKind kind, Optional<MeasuredStack> measured, Grain grain)
        implements PaperBuilder.With {

    private static final Formula BY_BULK = Formula.of("g × v ÷ 1000");
    private static final Formula BY_BOOKS = Formula.of("t");
    private static final Formula BY_STACK = Formula.of("T ÷ n");
    private static final Quantity THICKNESS = Quantity.of(Length.ZERO, Fineness.HAIR);
    /** How far papers of one kind differ in bulk, either way: common practice. */
    public static final double BULK_SPREAD = 0.10;

    /** How thick a sheet of it comes out in finished books. */
    public Habit habit() {
        return Habit.bulk(name, grammage);
    }

    /** Thickness of one sheet and how it was found: as learned, where that was taken, else as it is without. */
    public Working thickness(Learned learned) {
        Working without = thickness();
        Habit habit = habit();
        return learned.of(habit)
                .map(taught -> Working.by(BY_BOOKS)
                        .with("t", "as it comes out in your books", THICKNESS.with(taught.middle()))
                        .from(Source.LEARNED)
                        .between(THICKNESS.with(taught.low()), THICKNESS.with(taught.high()))
                        .note(taught.told(habit.kind(), without.result().number()))
                        .gives(THICKNESS))
                .orElse(without);
    }

    /** Thickness of one sheet, as it was measured or by its kind. */
    public Working thickness() {
        if (measured.isPresent()) {
            MeasuredStack stack = measured.get();
            double spreadMm = MeasuredStack.READING_SPREAD.mm();
            return Working.by(BY_STACK)
                    .with("T", "thickness of the stack", Quantity.of(stack.total(), Fineness.CALIPER))
                    .with("n", "sheets in the stack", Quantity.count(stack.sheets()))
                    .from(Source.MEASURED)
                    .between(
                            THICKNESS.with((stack.total().mm() - spreadMm) / stack.sheets()),
                            THICKNESS.with((stack.total().mm() + spreadMm) / stack.sheets()))
                    .gives(THICKNESS);
        }
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
