package itomichi.cover;

import itomichi.cover.CoverShape.FoldedIn;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A limp cover that is folded and not glued, its long stitches seen on the spine: with stiff plates under them or without, with a flap and a
 * cord wound round a button on the spine, with a second thread woven through the stitches.
 */
final class Limp extends ToldKind {

    static final Option FOUR = new Option("FOUR", "on all four sides");
    static final Option THREE = new Option("THREE", "at head, tail and front");
    static final Option NO_TURNS = new Option("NONE", "none, cut to size");
    static final School TURNS = new School("limp-turns", "Folded in", List.of(FOUR, THREE, NO_TURNS));
    static final Measure WIDE = new Measure("limp-wide", "So wide", 35, 10, 300);

    static final Option NO_FLAP = new Option("NONE", "none");
    static final Option OVER_FRONT = new Option("FRONT", "over the front");
    static final School FLAPPED = new School("limp-flap", "A flap", List.of(NO_FLAP, OVER_FRONT));

    static final Option OPEN = new Option("NONE", "nothing");
    static final Option BUTTON = new Option("BUTTON", "a cord round a button on the spine");
    static final School SHUT = new School("limp-closing", "Held shut", List.of(OPEN, BUTTON));

    private static final Formula WIDTH = Formula.of("2 × F + S + p");
    private static final Formula TURNED = Formula.of("A + n × t");
    private static final String FOLD_IN =
            "Score and fold head and tail in, then the ends; nothing is glued, the corners are folded like a parcel\u2019s.";
    private static final String PIERCE_BOTH =
            " It is punched folded: next to head and tail the holes of the spine go through both layers.";
    /** The patch behind a button's holes: common practice. */
    private static final Length PATCH = Length.ofMm(25);

    Limp() {
        super(
                "limp",
                "Limp, folded and not glued",
                "One piece folded in at its edges, sewn through; the long stitches stay to be seen, with plates under them or woven.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.sewnThrough();
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                TURNS,
                WIDE,
                LimpSpine.PLATES,
                LimpSpine.PLATE_THICK,
                LimpSpine.PLATE_PAST,
                FLAPPED,
                SoftFlap.FLAP,
                SHUT,
                LimpSpine.STITCHES,
                LimpSpine.FILLED);
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        if (setting.equals(WIDE)) {
            return !choices.is(TURNS, NO_TURNS);
        }
        if (setting.equals(SoftFlap.FLAP)) {
            return choices.is(FLAPPED, OVER_FRONT);
        }
        return LimpSpine.counts(setting, base, choices);
    }

    @Override
    public AtSpine atSpine(CoverChoices choices) {
        return LimpSpine.plated(choices).turned(turned(choices));
    }

    /** What is folded in at head and tail, and as wide at the ends that are. */
    private static FoldedIn turned(CoverChoices choices) {
        return choices.is(TURNS, NO_TURNS) ? FoldedIn.NOTHING : FoldedIn.once(choices.length(WIDE));
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        return new Folded(base, base.soft().orElseThrow(), choices).work();
    }

    /** One such cover. */
    private static final class Folded {
        private final CoverBase base;
        private final SoftCover soft;
        private final CoverChoices choices;
        private final SoftFlap flap;
        private final LimpSpine spine;
        private final Working width;
        private final Working cutWidth;
        private final Working cutHeight;

        Folded(CoverBase base, SoftCover soft, CoverChoices choices) {
            this.base = base;
            this.soft = soft;
            this.choices = choices;
            this.flap = new SoftFlap(base, soft, choices);
            this.spine = new LimpSpine(base, soft, choices);
            this.width = Working.by(WIDTH)
                    .with("F", "width of front and back", Sizes.cut(soft.front().length()))
                    .with("S", "spine", Quantity.of(soft.spine(), Fineness.BUNDLE))
                    .with("p", "round the fore edge and over the front", Sizes.cut(past()))
                    .gives(Sizes.CUT);
            this.cutWidth = turned(width, "width, folded", ends());
            this.cutHeight = turned(soft.workedHeight(), "height, folded", turns() ? 2 : 0);
        }

