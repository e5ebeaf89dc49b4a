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

/**
 * A soft cover whose back goes on round the fore edge as a flap over the front.
 *
 * <p>The way round the fore edge is taken from the back: as long as the book is thick there, what is pasted in and the front of the
 * cover included.
 */
final class SoftWrapped extends ToldKind {

    static final Option RAW = new Option("RAW", "left raw");
    static final Option TURNED = new Option("TURNED", "turned in once");
    static final Option HEMMED = new Option("HEMMED", "hemmed, turned in twice");
    static final School EDGES = new School("edges", "Its edges", List.of(RAW, TURNED, HEMMED));
    static final Measure EDGE = new Measure("edge", "Each turn", 10, 3, 60);

    static final Option NO_TIE = new Option("NONE", "nothing");
    static final Option TIE = new Option("TIE", "a tie wound round");
    static final Option BUTTON = new Option("BUTTON", "a button with a loop");
    static final Option STRAP = new Option("STRAP", "a strap round it");
    static final School CLOSING = new School("closing", "Held shut by", List.of(NO_TIE, TIE, BUTTON, STRAP));

    private static final Formula WIDTH = Formula.of("2 × F + S + w + f");
    private static final Formula CUT_SIZE = Formula.of("A + 2 × n × e");
    private static final Formula STRAP_LONG = Formula.of("2 × (F + T) + o");
    private static final Formula LOOP_LONG = Formula.of("2 × l");
    /** A strap lies over its own end: common practice. */
    private static final Length STRAP_OVER = Length.ofMm(50);
    /** From the edge of the flap to the button: common practice. */
    private static final Length BUTTON_OFF = Length.ofMm(15);

