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
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What flat and round cases have in common: two boards, a spine piece, joints between them, cloth over all, endpapers that hold the block.
 *
 * <p>The joint is pressed down to the block, so a board begins so far from the spine as the cloth of the joint is longer than the way
 * down and up: once the thickness of a board where the spine piece lies at the level of the block's faces, twice where it goes over the
 * edges of both boards.
 */
final class CaseParts {

    static final Measure HEAD = new Measure("square-head", "Square at the head", 2, 0, 60);
    static final Measure TAIL = new Measure("square-tail", "Square at the tail", 2, 0, 60);
    static final Measure SETBACK = new Measure("setback", "Board narrower than the leaf by", 3.5, 0, 60);
    static final Measure FORE = new Measure("square-fore", "Square at the fore edge", 2, 0, 60);
    static final Measure JOINT = new Measure("joint", "Joint", 7, 1, 60);
    static final Measure TURN_IN = new Measure("turn-in", "Turn-in", 18, 5, 100);

    static final Option BY_SETBACK = new Option("SETBACK", "narrower than the leaf");
    static final Option BY_SQUARE = new Option("SQUARE", "to a square at the fore edge");
    static final School BOARD_WIDTH = new School("board-width", "Width of the boards", List.of(BY_SETBACK, BY_SQUARE));

    static final Option JOINT_FIXED = new Option("FIXED", "a fixed measure");
    static final Option JOINT_BOARDS = new Option("BOARDS", "two boards and 4 mm");
    static final School JOINTS = new School("joints", "The joint", List.of(JOINT_FIXED, JOINT_BOARDS));

    static final Option TIPPED = new Option("TIPPED", "tipped on");
    static final Option OWN_LEAVES = new Option("OWN", "the first and last leaf");
    static final School ENDS = new School("ends", "Endpapers", List.of(TIPPED, OWN_LEAVES));

    static final Option NONE = new Option("NONE", "none");
    static final Option BANDS = new Option("BOUGHT", "bought, at head and tail");
    static final School HEADBANDS = new School("headbands", "Headbands", List.of(NONE, BANDS));
    static final Option ONE_RIBBON = new Option("ONE", "one ribbon");
    static final School RIBBON = new School("ribbon", "A ribbon to mark the place", List.of(NONE, ONE_RIBBON));

    private static final Formula BOARD_HEIGHT = Formula.of("H + h + t");
    private static final Formula BOARD_BY_SETBACK = Formula.of("W − s");
    private static final Formula BOARD_BY_SQUARE = Formula.of("W + q − (j − k × b)");
    private static final Formula JOINT_AS_SAID = Formula.of("j");
    private static final Formula JOINT_BY_BOARDS = Formula.of("2 × b + r");
    private static final Formula SQUARE = Formula.of("B + j − k × b − W");
    private static final Formula WITH_EDGES = Formula.of("S + 2 × r");
    private static final Formula AS_HIGH = Formula.of("B");
    private static final Formula BLOCK_HIGH = Formula.of("H");
    private static final Formula CORNER = Formula.of("c × b");
    private static final Formula TWO_LEAVES = Formula.of("2 × W");
    private static final Formula SHORTER = Formula.of("H − 2 × e");
    private static final Formula AS_WIDE = Formula.of("T");
    private static final Formula RIBBON_LONG = Formula.of("√(W × W + H × H) + r");
    private static final Formula GIVEN = Formula.of("a");

    /** The joint, over two boards: common practice. */
    private static final Length JOINT_ROOM = Length.ofMm(4);
    /** Paper of the strip that holds board, spine piece and board in line: common practice. */
    private static final Length STRIP = Length.ofMm(30);
    /** Open cloth on to each board: common practice. */
    private static final Length LINING_OVER = Length.ofMm(25);
    /** Open cloth ends so far from head and tail: common practice. */
    private static final Length LINING_SHORT = Length.ofMm(10);
    /** From a board's corner to the cut across the cloth, in thicknesses of the board: common practice. */
    private static final double CORNER_BOARDS = 1.5;
    /** A smaller square lets the leaves rub: common practice. */
    private static final Length SQUARE_GOOD = Length.ofMm(1);

    /** Of a ribbon: its width, and what of it is glued to the back and hangs out. Common practice. */
    private static final Length RIBBON_WIDE = Length.ofMm(6);