        private boolean flapped() {
            return choices.is(FLAPPED, OVER_FRONT);
        }

        private Length past() {
            return flapped() ? flap.past() : Length.ZERO;
        }

        private boolean turns() {
            return Limp.turned(choices).turns() > 0;
        }

        /** How many of the two ends are folded in. */
        private int ends() {
            return choices.is(TURNS, FOUR) ? 2 : turns() ? 1 : 0;
        }

        private Length turn() {
            return Limp.turned(choices).wide();
        }

        private Working turned(Working folded, String what, int number) {
            return number == 0
                    ? folded
                    : Working.by(TURNED)
                            .with("A", what, Sizes.cut(folded.length()))
                            .with("n", "edges folded in", Quantity.count(number))
                            .with("t", "folded in at each", Sizes.cut(turn()))
                            .from(Source.COMMON_PRACTICE)
                            .gives(Sizes.CUT);
        }

        /** Where the folded cover begins on the piece: the back's end is folded in only where all four sides are. */
        private double leftMm() {
            return ends() == 2 ? turn().mm() : 0;
        }

        private double spineLeftMm() {
            return past().mm() + soft.front().length().mm();
        }

        CoverWork work() {
            SoftParts parts = new SoftParts(base, soft, width.length(), soft.height(), past(), Length.ZERO);
            List<CoverPiece> pieces = new ArrayList<>();
            pieces.add(cover());
            pieces.addAll(spine.plates());
            List<Figure> figures = new ArrayList<>();
            figures.add(SoftParts.figure(cutWidth, cutHeight));
            if (flapped()) {
                figures.addAll(flap.figures());
            }
            cord().ifPresent(length -> {
                figures.add(new Figure("tie", "Cord to cut", length));
                pieces.add(SoftFlap.cord("tie", "Cord", length));
            });
            figures.addAll(spine.wovenFigures());
            pieces.addAll(spine.threads());
            List<Outline> flat = new ArrayList<>(flapped() ? flap.flat() : List.of());
            flat.addAll(spine.sewn(spineLeftMm()));
            return new CoverWork(
                    pieces, figures, looks(parts, flat), steps(), faults(), Optional.of(parts.size()), shape());
        }

        /** Where there is a flap, the end of that is folded in, not the back's. */
        private CoverShape shape() {
            FoldedIn turned = Limp.turned(choices);
            FoldedIn end = ends() == 2 ? turned : FoldedIn.NOTHING;
            return new CoverShape.Soft(
                    turned,
                    flapped() ? FoldedIn.NOTHING : end,
                    turned,
                    soft.square(),
                    flapped() ? new CoverShape.Flap(flap.flap().length(), end) : CoverShape.Flap.NONE,
                    spine.lying());
        }

        private List<CoverLook> looks(SoftParts parts, List<Outline> flat) {
            List<CoverLook> looks = parts.looks(
                    flat,
                    foldedIn(),
                    flapped() ? List.of(flap.onFront()) : List.of(),
                    flapped() ? flap.flap().length().mm() : 0,
                    flapped() ? new Grip[] {flap.grip()} : new Grip[0]);
            return turns()
                    ? SoftParts.heldInside(
                            looks, Grip.down(choices, WIDE, width.length().mm() / 3, turn().mm(), 1))
                    : looks;
        }

        /** What is folded in, seen from inside. */
        private List<Outline> foldedIn() {
            List<Outline> edges = new ArrayList<>();
            double wide = width.length().mm();
            double high = soft.height().mm();
            double t = Math.min(turn().mm(), Math.min(wide, high) / 2);
            if (!turns()) {
                return edges;
            }
            edges.add(Outline.rectangle(Role.COVERING, "", 0, 0, wide, t));
            edges.add(Outline.rectangle(Role.COVERING, "", 0, high - t, wide, t));
            edges.add(Outline.rectangle(Role.COVERING, "folded in", wide - t, 0, t, high));
            if (ends() == 2) {
                // on a flap its name would lie over the flap's
                edges.add(Outline.rectangle(Role.COVERING, flapped() ? "" : "folded in", 0, 0, t, high));
            }
            return edges;
        }

