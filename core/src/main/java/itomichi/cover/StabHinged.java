package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import java.util.List;
import java.util.Optional;

/** Boards for single sheets: a narrow strip that is sewn through, a gap that bends, and the board; cloth over strip and gap. */
final class StabHinged extends ToldKind {

    static final Measure PAST = new Measure("hinge-past", "Hinge strip past the holes", 8, 2, 100);
    static final Measure FORE = new Measure("stab-square-fore", "Square at the fore edge", 2, 0, 60);
    static final Measure ON_BOARD = new Measure("hinge-cloth", "Cloth on to the board", 15, 3, 300);

    private static final Formula STRIP = Formula.of("e + p");
    private static final Formula GAP = Formula.of("2 × b + r");
    private static final Formula BOARD = Formula.of("W + q − s − g");
    private static final Formula CLOTH = Formula.of("t + s + g + z");
    /** Beside two boards, in the gap that bends: common practice. */
    private static final Length ROOM = Length.ofMm(2);
    /** What is thinner bends by itself: common practice. */
    private static final Length THINNEST = Length.ofMm(1);

    StabHinged() {
        super(
                "stab-hinged",
                "Boards with a hinge",
                "Stiff front and back that open at a hinge beside the sewing. Albums, and sheets that need shelter.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.boundIn();
    }

    @Override
    public List<Setting> settings() {
        return List.of(BoardSettings.HEAD, BoardSettings.TAIL, FORE, PAST, ON_BOARD, BoardSettings.TURN_IN);
    }

    @Override
    public boolean boards() {
        return true;
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        return new Hinged(base, choices).work();
    }

    /** One such pair of covers. */
    private static final class Hinged {
        private final CoverBase base;
        private final SewnBlock block;
        private final CoverChoices choices;
        private final Working strip;
        private final Working gap;
        private final Working board;
        private final Working height;

        Hinged(CoverBase base, CoverChoices choices) {
            this.base = base;
            this.block = base.block();
            this.choices = choices;
            this.strip = Working.by(STRIP)
                    .with("e", "from the spine to the holes", Sizes.mark(base.sideEdge()))
                    .with("p", "past the holes", Sizes.mark(choices.length(PAST)))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Sizes.MARK);
            this.gap = Working.by(GAP)
                    .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                    .with("r", "room", Sizes.mark(ROOM))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Sizes.MARK);
            this.board = Working.by(BOARD)
                    .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                    .with("q", "square at the fore edge", Sizes.cut(choices.length(FORE)))
                    .with("s", "hinge strip", Sizes.mark(strip.length()))
                    .with("g", "gap", Sizes.mark(gap.length()))
                    .gives(Sizes.CUT);
            this.height = Sizes.boardHeight(block, choices);
        }

        private Length turnIn() {
            return choices.length(BoardSettings.TURN_IN);
        }

        private Working clothWidth() {
            return Working.by(CLOTH)
                    .with("t", "turn-in at the spine", Sizes.cut(turnIn()))
                    .with("s", "hinge strip", Sizes.mark(strip.length()))
                    .with("g", "gap", Sizes.mark(gap.length()))
                    .with("z", "on to the board", Sizes.cut(choices.length(ON_BOARD)))
                    .gives(Sizes.CUT);
        }

        private Working turnedHeight() {
            return Sizes.turnedIn(height.length(), "height of a board", turnIn());
        }

        private Working sideWidth() {
            return Sizes.paperSide(board.length(), choices.length(ON_BOARD), "cloth on it", turnIn());
        }

