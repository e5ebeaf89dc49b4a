package itomichi.cover;

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

/**
 * What flat and round cases have in common: two boards, a spine piece, joints between them, cloth over all, endpapers that hold the block.
 *
 * <p>The joint is pressed down to the block, so a board begins so far from the spine as the cloth of the joint is longer than the way
 * down and up: once the thickness of a board where the spine piece lies at the level of the block's faces, twice where it goes over the
 * edges of both boards.
 */
final class CaseParts {

    private static final Formula BOARD_BY_SETBACK = Formula.of("W − s");
    private static final Formula BOARD_BY_SQUARE = Formula.of("W + q − (j − k × b)");
    private static final Formula JOINT_AS_SAID = Formula.of("j");
    private static final Formula JOINT_BY_BOARDS = Formula.of("2 × b + r");
    private static final Formula SQUARE = Formula.of("B + j − k × b − W");
    private static final Formula WITH_EDGES = Formula.of("S + 2 × r");
    private static final Formula AS_HIGH = Formula.of("B");
    private static final Formula CORNER = Formula.of("c × b");
    private static final Formula AS_WIDE = Formula.of("T");
    private static final Formula RIBBON_LONG = Formula.of("√(W × W + H × H) + r");

    /** The joint, over two boards: common practice. */
    private static final Length JOINT_ROOM = Length.ofMm(4);
    /** Paper of the strip that holds board, spine piece and board in line: common practice. */
    static final Length STRIP = Length.ofMm(30);
    /** A smaller square lets the leaves rub: common practice. */
    private static final Length SQUARE_GOOD = Length.ofMm(1);

    /** Of a ribbon: its width, and what of it is glued to the back and hangs out. Common practice. */
    private static final Length RIBBON_WIDE = Length.ofMm(6);

    private static final Length RIBBON_MORE = Length.ofMm(70);
    /** A headband stands on the edge by so much: common practice. */
    private static final Length BAND_HIGH = Length.ofMm(12);
    /** Long enough to be held. */
    private static final Length JIG_LONG = Length.ofMm(120);

    private final SewnBlock block;
    private final CoverChoices choices;
    private final Working spine;
    private final int over;
    private final Working boardHeight;
    private final Working joint;
    private final Working boardWidth;
    private final Working foreSquare;
    private final Working corner;
    private final CaseCovering covering;
    private final CaseHold held;