        private CoverPiece cover() {
            double high = cutHeight.length().mm();
            double wide = cutWidth.length().mm();
            List<Outline> folds = new ArrayList<>();
            for (double x :
                    new double[] {spineLeftMm(), spineLeftMm() + soft.spine().mm()}) {
                folds.add(Outline.line(Role.FOLD, "", leftMm() + x, 0, leftMm() + x, high));
            }
            if (flapped()) {
                for (double x : new double[] {flap.flap().length().mm(), past().mm()}) {
                    folds.add(Outline.line(Role.FOLD, "", leftMm() + x, 0, leftMm() + x, high));
                }
            }
            if (turns()) {
                folds.addAll(Flat.headAndTail(wide, high, turn().mm()));
                double right = wide - turn().mm();
                folds.add(Outline.line(Role.FOLD, "", right, 0, right, high));
            }
            if (ends() == 2) {
                folds.add(Outline.line(Role.FOLD, "", leftMm(), 0, leftMm(), high));
            }
            folds.addAll(holes(station -> true));
            folds.addAll(holesInEdges());
            return CoverPiece.rectangle("cover", "Cover", PieceStuff.of(soft.stuff()), 1, cutWidth, cutHeight)
                    .folded(folds);
        }

        /** Through the spine, on the piece to cut. */
        private List<Outline> holes(Predicate<Length> which) {
            return spine.holes(leftMm() + spineLeftMm(), turn().mm() + spine.headMm(), which);
        }

        /** What is folded in over the spine is pierced with it: opened flat, its holes lie as far past the fold as those before it. */
        private List<Outline> holesInEdges() {
            double headFold = turn().mm();
            double tailFold = turn().plus(soft.height()).mm();
            return Stream.concat(
                            holes(station -> fromHead(station).isLessThan(turn())).stream()
                                    .map(hole -> hole.upended(2 * headFold)),
                            holes(station -> soft.height()
                                            .minus(fromHead(station))
                                            .isLessThan(turn()))
                                    .stream()
                                    .map(hole -> hole.upended(2 * tailFold)))
                    .toList();
        }

        private Length fromHead(Length station) {
            return station.plus(base.sewing().head());
        }

        private Optional<Working> cord() {
            return choices.is(SHUT, BUTTON)
                    ? Optional.of(flap.tie(
                            Phrase.of("Twice round the closed book, begun and ended at the button on the spine.")))
                    : Optional.empty();
        }

        private List<CoverStep> steps() {
            List<CoverStep> steps = new ArrayList<>();
            steps.add(SoftParts.GRAIN);
            if (turns()) {
                steps.add(CoverStep.of(
                        "fold-in", Part.MAKE, Phrase.of(holesInEdges().isEmpty() ? FOLD_IN : FOLD_IN + PIERCE_BOTH)));
            }
            steps.add(SoftParts.FOLD);
            spine.plateStep().ifPresent(steps::add);
            if (flapped()) {
                steps.add(flap.step());
            }
            if (choices.is(SHUT, BUTTON)) {
                steps.add(CoverStep.of(
                        "closing",
                        Part.MAKE,
                        Phrase.of(
                                "Glue a patch {} square inside the spine at half its height, set the button through both, knot the cord under it.",
                                PATCH.at(Fineness.CUT))));
            }
            steps.addAll(spine.weaveSteps());
            steps.add(SoftParts.PRESS);
            return steps;
        }

        private List<CoverFault> faults() {
            List<CoverFault> faults = new ArrayList<>(flapped() ? flap.faults() : List.of());
            if (turns() && !Length.ofMm(soft.height().mm() / 2).isMoreThan(turn())) {
                faults.add(new CoverFault(
                        Weight.STOP,
                        "cover-edge",
                        Phrase.of(
                                "Edges of {} folded in meet in the middle of a cover {} high.",
                                turn().at(Fineness.CUT),
                                soft.height().at(Fineness.CUT)),
                        List.of(WIDE.key())));
            }
            return faults;
        }
    }
}