        CoverWork work() {
            double h = height.length().mm();
            double s = strip.length().mm();
            double g = gap.length().mm();
            double b = board.length().mm();
            double t = turnIn().mm();
            double w = t + s + g + b + t;
            double tall = turnedHeight().length().mm();
            List<FlatPoint> all =
                    List.of(new FlatPoint(0, 0), new FlatPoint(w, 0), new FlatPoint(w, tall), new FlatPoint(0, tall));
            return new CoverWork(
                    List.of(
                            CoverPiece.rectangle("hinge-strip", "Hinge strips", PieceStuff.BOARD, 2, strip, height),
                            CoverPiece.rectangle("board", "Boards", PieceStuff.BOARD, 2, board, height),
                            CoverPiece.rectangle(
                                    "hinge-cloth",
                                    "Cloth over the hinges",
                                    PieceStuff.CLOTH,
                                    2,
                                    clothWidth(),
                                    turnedHeight()),
                            CoverPiece.rectangle(
                                    "side", "Paper sides", PieceStuff.PAPER, 2, sideWidth(), turnedHeight())),
                    List.of(
                            Sizes.sized("board", "Boards", board, height),
                            new Figure("hinge-strip", "Hinge strip", strip),
                            new Figure("hinge-gap", "Gap that bends", gap),
                            Sizes.sized("hinge-cloth", "Cloth over each hinge", clothWidth(), turnedHeight()),
                            Sizes.sized("side", "Paper sides", sideWidth(), turnedHeight())),
                    List.of(
                            StabLooks.flat(
                                            w,
                                            tall,
                                            all,
                                            List.of(
                                                    Outline.line(Role.FOLD, "", 0, t, w, t),
                                                    Outline.line(Role.FOLD, "", 0, tall - t, w, tall - t)),
                                            Outline.rectangle(
                                                    Role.PAPER,
                                                    "",
                                                    w - sideWidth().length().mm(),
                                                    0,
                                                    sideWidth().length().mm(),
                                                    tall),
                                            Outline.rectangle(Role.BOARD, "hinge", t, t, s, h),
                                            Outline.rectangle(Role.BOARD, "board", t + s + g, t, Math.max(0.1, b), h))
                                    .moved(
                                            Grip.down(choices, BoardSettings.TURN_IN, w * 0.6, t, 1),
                                            Grip.across(choices, PAST, t + s, t + h / 4, 1),
                                            Grip.across(
                                                    choices,
                                                    ON_BOARD,
                                                    w - sideWidth().length().mm(),
                                                    t + h * 0.75,
                                                    1),
                                            Grip.across(choices, FORE, t + s + g + b, t + h / 2, 1)),
                            StabLooks.front(
                                    base,
                                    s + g + b,
                                    h,
                                    choices.length(BoardSettings.HEAD).mm(),
                                    List.of(
                                            Outline.rectangle(Role.BOARD, "", 0, 0, s, h),
                                            Outline.rectangle(
                                                    Role.BOARD, "front board", s + g, 0, Math.max(0.1, b), h)))),
                    steps(),
                    faults(),
                    Optional.empty(),
                    shape());
        }

        private CoverShape shape() {
            return CoverShape.Boards.sewn(
                    CoverShape.Board.on(
                            block,
                            board.length(),
                            height.length(),
                            strip.length().plus(gap.length()),
                            choices.length(BoardSettings.HEAD)),
                    strip.length(),
                    CoverShape.Skin.papered(BoardSettings.clothSeen(choices.length(ON_BOARD))),
                    CoverShape.Ends.NONE);
        }

        private List<CoverStep> steps() {
            return List.of(
                    CoverStep.of("grain", Part.DRY, "Try the grain of boards, cloth and papers: along the spine."),
                    CoverStep.of(
                            "dry-run",
                            Part.DRY,
                            Phrase.of(
                                    "Lay strip, gap of {} and board on the sheets: the holes go through the strip, the board stands out evenly.",
                                    gap.length().at(Fineness.MARK))),
                    CoverStep.of(
                            "hinge",
                            Part.MAKE,
                            "Glue out the cloth, lay strip and board on it with the gap between, turn it in at head, tail and spine."),
                    CoverStep.of(
                                    "sides",
                                    Part.MAKE,
                                    "Lay the papers over the edge of the cloth, cut the corners, turn in.")
                            .withBlade()
                            .lies(Lying.AN_HOUR),
                    CoverStep.of("inside", Part.MAKE, "Line each inside with paper; press the gap open with a bone.")
                            .lies(Lying.OVERNIGHT),
                    CoverStep.of(
                                    "bind-in",
                                    Part.MAKE,
                                    "Lay the covers under and over the sheets, clamp, and drill through all of it.")
                            .withBlade(),
                    CoverStep.of(
                            "open",
                            Part.FINISH,
                            "Open front and back at the hinge: the gap bends, the strip stays down."));
        }

        private List<CoverFault> faults() {
            if (THINNEST.isMoreThan(block.board().length())) {
                return List.of(new CoverFault(
                        Weight.CAUTION,
                        "cover-thin-board",
                        Phrase.of(
                                "Each cover is {} thick; a board that holds a hinge is {} or more. Gather asks for its thickness.",
                                block.board().length().at(Fineness.CALIPER),
                                THINNEST.at(Fineness.CUT)),
                        List.of()));
            }
            if (board.length().mm() > 0) {
                return BoardSettings.wideTurnIn(turnIn(), board.length()).stream()
                        .toList();
            }
            return List.of(new CoverFault(
                    Weight.STOP,
                    "cover-hinge",
                    Phrase.of(
                            "A hinge strip of {} and a gap of {} leave nothing of a leaf {} wide for a board.",
                            strip.length().at(Fineness.MARK),
                            gap.length().at(Fineness.MARK),
                            block.width().length().at(Fineness.CUT)),
                    List.of(PAST.key())));
        }
    }
}
