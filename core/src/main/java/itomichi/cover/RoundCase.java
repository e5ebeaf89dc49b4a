package itomichi.cover;

import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.gathering.Back;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.structure.Covering;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A case with a spine piece that bends over a rounded back. */
final class RoundCase extends CasedKind {

    static final Option THIRD = new Option("THIRD", "a third of a circle");
    static final Option BY_RISE = new Option("RISE", "flatter, by its rise");
    static final School ROUND = new School("round", "The round", List.of(THIRD, BY_RISE));
    static final Measure RISE = new Measure("rise", "Rise of the round", 4, 0.5, 100);

    private static final Formula THIRD_ARC = Formula.of("2 × π ÷ (3 × √3) × T");
    private static final Formula THIRD_RISE = Formula.of("T ÷ (2 × √3)");
    private static final Formula ARC = Formula.of("r × a");
    private static final Formula RADIUS = Formula.of("(T × T ÷ 4 + h × h) ÷ (2 × h)");
    private static final Formula AS_SAID = Formula.of("h");

    /** Card that bends over a round: common practice. */
    private static final Length BENT = Length.ofMm(0.5);
    /** Points that an arc is drawn with. */
    private static final int ARC_POINTS = 24;

    RoundCase() {
        super(
                "case-round",
                "Case, round back",
                "Boards and cloth over a back that was hammered round. Keeps its shape for long.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.takes(Covering.CASE) && base.back() == Back.ROUNDED;
    }

    @Override
    public List<Setting> settings() {
        return CaseSettings.settings(ROUND, RISE);
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        return setting.equals(RISE) ? choices.is(ROUND, BY_RISE) : CaseSettings.counts(setting, base, choices);
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        SewnBlock block = base.block();
        boolean third = choices.is(ROUND, THIRD) || tooHigh(block, choices);
        Working rise = rise(block, choices, third);
        Working radius = Working.by(RADIUS)
                .with("T", block.spine().meaning(), block.spine().at(Fineness.BUNDLE))
                .with("h", "rise of the round", Sizes.mark(rise.length()))
                .gives(Sizes.MARK);
        Working spine = arc(block, third, radius.length());
        CaseParts parts = new CaseParts(base, choices, spine, 1);
        CaseLooks looks = new CaseLooks(parts);
        List<Figure> figures = new ArrayList<>(parts.figures());
        figures.add(new Figure("rise", "Rise of the round", rise));
        figures.add(new Figure("radius", "Radius of the round", radius));
        List<CoverFault> faults = new ArrayList<>(parts.faults());
        if (tooHigh(block, choices)) {
            faults.add(new CoverFault(
                    Weight.STOP,
                    "cover-rise",
                    Phrase.of(
                            "A round that rises {} over a spine of {} is more than half a circle; a third of a circle is drawn instead.",
                            choices.length(RISE).at(Fineness.MARK),
                            block.spine().length().at(Fineness.BUNDLE)),
                    List.of(RISE.key(), ROUND.key())));
        }
        return new CoverWork(
                parts.pieces(PieceStuff.CARD),
                parts.jigs(),
                figures,
                looks.all(looks.fromHead(
                        round(block, radius.length().mm(), rise.length().mm()),
                        rise.length().mm())),
                CaseSteps.of(
                        parts,
                        "Bend the spine piece over a rod to the round before it goes on; crease both joints with a bone."),
                faults,
                Optional.empty(),
                parts.shape(BENT));
    }

    private static boolean tooHigh(SewnBlock block, CoverChoices choices) {
        return choices.is(ROUND, BY_RISE)
                && choices.length(RISE).mm() * 2 > block.spine().length().mm();
    }

    private static Working rise(SewnBlock block, CoverChoices choices, boolean third) {
        return third
                ? Working.by(THIRD_RISE)
                        .with("T", block.spine().meaning(), block.spine().at(Fineness.BUNDLE))
                        .gives(Sizes.MARK)
                : Working.by(AS_SAID)
                        .with("h", "rise, as said", Sizes.mark(choices.length(RISE)))
                        .from(Source.DEFINITION)
                        .gives(Sizes.MARK);
    }

    private static Working arc(SewnBlock block, boolean third, Length radius) {
        if (third) {
            return Working.by(THIRD_ARC)
                    .with("T", block.spine().meaning(), block.spine().at(Fineness.BUNDLE))
                    .note(Phrase.of("The arc over the spine for a third of a circle."))
                    .gives(Sizes.MARK);
        }
        return Working.by(ARC)
                .with("r", "radius of the round", Sizes.mark(radius))
                .with(
                        "a",
                        "angle of the round, in radians: twice asin(T ÷ (2 × r))",
                        Quantity.ratio(2 * halfAngle(block, radius.mm()), 3))
                .gives(Sizes.MARK);
    }

    /** Half of what the back takes of its circle, in radians. */
    private static double halfAngle(SewnBlock block, double radiusMm) {
        return Math.asin(Math.min(1, block.spine().length().mm() / (2 * radiusMm)));
    }

    /** The spine piece over the back, from the spine of the block and from the middle of its thickness. */
    private static Outline round(SewnBlock block, double radiusMm, double riseMm) {
        double half = halfAngle(block, radiusMm);
        List<FlatPoint> points = new ArrayList<>();
        for (int i = 0; i <= ARC_POINTS; i++) {
            double angle = -half + 2 * half * i / ARC_POINTS;
            points.add(new FlatPoint(-(riseMm - radiusMm + radiusMm * Math.cos(angle)), radiusMm * Math.sin(angle)));
        }
        return new Outline(Role.BOARD, "spine piece", points, false);
    }
}