    SoftWrapped() {
        super(
                "soft-flap",
                "Soft, wrapped with a flap",
                "The back goes on round the fore edge and shelters the leaves; for a book that is carried about.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.soft().isPresent() && !base.pleated();
    }

    @Override
    public List<Setting> settings() {
        return List.of(SoftFlap.FLAP, EDGES, EDGE, CLOSING);
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        return !setting.equals(EDGE) || !choices.is(EDGES, RAW);
    }

    /** What is turned in at each of its edges. */
    private static FoldedIn hem(CoverChoices choices) {
        return choices.is(EDGES, RAW)
                ? FoldedIn.NOTHING
                : new FoldedIn(choices.length(EDGE), choices.is(EDGES, TURNED) ? 1 : 2);
    }

    @Override
    public AtSpine atSpine(CoverChoices choices) {
        return AtSpine.COVER_ALONE.turned(hem(choices));
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        return new Flapped(base, base.soft().orElseThrow(), choices).work();
    }

    /** One such cover. */
    private static final class Flapped {
        private final CoverBase base;
        private final SoftCover soft;
        private final CoverChoices choices;
        private final Working front;
        private final SoftFlap over;
        private final Working wrap;
        private final Working flap;
        private final Working width;

        Flapped(CoverBase base, SoftCover soft, CoverChoices choices) {
            this.base = base;
            this.soft = soft;
            this.choices = choices;
            this.front = soft.front();
            this.over = new SoftFlap(base, soft, choices);
            this.wrap = over.wrap();
            this.flap = over.flap();
            this.width = Working.by(WIDTH)
                    .with("F", "width of front and back", Sizes.cut(front.length()))
                    .with("S", "spine", Quantity.of(soft.spine(), Fineness.BUNDLE))
                    .with("w", "round the fore edge", Sizes.mark(wrap.length()))
                    .with("f", "flap", Sizes.cut(flap.length()))
                    .gives(Sizes.CUT);
        }

        private Length past() {
            return over.past();
        }

        private int turns() {
            return hem(choices).turns();
        }

        private Length edge() {
            return choices.length(EDGE).times(turns());
        }

        private Working cut(Working finished, String what) {
            if (turns() == 0) {
                return finished;
            }
            return Working.by(CUT_SIZE)
                    .with("A", what, Sizes.cut(finished.length()))
                    .with("n", "turns of each edge", Quantity.count(turns()))
                    .with("e", "each turn", Sizes.cut(choices.length(EDGE)))
                    .gives(Sizes.CUT);
        }

        CoverWork work() {
            SoftParts parts = new SoftParts(base, soft, width.length(), soft.height(), past(), Length.ZERO);
            Working cutWidth = cut(width, "width with its edges turned in");
            Working cutHeight = cut(soft.workedHeight(), "height with its edges turned in");
            CoverPiece piece = parts.piece(cutWidth, cutHeight, edge())
                    .folded(folds(cutWidth.length().mm(), cutHeight.length().mm()));
            List<Figure> figures = new ArrayList<>();
            figures.add(SoftParts.figure(cutWidth, cutHeight));
            figures.addAll(over.figures());
            List<CoverPiece> pieces = new ArrayList<>();
            pieces.add(piece);
            String what = choices.is(CLOSING, TIE) ? "Tie" : choices.is(CLOSING, STRAP) ? "Strap" : "Loop";
            closing().ifPresent(tie -> {
                figures.add(new Figure("tie", what + " to cut", tie));
                pieces.add(SoftFlap.cord("tie", what, tie));
            });
            return new CoverWork(pieces, figures, looks(parts), steps(), faults(), Optional.of(parts.size()), shape());
        }

        /** Its edges are turned all round; the back has none of its own, for it goes on as the flap. */
        private CoverShape shape() {
            FoldedIn hem = hem(choices);
            return new CoverShape.Soft(
                    hem, FoldedIn.NOTHING, hem, soft.square(), new CoverShape.Flap(flap.length(), hem), List.of());
        }

        private List<CoverLook> looks(SoftParts parts) {
            List<Outline> front = List.of(over.onFront());
            double flapMm = flap.length().mm();
            if (turns() == 0) {
                return parts.looks(over.flat(), front, flapMm, over.grip());
            }
            double wide = width.length().mm();
            double high = soft.height().mm();
            double turn = Math.min(choices.length(EDGE).mm(), Math.min(wide, high) / 2);
            return SoftParts.heldInside(
                    parts.looks(over.flat(), Flat.bands(wide, high, turn), front, flapMm, over.grip()),
                    Grip.down(choices, EDGE, wide / 3, turn, 1));
        }

        /** Where the flap and the way round the fore edge begin, and where edges are turned. */
        private List<Outline> folds(double wide, double high) {
            List<Outline> folds = new ArrayList<>();
            for (double x : new double[] {flap.length().mm(), past().mm()}) {
                double at = edge().mm() + x;
                folds.add(Outline.line(Role.FOLD, "", at, 0, at, high));
            }
            for (int turn = 1; turn <= turns(); turn++) {
                folds.addAll(Flat.turnIns(wide, high, choices.length(EDGE).mm() * turn));
            }
            return folds;
        }

        private Optional<Working> closing() {
            Quantity thread = Quantity.of(Length.ZERO, Fineness.THREAD);
            if (choices.is(CLOSING, TIE)) {
                return Optional.of(over.tie(Phrase.of(
                        "Twice round the closed book. Its hole: at half the height, {} from the edge of the flap.",
                        BUTTON_OFF.at(Fineness.MARK))));
            }
            if (choices.is(CLOSING, STRAP)) {
                return Optional.of(Working.by(STRAP_LONG)
                        .with("F", "width of the front", Sizes.cut(front.length()))
                        .with("T", "round the fore edge", Sizes.mark(wrap.length()))
                        .with("o", "to lie over itself", Sizes.cut(STRAP_OVER))
                        .from(Source.COMMON_PRACTICE)
                        .note(
                                Phrase.of(
                                        "Once round the closed book, at half its height; it is held under a loop on the front."))
                        .gives(thread));
            }
            if (choices.is(CLOSING, BUTTON)) {
                return Optional.of(Working.by(LOOP_LONG)
                        .with(
                                "l",
                                "from the edge of the flap to the button and a knot",
                                Sizes.mark(BUTTON_OFF.times(3)))
                        .from(Source.COMMON_PRACTICE)
                        .note(Phrase.of(
                                "The button: at half the height, {} past the edge of the flap, on the front.",
                                BUTTON_OFF.at(Fineness.MARK)))
                        .gives(thread));
            }
            return Optional.empty();
        }

        private List<CoverStep> steps() {
            List<CoverStep> steps = new ArrayList<>();
            steps.add(SoftParts.GRAIN);
            if (turns() > 0) {
                steps.add(CoverStep.of(
                        "edges",
                        Part.MAKE,
                        "Turn in head and tail, then the ends; stitch or glue them down before it is punched."));
            }
            steps.add(SoftParts.FOLD);
            steps.add(over.step());
            if (!choices.is(CLOSING, NO_TIE)) {
                steps.add(CoverStep.of(
                        "closing",
                        Part.MAKE,
                        "Strengthen the place of its hole from inside with a patch, then set it."));
            }
            steps.add(SoftParts.PRESS);
            return steps;
        }

        private List<CoverFault> faults() {
            List<CoverFault> faults = new ArrayList<>(over.faults());
            if (Length.ofMm(soft.height().mm() / 2).isMoreThan(edge())) {
                return faults;
            }
            faults.add(new CoverFault(
                    Weight.STOP,
                    "cover-edge",
                    Phrase.of(
                            "Edges that take {} meet in the middle of a cover {} high.",
                            edge().at(Fineness.CUT),
                            soft.height().at(Fineness.CUT)),
                    List.of(EDGE.key())));
            return faults;
        }
    }
}
