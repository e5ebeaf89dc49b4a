package itomichi.cover;

import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.cover.Setting.Share;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/**
 * What a case is covered with: cloth all over; cloth on the spine and paper sides; or cloth on spine and corners, paper between.
 *
 * @param boardWidth of one board
 * @param boardHeight of one board
 * @param joint flat
 * @param spine the spine piece, flat
 * @param turnIn round every edge
 * @param corner from a board's corner to the cut across it
 * @param choices what is settled
 */
record CaseCovering(
        Length boardWidth,
        Length boardHeight,
        Length joint,
        Length spine,
        Length turnIn,
        Length corner,
        CoverChoices choices) {

    static final Option FULL = new Option("FULL", "cloth all over");
    static final Option QUARTER = new Option("QUARTER", "cloth on the spine, paper sides");
    static final Option HALF = new Option("HALF", "cloth on spine and corners, paper sides");
    static final School COVERED = new School("covered", "Covered with", List.of(FULL, QUARTER, HALF));
    static final Share ON_BOARD = new Share("spine-cloth", "Spine cloth on to each board", "of its width", 22, 5, 90);

    private static final Formula WIDTH = Formula.of("2 × B + 2 × j + S + 2 × t");
    private static final Formula SPINE_WIDTH = Formula.of("S + 2 × j + 2 × z");
    private static final Formula SHARE = Formula.of("p ÷ 100 × B");
    private static final Formula CORNER_LEG = Formula.of("z + 2 × t");

    boolean full() {
        return choices.is(COVERED, FULL);
    }

    private boolean half() {
        return choices.is(COVERED, HALF);
    }

    private Working width() {
        return Working.by(WIDTH)
                .with("B", "width of a board", Sizes.cut(boardWidth))
                .with("j", "joint, flat", Sizes.mark(joint))
                .with("S", "spine piece, flat", Sizes.mark(spine))
                .with("t", "turn-in", Sizes.cut(turnIn))
                .gives(Sizes.CUT);
    }

    private Working height() {
        return Sizes.turnedIn(boardHeight, "height of a board", turnIn);
    }

    private Working onBoard() {
        return Working.by(SHARE)
                .with("p", "share of a board, in percent", Quantity.ratio(choices.share(ON_BOARD), 1))
                .with("B", "width of a board", Sizes.cut(boardWidth))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("A fifth to a quarter."))
                .gives(Sizes.CUT);
    }

    /** Where the spine cloth ends on the back board of a case seen from outside. */
    Grip spineClothGrip(double y) {
        double board = boardWidth.mm();
        return Grip.across(choices, ON_BOARD, board - onBoard().length().mm(), y, -100 / board);
    }

    /** What is seen of it: paper on the rest of a board where cloth does not lie on all of it. */
    CoverShape.Skin skin() {
        return full()
                ? CoverShape.Skin.clothed(boardWidth)
                : new CoverShape.Skin(BoardSettings.clothSeen(onBoard().length()), true, Length.ofMm(cornerSeenMm()));
    }

    /** How far the cloth of a corner is seen along either edge of a board, mm; nothing without one. */
    private double cornerSeenMm() {
        return half() ? Math.max(0, onBoard().length().mm() - BoardSettings.PAPER_OVER.mm() * Math.sqrt(2)) : 0;
    }

    private Working spineWidth() {
        return Working.by(SPINE_WIDTH)
                .with("S", "spine piece, flat", Sizes.mark(spine))
                .with("j", "joint, flat", Sizes.mark(joint))
                .with("z", "on to each board", Sizes.cut(onBoard().length()))
                .gives(Sizes.CUT);
    }

    private Working sideWidth() {
        return Sizes.paperSide(boardWidth, onBoard().length(), "spine cloth on it", turnIn);
    }

    private Working cornerLeg() {
        return Working.by(CORNER_LEG)
                .with(
                        "z",
                        "along each edge of the board, as the spine cloth",
                        Sizes.cut(onBoard().length()))
                .with("t", "turn-in", Sizes.cut(turnIn))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.CUT);
    }

    /** Legs of the triangle that is cut from each corner, mm, so that the cut lies the corner's distance from the board's corner. */
    double cornerCutMm() {
        return Flat.mitreMm(turnIn.mm(), corner.mm());
    }

    /** Legs of the triangle that paper sides leave free for a corner of cloth, mm; they lie over its edge. */
    private double freeMm() {
        return Math.max(0, cornerLeg().length().mm() - BoardSettings.PAPER_OVER.mm() * Math.sqrt(2));
    }

    List<CoverPiece> pieces() {
        if (full()) {
            return List.of(CoverPiece.rectangle("cloth", "Cloth", PieceStuff.CLOTH, 1, width(), height())
                    .shaped(clothCorners())
                    .folded(Flat.turnIns(
                            width().length().mm(), height().length().mm(), turnIn.mm())));
        }
        List<CoverPiece> pieces = new ArrayList<>();
        pieces.add(CoverPiece.rectangle("spine-cloth", "Spine cloth", PieceStuff.CLOTH, 1, spineWidth(), height())
                .folded(Flat.headAndTail(
                        spineWidth().length().mm(), height().length().mm(), turnIn.mm())));
        if (half()) {
            pieces.add(cornerPiece());
        }
        pieces.add(side());
        return pieces;
    }

    private CoverPiece cornerPiece() {
        double leg = cornerLeg().length().mm();
        double off = cornerCutMm();
        return CoverPiece.rectangle("corner", "Corners", PieceStuff.CLOTH, 4, cornerLeg(), cornerLeg())
                .shaped(List.of(
                        new FlatPoint(off, 0), new FlatPoint(leg, 0), new FlatPoint(0, leg), new FlatPoint(0, off)));
    }

    private CoverPiece side() {
        double w = sideWidth().length().mm();
        double h = height().length().mm();
        double off = half() ? freeMm() : cornerCutMm();
        return CoverPiece.rectangle("side", "Paper sides", PieceStuff.PAPER, 2, sideWidth(), height())
                .shaped(List.of(
                        new FlatPoint(0, 0),
                        new FlatPoint(w - off, 0),
                        new FlatPoint(w, off),
                        new FlatPoint(w, h - off),
                        new FlatPoint(w - off, h),
                        new FlatPoint(0, h)));
    }

    private List<FlatPoint> clothCorners() {
        return Flat.mitred(width().length().mm(), height().length().mm(), cornerCutMm());
    }

    List<Figure> figures() {
        if (full()) {
            return List.of(Sizes.sized("cloth", "Cloth", width(), height()));
        }
        List<Figure> figures = new ArrayList<>();
        figures.add(Sizes.sized("spine-cloth", "Spine cloth", spineWidth(), height()));
        figures.add(Sizes.sized("side", "Paper sides", sideWidth(), height()));
        if (half()) {
            figures.add(new Figure("corner-cloth", "Corners, each leg", cornerLeg()));
        }
        return figures;
    }

    /** Width of all that covers, opened flat, mm. */
    double wideMm() {
        return width().length().mm();
    }

    /** Height of all that covers, opened flat, mm. */
    double highMm() {
        return height().length().mm();
    }

    /** What lies under the boards, seen from inside. */
    List<Outline> inside() {
        return full() ? List.of(new Outline(Role.COVERING, "cloth", clothCorners(), false)) : laid();
    }

    /** What is seen from outside, once everything is turned in. */
    List<Outline> outside() {
        double w = wideMm() - 2 * turnIn.mm();
        double h = boardHeight.mm();
        List<Outline> outlines = new ArrayList<>();
        outlines.add(Outline.rectangle(Role.COVERING, "", 0, 0, w, h));
        if (full()) {
            return outlines;
        }
        double sideWide =
                boardWidth.mm() - BoardSettings.clothSeen(onBoard().length()).mm();
        double free = cornerSeenMm();
        for (boolean left : new boolean[] {true, false}) {
            List<FlatPoint> points = List.of(
                    new FlatPoint(sideWide, 0),
                    new FlatPoint(free, 0),
                    new FlatPoint(0, free),
                    new FlatPoint(0, h - free),
                    new FlatPoint(free, h),
                    new FlatPoint(sideWide, h));
            Outline side = new Outline(Role.PAPER, "paper", points, false);
            outlines.add(left ? side : side.mirrored(w));
        }
        return outlines;
    }

    private List<Outline> laid() {
        List<Outline> outlines = new ArrayList<>();
        double spineLeft = (wideMm() - spineWidth().length().mm()) / 2;
        outlines.add(Outline.rectangle(
                Role.COVERING, "", spineLeft, 0, spineWidth().length().mm(), highMm()));
        if (half()) {
            Outline corner = new Outline(Role.COVERING, "", cornerPiece().corners(), false);
            outlines.add(corner);
            outlines.add(corner.mirrored(wideMm()));
            outlines.add(corner.upended(highMm()));
            outlines.add(corner.upended(highMm()).mirrored(wideMm()));
        }
        Outline right = new Outline(Role.PAPER, "", side().corners(), false)
                .at(wideMm() - sideWidth().length().mm(), 0);
        outlines.add(right);
        outlines.add(right.mirrored(wideMm()));
        return outlines;
    }
}
