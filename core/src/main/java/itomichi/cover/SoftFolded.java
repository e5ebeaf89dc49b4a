package itomichi.cover;

import itomichi.cover.CoverStep.Part;
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
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A soft cover whose ends are folded in past the sheets: glued down, left as flaps, or made into pockets. */
final class SoftFolded extends ToldKind {

    static final Measure PAST = new Measure("ends-past", "The fold past the sheets", 3, 0, 60);
    static final Measure WIDE = new Measure("ends-wide", "Folded in", 60, 10, 600);
    static final Option GLUED = new Option("GLUED", "glued down");
    static final Option FLAP = new Option("FLAP", "left as flaps");
    static final Option POCKET_ABOVE = new Option("ABOVE", "pockets, open above");
    static final Option POCKET_SIDE = new Option("SIDE", "pockets, open to the side");
    static final School ENDS = new School("ends-made", "The ends", List.of(FLAP, GLUED, POCKET_ABOVE, POCKET_SIDE));

    private static final Formula FRONT = Formula.of("W + c + x");
    private static final Formula WIDTH = Formula.of("2 × F + S + 2 × e");
    private static final Formula GLUED_OFF = Formula.of("A − n × g");
    /** A glued edge takes so much: common practice. */
    private static final Length GLUE = Length.ofMm(6);

    SoftFolded() {
        super(
                "soft-folded",
                "Soft, ends folded in",
                "Wider than the leaves and folded back on itself: a stiffer edge, and room for pockets.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.soft().isPresent() && !base.pleated();
    }

    @Override
    public List<Setting> settings() {
        return List.of(PAST, WIDE, ENDS);
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        SoftCover soft = base.soft().orElseThrow();
        Length ends = choices.length(WIDE);
        Working front = Working.by(FRONT)
                .with("W", "width of the leaf", Sizes.cut(soft.pageWidth()))
                .with("c", "creep left standing", Quantity.of(soft.creep(), Fineness.BUNDLE))
                .with("x", "past the sheets", Sizes.cut(choices.length(PAST)))
                .gives(Sizes.CUT);
        Working width = Working.by(WIDTH)
                .with("F", "width of front and back", Sizes.cut(front.length()))
                .with("S", "spine", Quantity.of(soft.spine(), Fineness.BUNDLE))
                .with("e", "folded in at each end", Sizes.cut(ends))
                .gives(Sizes.CUT);
        SoftParts parts = new SoftParts(base, soft, width.length(), soft.height(), ends, ends);
        double high = soft.height().mm();
        List<Outline> more = new ArrayList<>();
        for (double x : new double[] {ends.mm(), width.length().mm() - ends.mm()}) {
            more.add(Outline.line(Role.FOLD, "", x, 0, x, high));
        }
        CoverPiece piece = parts.piece(width, soft.workedHeight(), Length.ZERO).folded(more);
        more.add(Outline.rectangle(Role.COVERING, "folded in", 0, 0, ends.mm(), high));
        more.add(Outline.rectangle(Role.COVERING, "folded in", width.length().mm() - ends.mm(), 0, ends.mm(), high));
        List<Figure> figures = new ArrayList<>();
        figures.add(SoftParts.figure(width, soft.workedHeight()));
        figures.add(new Figure("cover-front", "Front, to its fold", front));
        figures.addAll(pocket(choices, ends, soft.height()));
        return new CoverWork(
                List.of(piece),
                figures,
                parts.looks(more, List.of(), 0, Grip.across(choices, WIDE, ends.mm(), high / 4, 1)),
                steps(choices),
                faults(front.length(), ends),
                Optional.of(parts.size()),
                CoverShape.Soft.ended(choices.length(PAST), ends));
    }

    private static boolean pockets(CoverChoices choices) {
        return choices.is(ENDS, POCKET_ABOVE) || choices.is(ENDS, POCKET_SIDE);
    }

    /** What goes into a pocket: glued at its inner edge and foot where it opens above, at head and foot where it opens to the side. */
    private static List<Figure> pocket(CoverChoices choices, Length ends, Length height) {
        if (!pockets(choices)) {
            return List.of();
        }
        boolean above = choices.is(ENDS, POCKET_ABOVE);
        return List.of(
                new Figure("pocket-wide", "Pocket inside, wide", glued(ends, "folded in", above ? 1 : 0)),
                new Figure("pocket-high", "Pocket inside, high", glued(height, "height of the cover", above ? 1 : 2)));
    }

    private static Working glued(Length whole, String what, int edges) {
        return Working.by(GLUED_OFF)
                .with("A", what, Sizes.cut(whole))
                .with("n", "edges that are glued", Quantity.count(edges))
                .with("g", "a glued edge", Sizes.cut(GLUE))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.CUT);
    }

    private static List<CoverStep> steps(CoverChoices choices) {
        List<CoverStep> steps = new ArrayList<>(List.of(SoftParts.GRAIN, SoftParts.FOLD));
        steps.add(
                CoverStep.of(
                        "ends",
                        Part.DRY,
                        "Lay the block in, and fold the ends round the widest leaf; no leaf stands past the fold, the cover closes."));
        if (choices.is(ENDS, GLUED)) {
            steps.add(CoverStep.of(
                            "glue-ends", Part.MAKE, "Glue the ends down; wax paper between them and the first leaf.")
                    .lies(Lying.AN_HOUR));
        } else if (pockets(choices)) {
            steps.add(CoverStep.of(
                            "glue-ends",
                            Part.MAKE,
                            Phrase.of(
                                    choices.is(ENDS, POCKET_ABOVE)
                                            ? "Glue {} along the inner edge and the foot of each end; cut a thumb notch in the middle of its head."
                                            : "Glue {} along head and foot of each end; cut a thumb notch in the middle of its open edge.",
                                    GLUE.at(Fineness.CUT)))
                    .withBlade()
                    .lies(Lying.AN_HOUR));
        }
        steps.add(SoftParts.PRESS);
        return steps;
    }

    private static List<CoverFault> faults(Length front, Length ends) {
        if (front.isMoreThan(ends)) {
            return List.of();
        }
        return List.of(new CoverFault(
                Weight.STOP,
                "cover-ends",
                Phrase.of(
                        "Ends of {} are as wide as the front of {}: they would lie in the spine.",
                        ends.at(Fineness.CUT),
                        front.at(Fineness.CUT)),
                List.of(WIDE.key())));
    }
}