    private static final Length RIBBON_MORE = Length.ofMm(70);
    /** A headband stands on the edge by so much: common practice. */
    private static final Length BAND_HIGH = Length.ofMm(12);
    /** Long enough to be held. */
    private static final Length JIG_LONG = Length.ofMm(120);

    private static final Quantity CUT = Quantity.of(Length.ZERO, Fineness.CUT);
    private static final Quantity MARK = Quantity.of(Length.ZERO, Fineness.MARK);

    private final CoverBase base;
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

    /**
     * @param spine width of the spine piece, as it lies flat
     * @param over how many thicknesses of a board the cloth of a joint goes down and up: 1 or 2
     */
    CaseParts(CoverBase base, CoverChoices choices, Working spine, int over) {
        this.base = base;
        this.block = base.block();
        this.choices = choices;
        this.spine = spine;
        this.over = over;
        this.boardHeight = Working.by(BOARD_HEIGHT)
                .with("H", block.height().meaning(), block.height().at(Fineness.CUT))
                .with("h", "square at the head", cut(choices.length(HEAD)))
                .with("t", "square at the tail", cut(choices.length(TAIL)))
                .from(Source.COMMON_PRACTICE)
                .gives(CUT);
        this.joint = joint();
        this.boardWidth = boardWidth();
        this.foreSquare = Working.by(SQUARE)
                .with("B", "width of a board", cut(boardWidth.length()))
                .with("j", "joint, flat", mark(joint.length()))
                .with("k", downAndUp(), Quantity.count(over))
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                .gives(MARK);
        this.corner = Working.by(CORNER)
                .with("c", "boards off the corner", Quantity.ratio(CORNER_BOARDS, 1))
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("Cut at 45 degrees; nearer and the board shows, farther and the corner is clumsy."))
                .gives(MARK);
        this.covering = new CaseCovering(
                boardWidth.length(),
                boardHeight.length(),
                joint.length(),
                spine.length(),
                turnIn(),
                corner.length(),
                choices);
    }

    /** What every case is settled by. */
    static List<Setting> settings(Setting... more) {
        return Stream.concat(
                        Stream.of(HEAD, TAIL, BOARD_WIDTH, SETBACK, FORE, JOINTS, JOINT),
                        Stream.concat(
                                Stream.of(more),
                                Stream.of(
                                        CaseCovering.COVERED, CaseCovering.ON_BOARD, TURN_IN, ENDS, HEADBANDS, RIBBON)))
                .toList();
    }

    /** Whether a setting of a case makes a difference. */
    static boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        if (setting.equals(SETBACK)) {
            return choices.is(BOARD_WIDTH, BY_SETBACK);
        }
        if (setting.equals(FORE)) {
            return choices.is(BOARD_WIDTH, BY_SQUARE);
        }
        if (setting.equals(JOINT)) {
            return choices.is(JOINTS, JOINT_FIXED);
        }
        if (setting.equals(CaseCovering.ON_BOARD)) {
            return !choices.is(CaseCovering.COVERED, CaseCovering.FULL);
        }
        return !setting.equals(ENDS) || !base.endsApart();
    }

    private static Quantity cut(Length length) {
        return Quantity.of(length, Fineness.CUT);
    }

    private static Quantity mark(Length length) {
        return Quantity.of(length, Fineness.MARK);
    }

    private Length turnIn() {
        return choices.length(TURN_IN);
    }

    private String downAndUp() {
        return over == 1 ? "down beside a board, once" : "down from the spine piece and up beside a board";
    }

    private Working joint() {
        if (choices.is(JOINTS, JOINT_FIXED)) {
            return Working.by(JOINT_AS_SAID)
                    .with("j", "joint, as said", mark(choices.length(JOINT)))
                    .from(Source.COMMON_PRACTICE)
                    .gives(MARK);
        }
        return Working.by(JOINT_BY_BOARDS)
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .with("r", "room", mark(JOINT_ROOM))
                .from(Source.COMMON_PRACTICE)
                .gives(MARK);
    }

    private Working boardWidth() {
        if (choices.is(BOARD_WIDTH, BY_SETBACK)) {
            return Working.by(BOARD_BY_SETBACK)
                    .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                    .with("s", "narrower by", cut(choices.length(SETBACK)))
                    .from(Source.COMMON_PRACTICE)
                    .gives(CUT);
        }
        return Working.by(BOARD_BY_SQUARE)
                .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                .with("q", "square at the fore edge", cut(choices.length(FORE)))
                .with("j", "joint, flat", mark(joint.length()))
                .with("k", downAndUp(), Quantity.count(over))
                .with("b", block.board().meaning(), block.board().at(Fineness.CALIPER))
                .gives(CUT);
    }

    Working boardHeight() {
        return boardHeight;
    }

    private double boardWide() {
        return boardWidth.length().mm();
    }

    private double boardHigh() {
        return boardHeight.length().mm();
    }

    private double turnInMm() {
        return turnIn().mm();
    }

    List<CoverPiece> pieces(PieceStuff spineStuff) {
        Working asHigh = Working.by(AS_HIGH)
                .with("B", "height of a board", cut(boardHeight.length()))
                .gives(CUT);
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
                        .with("S", "spine piece, flat", mark(spine.length()))
                        .with("r", "on to each side", cut(STRIP))
                        .from(Source.COMMON_PRACTICE)
                        .note(Phrase.of(
                                "The joints are measured across it: it has to reach over them on to the boards."))
                        .gives(CUT),
                asHigh));
        pieces.addAll(linings());
        if (tipped()) {
            pieces.add(CoverPiece.rectangle(
                            "endpaper",
                            "Endpapers, folded once",
                            PieceStuff.PAPER,
                            2,
                            Working.by(TWO_LEAVES)
                                    .with(
                                            "W",
                                            block.width().meaning(),
                                            block.width().at(Fineness.CUT))
                                    .gives(CUT),
                            blockHigh())
                    .folded(List.of(Outline.line(
                            Role.FOLD,
                            "",
                            block.width().length().mm(),
                            0,
                            block.width().length().mm(),
                            block.height().length().mm()))));
        }
        pieces.addAll(bought());
        return pieces;
    }

    private static Working given(Length length, String what) {
        return Working.by(GIVEN)
                .with("a", what, mark(length))
                .from(Source.COMMON_PRACTICE)
                .gives(MARK);
    }

    private List<CoverPiece> bought() {
        List<CoverPiece> pieces = new ArrayList<>();
        if (choices.is(HEADBANDS, BANDS)) {
            pieces.add(CoverPiece.rectangle(
                    "headband",
                    "Headbands",
                    PieceStuff.HEADBAND,
                    2,
                    Working.by(AS_WIDE)
                            .with("T", "the back, flat", mark(spine.length()))
                            .gives(MARK),
                    given(BAND_HIGH, "its band")));
        }
        if (choices.is(RIBBON, ONE_RIBBON)) {
            pieces.add(CoverPiece.rectangle(
                    "ribbon",
                    "Ribbon",
                    PieceStuff.RIBBON,
                    1,
                    given(RIBBON_WIDE, "its width"),
                    Working.by(RIBBON_LONG)
                            .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                            .with("H", block.height().meaning(), block.height().at(Fineness.CUT))
                            .with("r", "glued to the back, and hanging out", cut(RIBBON_MORE))
                            .from(Source.COMMON_PRACTICE)
                            .gives(CUT)));
        }
        return pieces;
    }

    /** Strips of card as wide as what is measured again and again. */
    List<CoverPiece> jigs() {
        return List.of(
                jig("jig-turn-in", "Turn-in gauge", given(turnIn(), "turn-in")),
                jig("jig-joint", "Joint spacer", given(joint.length(), "joint, flat")),
                jig("jig-corner", "Corner jig, laid across the corner", given(corner.length(), "off the corner")));
    }

    private static CoverPiece jig(String key, String name, Working wide) {
        return CoverPiece.rectangle(key, name, PieceStuff.CARD, 1, wide, given(JIG_LONG, "long enough to be held"));
    }

    private boolean tipped() {
        return !base.endsApart() && choices.is(ENDS, TIPPED);
    }

    private Working blockHigh() {
        return Working.by(BLOCK_HIGH)
                .with("H", block.height().meaning(), block.height().at(Fineness.CUT))
                .gives(CUT);
    }

    private List<CoverPiece> linings() {
        Working shorter = Working.by(SHORTER)
                .with("H", block.height().meaning(), block.height().at(Fineness.CUT))
                .with("e", "short of head and tail", cut(LINING_SHORT))
                .from(Source.COMMON_PRACTICE)
                .gives(CUT);
        return List.of(
                CoverPiece.rectangle(
                        "open-cloth",
                        "Open cloth over the back",
                        PieceStuff.OPEN_CLOTH,
                        1,
                        Working.by(WITH_EDGES)
                                .with("S", "the back, flat", mark(spine.length()))
                                .with("r", "on to each board", cut(LINING_OVER))
                                .from(Source.COMMON_PRACTICE)
                                .gives(CUT),
                        shorter),
                CoverPiece.rectangle(
                        "back-lining",
                        "Lining of the back",
                        PieceStuff.PAPER,
                        1,
                        Working.by(AS_WIDE)
                                .with(
                                        "T",
                                        block.spine().meaning(),
                                        block.spine().at(Fineness.BUNDLE))
                                .gives(MARK),
                        shorter));
    }

    List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        figures.add(sized("board", "Boards", boardWidth, boardHeight));
        figures.add(new Figure("joint", "Joint, flat", joint));
        figures.add(new Figure("spine-piece", "Spine piece", spine));
        figures.add(new Figure("square-fore", "Square at the fore edge", foreSquare));
        figures.addAll(covering.figures());
        figures.add(new Figure("corner", "Corner cut off the board by", corner));
        return figures;
    }

    static Figure sized(String key, String label, Working width, Working height) {
        return Figure.shownAs(
                key,
                label,
                width,
                Phrase.of(
                        "{} × {}",
                        width.length().at(Fineness.CUT),
                        height.length().at(Fineness.CUT)));
    }

    /** Opened flat, from inside and from outside, and closed, from the front. */
    List<CoverLook> looks(CoverLook fromHead) {
        return List.of(inside(), outside(), fromHead, front());
    }

    private CoverLook inside() {
        double w = covering.wideMm();
        double t = turnInMm();
        double j = joint.length().mm();
        double s = spine.length().mm();
        double spineX = t + boardWide() + j;
        List<Outline> outlines = new ArrayList<>(covering.inside());
        // from inside the front board lies at the left
        outlines.add(Outline.rectangle(Role.BOARD, "front board", t, t, boardWide(), boardHigh()));
        outlines.add(Outline.rectangle(Role.BOARD, "spine piece", spineX, t, s, boardHigh()));
        outlines.add(Outline.rectangle(Role.BOARD, "back board", spineX + s + j, t, boardWide(), boardHigh()));
        outlines.add(Outline.rectangle(Role.LINING, "strip", spineX - STRIP.mm(), t, s + 2 * STRIP.mm(), boardHigh())
                .underneath());
        for (double y : new double[] {t, covering.highMm() - t}) {
            outlines.add(Outline.line(Role.FOLD, "", 0, y, w, y));
        }
        for (double x : new double[] {t, w - t}) {
            outlines.add(Outline.line(Role.FOLD, "", x, 0, x, covering.highMm()));
        }
        return new CoverLook(
                CoverLook.View.OPENED_INSIDE,
                w,
                covering.highMm(),
                outlines,
                Phrase.of(
                        "Two boards of {} × {}, a spine piece {} wide between them, joints of {}, turn-ins of {}.",
                        boardWidth.length().at(Fineness.CUT),
                        boardHeight.length().at(Fineness.CUT),
                        spine.length().at(Fineness.MARK),
                        joint.length().at(Fineness.MARK),
                        turnIn().at(Fineness.CUT)));
    }

    private CoverLook outside() {
        double j = joint.length().mm();
        double s = spine.length().mm();
        double w = 2 * boardWide() + 2 * j + s;
        double spineX = boardWide() + j;
        List<Outline> outlines = new ArrayList<>(covering.outside());
        outlines.add(Outline.rectangle(Role.BOARD, "back", 0, 0, boardWide(), boardHigh())
                .underneath());
        outlines.add(Outline.rectangle(Role.BOARD, "spine", spineX, 0, s, boardHigh())
                .underneath());
        outlines.add(Outline.rectangle(Role.BOARD, "front", spineX + s + j, 0, boardWide(), boardHigh())
                .underneath());
        return new CoverLook(
                CoverLook.View.OPENED_OUTSIDE,
                w,
                boardHigh(),
                outlines,
                Phrase.of(
                        "The case from outside, {} × {}: back, spine, front.",
                        Length.ofMm(w).at(Fineness.CUT),
                        boardHeight.length().at(Fineness.CUT)));
    }

    /** From the spine of the block to where a board begins, closed, mm. */
    double hingeMm() {
        return joint.length().mm() - over * block.board().length().mm();
    }

    private CoverLook front() {
        double w = hingeMm() + boardWide();
        List<Outline> outlines = new ArrayList<>();
        outlines.add(Outline.rectangle(Role.COVERING, "", 0, 0, w, boardHigh()));
        outlines.add(Outline.rectangle(Role.BOARD, "front board", hingeMm(), 0, boardWide(), boardHigh()));
        outlines.add(Outline.rectangle(
                        Role.BLOCK,
                        "block",
                        0,
                        choices.length(HEAD).mm(),
                        block.width().length().mm(),
                        block.height().length().mm())
                .underneath());
        return new CoverLook(
                CoverLook.View.CLOSED_FRONT,
                w,
                boardHigh(),
                outlines,
                Phrase.of(
                        "The closed book from the front, {} × {}; the board begins {} from the spine.",
                        Length.ofMm(w).at(Fineness.CUT),
                        boardHeight.length().at(Fineness.CUT),
                        Length.ofMm(hingeMm()).at(Fineness.MARK)));
    }

    /**
     * The closed book from its head: the block between the boards, the spine piece behind it.
     *
     * @param spineOutline the spine piece; the block's spine lies at x 0, its front face at y 0
     * @param behindMm room that the drawing needs behind the block's spine, mm
     */
    CoverLook fromHead(Outline spineOutline, double behindMm) {
        double b = block.board().length().mm();
        double spineT = block.spine().length().mm();
        double foreT = block.foreEdge().length().mm();
        double tall = block.thickestMm();
        double w = block.width().length().mm();
        double middle = b + tall / 2;
        double top = middle - spineT / 2;
        List<Outline> outlines = new ArrayList<>();
        outlines.add(new Outline(
                        Role.BLOCK,
                        "block",
                        List.of(
                                new FlatPoint(0, top),
                                new FlatPoint(w, middle - foreT / 2),
                                new FlatPoint(w, middle + foreT / 2),
                                new FlatPoint(0, top + spineT)),
                        false)
                .at(behindMm, 0));
        for (boolean front : new boolean[] {true, false}) {
            int side = front ? -1 : 1;
            double nearY = middle + side * spineT / 2;
            double farY = middle + side * foreT / 2;
            double slope = (farY - nearY) / w;
            double beginY = nearY + slope * hingeMm();
            double endY = nearY + slope * (hingeMm() + boardWide());
            outlines.add(new Outline(
                            Role.BOARD,
                            front ? "front board" : "back board",
                            List.of(
                                    new FlatPoint(hingeMm(), beginY),
                                    new FlatPoint(hingeMm() + boardWide(), endY),
                                    new FlatPoint(hingeMm() + boardWide(), endY + side * b),
                                    new FlatPoint(hingeMm(), beginY + side * b)),
                            false)
                    .at(behindMm, 0));
            outlines.add(new Outline(
                            Role.COVERING,
                            "",
                            List.of(
                                    new FlatPoint(0, nearY),
                                    new FlatPoint(hingeMm(), beginY),
                                    new FlatPoint(hingeMm(), beginY + side * b),
                                    new FlatPoint(hingeMm() + boardWide(), endY + side * b)),
                            false)
                    .at(behindMm, 0));
        }
        outlines.add(spineOutline.at(behindMm, top));
        double wide = behindMm + Math.max(w, hingeMm() + boardWide());
        return new CoverLook(
                CoverLook.View.CLOSED_HEAD,
                wide,
                tall + 2 * b,
                outlines,
                Phrase.of(
                        "The closed book from its head: block {} thick at the spine and {} at the fore edge, boards of {} that stand {} past it.",
                        block.spine().length().at(Fineness.BUNDLE),
                        block.foreEdge().length().at(Fineness.BUNDLE),
                        block.board().length().at(Fineness.CALIPER),
                        foreSquare.length().at(Fineness.MARK)));
    }

    List<CoverStep> steps(String spineStep) {
        List<CoverStep> steps = new ArrayList<>();
        steps.add(
                CoverStep.of(
                        "dry-run",
                        Part.DRY,
                        "Lay block, boards and spine piece together without glue: squares even all round, the joint open, the book closes."));
        steps.add(CoverStep.of(
                "grain", Part.DRY, "Try the grain of boards, cloth and papers once more: all of it along the spine."));
        steps.add(CoverStep.of(
                        "back",
                        Part.MAKE,
                        "Glue up the back of the block between waste boards; open cloth on it, then its lining.")
                .waits("an hour, under a weight"));
        steps.add(CoverStep.of(
                "strip",
                Part.MAKE,
                Phrase.of(
                        "Glue boards and spine piece to the strip, joints of {} between them, along a straight edge.",
                        joint.length().at(Fineness.MARK))));
        steps.add(
                CoverStep.of(
                        "cloth",
                        Part.MAKE,
                        covering.full()
                                ? "Glue out the cloth from its middle to its edges; lay the boards on it, rub down from outside."
                                : "Spine cloth first: glue it out, lay boards and spine piece on it, turn it in at head and tail. Corners next. Then the sides, over the edge of the cloth."));
        steps.add(CoverStep.of(
                "corners",
                Part.MAKE,
                Phrase.of(
                        "Cut the corners {} off the boards, at 45 degrees.",
                        corner.length().at(Fineness.MARK))));
        steps.add(CoverStep.of(
                        "turn-in",
                        Part.MAKE,
                        "Turn in head and tail, nip the corners in, then the fore edges; bone them down on edge and face.")
                .waits("an hour, between boards under a weight"));
        steps.add(CoverStep.of("spine", Part.MAKE, spineStep));
        steps.add(CoverStep.of(
                "ends",
                Part.MAKE,
                tipped()
                        ? "Tip the endpapers on: a line of paste 3 mm wide along the fold, the rest masked."
                        : "Put waste paper under the outer leaf of the ends; that leaf becomes the pastedown."));
        steps.add(
                CoverStep.of(
                        "case-in",
                        Part.MAKE,
                        "Wax paper behind each pastedown, then glue it out from the fold; close the case on it in one go, squares even, and turn the book over for the other side."));
        steps.add(CoverStep.of(
                "nip",
                Part.FINISH,
                "Nip it in the press for some seconds, look at both pastedowns, and press out what has slipped."));
        steps.add(CoverStep.of(
                        "press",
                        Part.FINISH,
                        "Press it with rods or board edges in the joints, wax paper and a dry board inside each cover.")
                .waits("overnight"));
        steps.add(CoverStep.of(
                "open",
                Part.FINISH,
                "Open it some leaves at a time from both ends, and look: squares, corners, joints, nothing stuck."));
        return steps;
    }

    List<CoverFault> faults() {
        List<CoverFault> faults = new ArrayList<>();
        Length half = Length.ofMm(boardWide() / 2);
        if (turnIn().isMoreThan(half)) {
            faults.add(wideTurnIn(turnIn(), boardWidth.length()));
        }
        if (hingeMm() <= 0) {
            faults.add(new CoverFault(
                    Weight.STOP,
                    "cover-joint",
                    Phrase.of(
                            "A joint of {} does not go down beside a board of {}: the case would not open.",
                            joint.length().at(Fineness.MARK),
                            block.board().length().at(Fineness.CALIPER)),
                    List.of(JOINT.key(), JOINTS.key())));
        } else if (SQUARE_GOOD.isMoreThan(foreSquare.length())) {
            faults.add(new CoverFault(
                    Weight.CAUTION,
                    "cover-square",
                    Phrase.of(
                            "The boards stand {} past the leaves at the fore edge; {} is the least that shelters them.",
                            foreSquare.length().at(Fineness.MARK),
                            SQUARE_GOOD.at(Fineness.MARK)),
                    List.of(BOARD_WIDTH.key(), SETBACK.key(), FORE.key(), JOINTS.key(), JOINT.key())));
        }
        return faults;
    }

    /** Said of a turn-in that is wider than half a board. */
    static CoverFault wideTurnIn(Length turnIn, Length board) {
        return new CoverFault(
                Weight.STOP,
                "cover-turn-in",
                Phrase.of(
                        "A turn-in of {} is wider than half a board of {}.",
                        turnIn.at(Fineness.CUT),
                        board.at(Fineness.CUT)),
                List.of(TURN_IN.key()));
    }
}