    /**
     * @param spine width of the spine piece, as it lies flat
     * @param over how many thicknesses of a board the cloth of a joint goes down and up: 1 or 2
     */
    CaseParts(CoverBase base, CoverChoices choices, Working spine, int over) {
        this.block = base.block();
        this.choices = choices;
        this.spine = spine;
        this.over = over;
        this.boardHeight = Sizes.boardHeight(block, choices);
        this.joint = workedJoint();
        this.boardWidth = workedWidth();
        this.foreSquare = Working.by(SQUARE)
                .with("B", "width of a board", Sizes.cut(boardWidth.length()))
                .with("j", "joint, flat", Sizes.mark(joint.length()))
                .with("k", downAndUp(), Quantity.count(over))
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                .gives(Sizes.MARK);
        this.corner = Working.by(CORNER)
                .with("c", "boards off the corner", Quantity.ratio(BoardSettings.CORNER_BOARDS, 1))
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("Cut at 45 degrees; nearer and the board shows, farther and the corner is clumsy."))
                .gives(Sizes.MARK);
        this.covering = new CaseCovering(
                boardWidth.length(),
                boardHeight.length(),
                joint.length(),
                spine.length(),
                turnIn(),
                corner.length(),
                choices);
        this.held = new CaseHold(base, choices, back());
    }

    Length turnIn() {
        return choices.length(BoardSettings.TURN_IN);
    }

    private String downAndUp() {
        return over == 1 ? "down beside a board, once" : "down from the spine piece and up beside a board";
    }

    private Working workedJoint() {
        if (choices.is(CaseSettings.JOINTS, CaseSettings.JOINT_FIXED)) {
            return Working.by(JOINT_AS_SAID)
                    .with("j", "joint, as said", Sizes.mark(choices.length(CaseSettings.JOINT)))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Sizes.MARK);
        }
        return Working.by(JOINT_BY_BOARDS)
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .with("r", "room", Sizes.mark(JOINT_ROOM))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.MARK);
    }

    private Working workedWidth() {
        if (choices.is(CaseSettings.BOARD_WIDTH, CaseSettings.BY_SETBACK)) {
            return Working.by(BOARD_BY_SETBACK)
                    .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                    .with("s", "narrower by", Sizes.cut(choices.length(CaseSettings.SETBACK)))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Sizes.CUT);
        }
        return Working.by(BOARD_BY_SQUARE)
                .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                .with("q", "square at the fore edge", Sizes.cut(choices.length(CaseSettings.FORE)))
                .with("j", "joint, flat", Sizes.mark(joint.length()))
                .with("k", downAndUp(), Quantity.count(over))
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .gives(Sizes.CUT);
    }

    SewnBlock block() {
        return block;
    }

    CoverChoices choices() {
        return choices;
    }

    Working boardHeight() {
        return boardHeight;
    }

    Working boardWidth() {
        return boardWidth;
    }

    Working joint() {
        return joint;
    }

    Working spine() {
        return spine;
    }

    Working foreSquare() {
        return foreSquare;
    }

    Working corner() {
        return corner;
    }

    CaseCovering covering() {
        return covering;
    }

    double boardWide() {
        return boardWidth.length().mm();
    }

    double boardHigh() {
        return boardHeight.length().mm();
    }

    List<CoverPiece> pieces(PieceStuff spineStuff) {
        Working asHigh = Working.by(AS_HIGH)
                .with("B", "height of a board", Sizes.cut(boardHeight.length()))
                .gives(Sizes.CUT);
        List<CoverPiece> pieces = new ArrayList<>();
        pieces.add(CoverPiece.rectangle("board", "Boards", PieceStuff.BOARD, 2, boardWidth, boardHeight));
        pieces.add(CoverPiece.rectangle("spine-piece", "Spine piece", spineStuff, 1, spine, asHigh));
        pieces.addAll(covering.pieces());
        pieces.add(CoverPiece.rectangle(
                "strip",
                "Strip that holds boards and spine piece in line",
                PieceStuff.PAPER,
                1,
                Working.by(WITH_EDGES)
                        .with("S", "spine piece, flat", Sizes.mark(spine.length()))
                        .with("r", "on to each side", Sizes.cut(STRIP))
                        .from(Source.COMMON_PRACTICE)
                        .note(Phrase.of(
                                "The joints are measured across it: it has to reach over them on to the boards."))
                        .gives(Sizes.CUT),
                asHigh));
        pieces.addAll(held.pieces());
        pieces.addAll(bought());
        return pieces;
    }

    private List<CoverPiece> bought() {
        List<CoverPiece> pieces = new ArrayList<>();
        if (choices.is(CaseSettings.HEADBANDS, CaseSettings.BANDS)) {
            pieces.add(CoverPiece.rectangle(
                    "headband",
                    "Headbands",
                    PieceStuff.HEADBAND,
                    2,
                    Working.by(AS_WIDE).with("T", "the back, flat", back()).gives(Sizes.MARK),
                    Sizes.given(BAND_HIGH, "its band")));
        }
        if (choices.is(CaseSettings.RIBBON, CaseSettings.ONE_RIBBON)) {
            pieces.add(CoverPiece.rectangle(
                    "ribbon",
                    "Ribbon",
                    PieceStuff.RIBBON,
                    1,
                    Sizes.given(RIBBON_WIDE, "its width"),
                    Working.by(RIBBON_LONG)
                            .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                            .with("H", block.height().meaning(), block.height().at(Fineness.CUT))
                            .with("r", "glued to the back, and hanging out", Sizes.cut(RIBBON_MORE))
                            .from(Source.COMMON_PRACTICE)
                            .gives(Sizes.CUT)));
        }
        return pieces;
    }

    /** Strips of card as wide as what is measured again and again. */
    List<CoverPiece> jigs() {
        return List.of(
                jig("jig-turn-in", "Turn-in gauge", Sizes.given(turnIn(), "turn-in")),
                jig("jig-joint", "Joint spacer", Sizes.given(joint.length(), "joint, flat")),
                jig(
                        "jig-corner",
                        "Corner jig, laid across the corner",
                        Sizes.given(corner.length(), "off the corner")));
    }

    private static CoverPiece jig(String key, String name, Working wide) {
        return CoverPiece.rectangle(
                key, name, PieceStuff.CARD, 1, wide, Sizes.given(JIG_LONG, "long enough to be held"));
    }

    /** What holds the block in it. */
    CaseHold held() {
        return held;
    }

    /** What is lined: the back as it is sewn or rounded, whatever the spine piece goes over besides. */
    private Quantity back() {
        return over == 1 ? Sizes.mark(spine.length()) : block.spine().at(Fineness.MARK);
    }

    List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        figures.add(Sizes.sized("board", "Boards", boardWidth, boardHeight));
        figures.add(new Figure("joint", "Joint, flat", joint));
        figures.add(new Figure("spine-piece", "Spine piece", spine));
        figures.add(new Figure("square-fore", "Square at the fore edge", foreSquare));
        figures.addAll(covering.figures());
        figures.add(new Figure("corner", "Corner cut off the board by", corner));
        return figures;
    }

    /** From the spine of the block to where a board begins, closed, mm. */
    double hingeMm() {
        return joint.length().mm() - over * block.board().length().mm();
    }

    /**
     * How it lies round the block.
     *
     * @param behind thickness of the spine piece
     */
    CoverShape shape(Length behind) {
        return CoverShape.Boards.apart(
                CoverShape.Board.on(
                        block,
                        boardWidth.length(),
                        boardHeight.length(),
                        Length.ofMm(Math.max(0, hingeMm())),
                        choices.length(BoardSettings.HEAD)),
                new CoverShape.Back(spine.length(), behind),
                covering.skin(),
                held.ends());
    }

    List<CoverFault> faults() {
        List<CoverFault> faults = new ArrayList<>();
        BoardSettings.wideTurnIn(turnIn(), boardWidth.length()).ifPresent(faults::add);
        if (hingeMm() <= 0) {
            faults.add(new CoverFault(
                    Weight.STOP,
                    "cover-joint",
                    Phrase.of(
                            "A joint of {} does not go down beside a board of {}: the case would not open.",
                            joint.length().at(Fineness.MARK),
                            block.board().length().at(Fineness.CALIPER)),
                    List.of(CaseSettings.JOINT.key(), CaseSettings.JOINTS.key())));
        } else if (SQUARE_GOOD.isMoreThan(foreSquare.length())) {
            faults.add(new CoverFault(
                    Weight.CAUTION,
                    "cover-square",
                    Phrase.of(
                            "The boards stand {} past the leaves at the fore edge; {} is the least that shelters them.",
                            foreSquare.length().at(Fineness.MARK),
                            SQUARE_GOOD.at(Fineness.MARK)),
                    List.of(
                            CaseSettings.BOARD_WIDTH.key(),
                            CaseSettings.SETBACK.key(),
                            CaseSettings.FORE.key(),
                            CaseSettings.JOINTS.key(),
                            CaseSettings.JOINT.key())));
        }
        return faults;
    }
}
