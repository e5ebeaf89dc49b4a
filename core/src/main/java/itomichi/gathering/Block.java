package itomichi.gathering;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;

/**
 * All signatures of a book on each other, without its cover.
 *
 * @param signatures in the order of the book, at least one
 * @param leaf width of a leaf
 * @param springs how long they were pressed, and how far their folds spring back
 * @param thread what lies in their folds
 * @param threads how many threads lie side by side in the folds, where most lie
 * @param pasteIns thickness of what is to be pasted in, all of it together
 */
public record Block(
        List<Signature> signatures, Length leaf, Springs springs, SewnIn thread, int threads, Length pasteIns) {

    private static final Formula PRESSED = Formula.of("2 × z");
    private static final Formula FORE_EDGE = Formula.of("e + p");
    private static final Formula SWELL = Formula.of("n × m × d × q");
    private static final Formula SPINE = Formula.of("2 × z × (1 + k) + w");
    private static final Formula STACK = Formula.of("2 × z × (1 + k)");
    private static final Formula WEDGE = Formula.of("(S − T) ÷ T × 100");
    private static final Quantity BUNDLE = Quantity.of(Length.ZERO, Fineness.BUNDLE);
    private static final Quantity PERCENT = new Quantity.Plain(0, "%", 1);

    public Block {
        signatures = List.copyOf(signatures);
    }

    /** Sheets of the whole book. */
    public int sheets() {
        return signatures.stream().mapToInt(Signature::count).sum();
    }

    private Quantity laidFlat() {
        return Quantity.of(laidFlatLength(), Fineness.BUNDLE);
    }

    private Length laidFlatLength() {
        return new Length(signatures.stream()
                .mapToLong(signature -> signature.laidFlat().micrometres())
                .sum());
    }

    private Working.Builder overSheets(Formula formula) {
        return Working.by(formula).with("z", sheets() + " sheets laid on each other, unfolded", laidFlat());
    }

    /** Thickness of all folded sheets pressed flat, away from the fold. */
    public Working pressed() {
        return overSheets(PRESSED).gives(BUNDLE);
    }

    /** Thickness at the fore edge: short leaves do not reach it, folded ones lie double, and what is pasted in is added. */
    public Working foreEdge() {
        double edgeMm = signatures.stream()
                .flatMap(signature -> signature.sheets().stream())
                .mapToDouble(sheet -> sheet.thickness().mm() * sheet.layersAtForeEdge(leaf))
                .sum();
        return Working.by(FORE_EDGE)
                .with(
                        "e",
                        "layers of paper that reach the fore edge",
                        Quantity.of(Length.ofMm(edgeMm), Fineness.BUNDLE))
                .with("p", "what is pasted in, and room for it", Quantity.of(pasteIns, Fineness.BUNDLE))
                .gives(BUNDLE);
    }

    /** The extra thickness at the spine that the thread adds. */
    public Working swell() {
        return thread.told(Working.by(SWELL)
                        .with("n", "threads side by side in the folds, where most lie", Quantity.count(threads))
                        .with("m", "strands of each", Quantity.count(thread.strands()))
                        .with("d", "thickness of the thread", Quantity.of(thread.diameter(), Fineness.CALIPER))
                        .note(Phrase.of("A thread sinks further into soft paper than into hard.")))
                .gives(BUNDLE);
    }

    /** Thickness at the spine, pressed as said. */
    public Working spine() {
        return spine(springs.pressing())
                .note(Phrase.of(
                        "Freshly folded, before any pressing: {}.",
                        Length.ofMm(spineMm(springs.share(Pressing.FRESH))).at(Fineness.BUNDLE)))
                .between(BUNDLE.with(spineMm(springs.least())), BUNDLE.with(spineMm(springs.most())))
                .gives(BUNDLE);
    }

    /** Thickness of the stack at its folds, pressed as said, before any thread. */
    public Working stackAtFolds() {
        return springs.told(overSheets(STACK), springs.pressing())
                .between(BUNDLE.with(stackMm(springs.least())), BUNDLE.with(stackMm(springs.most())))
                .gives(BUNDLE);
    }

    /** Thickness at the spine before any pressing. */
    public Working spineLoose() {
        return spine(Pressing.FRESH).gives(BUNDLE);
    }

    private Working.Builder spine(Pressing pressed) {
        return springs.told(overSheets(SPINE), pressed)
                .with("w", "swell", Quantity.of(Length.ofMm(swell().result().number()), Fineness.BUNDLE));
    }

    private double spineMm(double spring) {
        return stackMm(spring) + swell().result().number();
    }

    private double stackMm(double spring) {
        return 2 * laidFlatLength().mm() * (1 + spring);
    }

    /** How much thicker the spine is than the fore edge, in percent of the fore edge; negative where the fore edge is the thicker. */
    public Working wedge() {
        return Working.by(WEDGE)
                .with(
                        "S",
                        "at the spine",
                        Quantity.of(Length.ofMm(spine().result().number()), Fineness.BUNDLE))
                .with(
                        "T",
                        "at the fore edge",
                        Quantity.of(Length.ofMm(foreEdge().result().number()), Fineness.BUNDLE))
                .note(Phrase.of(
                        "A flat back: under {} % is good, over {} % it does not close well. A round one wants a quarter to a third, and not over {} % (common practice).",
                        Math.round(Back.FLAT.notedPercent()),
                        Math.round(Back.FLAT.mostPercent()),
                        Math.round(Back.ROUNDED.mostPercent())))
                .gives(PERCENT);
    }
}
