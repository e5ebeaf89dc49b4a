package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.finding.Formula;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Soft covers for single sheets, folded in all round over a template and bound in front and back. */
final class StabSoft extends ToldKind {

    static final Measure FLAPS = new Measure("stab-flaps", "Folded in all round", 20, 5, 100);

    private static final Formula FOLDED_IN = Formula.of("A + 2 × f");
    /** A mitre is cut so far off the corner of the template: common practice. */
    private static final double OFF_MM = 1;

    StabSoft() {
        super(
                "stab-soft",
                "Soft, folded in all round",
                "Paper or cloth folded over to the size of the leaf, front and back, sewn through with the sheets.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.boundIn();
    }

    @Override
    public List<Setting> settings() {
        return List.of(FLAPS);
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        SewnBlock block = base.block();
        Length flaps = choices.length(FLAPS);
        Working width = with(block.width(), flaps);
        Working height = with(block.height(), flaps);
        double w = width.length().mm();
        double h = height.length().mm();
        double f = flaps.mm();
        List<FlatPoint> corners = Flat.mitred(w, h, Flat.mitreMm(f, OFF_MM));
        List<Outline> folds = Flat.turnIns(w, h, f);
        return new CoverWork(
                List.of(CoverPiece.rectangle("cover", "Covers", PieceStuff.PAPER, 2, width, height)
                        .shaped(corners)
                        .folded(folds)),
                List.of(Sizes.sized("cover", "Each cover, flat", width, height)),
                List.of(
                        StabLooks.flat(
                                        w,
                                        h,
                                        corners,
                                        folds,
                                        Outline.rectangle(Role.BLOCK, "leaf", f, f, w - 2 * f, h - 2 * f))
                                .moved(Grip.down(choices, FLAPS, w / 4, f, 1)),
                        StabLooks.front(
                                base,
                                block.width().length().mm(),
                                block.height().length().mm(),
                                0,
                                List.of())),
                steps(),
                faults(block, flaps),
                Optional.empty(),
                new CoverShape.Nothing());
    }

    private static Working with(Dimension side, Length flaps) {
        return Working.by(FOLDED_IN)
                .with("A", side.meaning(), side.at(Fineness.CUT))
                .with("f", "folded in at each edge", Sizes.cut(flaps))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.CUT);
    }

    private static List<CoverStep> steps() {
        List<CoverStep> steps = new ArrayList<>();
        steps.add(CoverStep.of("grain", Part.DRY, "Try the grain of the covers: along the spine."));
        steps.add(CoverStep.of(
                        "template",
                        Part.MAKE,
                        "Cut a card to the size of the leaf and fold over it, not over the block.")
                .withBlade());
        steps.add(CoverStep.of(
                        "mitres",
                        Part.MAKE,
                        "Cut the corners across, a little off the card; fold head and tail, then the sides.")
                .withBlade());
        steps.add(CoverStep.of("glue", Part.MAKE, "Glue the flaps down, take the card out.")
                .lies(Lying.AN_HOUR));
        steps.add(CoverStep.of(
                        "bind-in",
                        Part.MAKE,
                        "Lay one under and one over the sheets, clamp, and punch through all of it.")
                .withBlade());
        steps.add(CoverStep.of(
                        "press",
                        Part.FINISH,
                        "Crease the front along the sewing with a bone, and lay it under a weight.")
                .lies(Lying.OVERNIGHT));
        return steps;
    }

    private static List<CoverFault> faults(SewnBlock block, Length flaps) {
        Length half = block.width().length().times(0.5);
        if (half.isMoreThan(flaps)) {
            return List.of();
        }
        return List.of(new CoverFault(
                Weight.STOP,
                "cover-flaps",
                Phrase.of(
                        "Flaps of {} meet in the middle of a cover {} wide.",
                        flaps.at(Fineness.CUT),
                        block.width().length().at(Fineness.CUT)),
                List.of(FLAPS.key())));
    }
}
