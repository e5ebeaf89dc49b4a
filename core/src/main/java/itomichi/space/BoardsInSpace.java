package itomichi.space;

import itomichi.cover.CoverShape;
import itomichi.cover.CoverShape.Ends.Made;
import itomichi.path.Point3;
import itomichi.space.Around.Side;
import itomichi.space.Profile.Cut;
import itomichi.space.Profile.Part;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Boards in space, closed on the block: what covers them, what lies behind the spine, what lies between them and the block. */
final class BoardsInSpace {

    /** Cloth, and what is glued on the back of a block: common practice. */
    private static final double CLOTH_MM = 0.3;

    private static final double LINED_MM = 0.5;
    /** An endpaper is a little thicker than a leaf: common practice. */
    private static final double END_MM = 0.15;
    /** A board that begins nearer to the spine leaves no joint to press the cloth into. */
    private static final double JOINT_MM = 1;

    private final Around around;
    private final CoverShape.Boards shape;
    /** Of the leaves. */
    private final double highMm;
    /** The last signature. */
    private final int last;

    private final double outMm;
    private final double endsMm;
    /** Between the block and a board. */
    private final double roomMm;

    private final double thickMm;
    private final double hingeMm;
    private final double foreMm;
    private final double fromMm;
    private final double toMm;
    /** Of the boards. */
    private final Corners corners;
    /** Of the leaves, and so of what is as large as they are. */
    private final Corners leafCorners;

    /**
     * @param highMm of the leaves
     * @param outMm how far the thread stands out of the spine: nothing behind that is pierced by it
     * @param slippedMm how thick what is slipped in between block and boards is
     */
    BoardsInSpace(Around around, CoverShape.Boards shape, double highMm, double outMm, double slippedMm) {
        this.around = around;
        this.shape = shape;
        this.highMm = highMm;
        this.outMm = outMm;
        this.last = around.sheets().profiles().stream()
                .mapToInt(Profile::signature)
                .max()
                .orElse(1);
        CoverShape.Board board = shape.board();
        double madeMm = switch (shape.ends().made()) {
            case NONE -> 0;
            case LINED -> END_MM;
            case FOLDED -> 2 * END_MM;
            case JOINED -> 2 * END_MM + 2 * CLOTH_MM;
        };
        this.endsMm = madeMm + slippedMm;
        this.roomMm = endsMm + around.tapesMm();
        // what is pierced with the block is as thick as was said, cloth and all
        double clothMm = hinged() ? CLOTH_MM + Around.APART_MM : 0;
        this.thickMm = Math.max(clothMm, board.thick().mm() - clothMm);
        this.hingeMm = -board.begins().mm();
        this.foreMm = hingeMm - board.wide().mm();
        this.fromMm = -board.above().mm();
        this.toMm = fromMm + board.high().mm();
        double radiusMm = shape.round().radius().mm();
        this.corners = new Corners(foreMm, fromMm, toMm, radiusMm);
        this.leafCorners =
                new Corners(around.sheets().foreMm(), 0, highMm, shape.round().leaves() ? radiusMm : 0);
    }

    /** How thick what lies between the block and its tapes is. */
    double endsMm() {
        return endsMm;
    }

    /** How far off the block what is slipped in lies: on the first leaf. */
    double firstLeafMm() {
        return switch (shape.ends().made()) {
            case NONE, LINED -> 0;
            case FOLDED, JOINED -> END_MM;
        };
    }

    private boolean hinged() {
        return shape.strip().mm() > 0;
    }

    List<Profile> profiles() {
        List<Profile> all = new ArrayList<>();
        for (Side side : Side.values()) {
            all.addAll(ends(side));
            all.add(stiff(side, foreMm, hingeMm, shape.skin().papered() ? Part.BOARD_IN_PAPER : Part.BOARD_IN_CLOTH));
            if (shape.skin().corner().mm() > 0) {
                all.addAll(clothCorners(side));
            }
            if (hinged()) {
                all.add(stiff(side, -shape.strip().mm(), 0, Part.STRIP));
                all.add(over(side));
            }
        }
        shape.back().ifPresent(back -> {
            List<Point3> points = around.along(
                    behindMm(back) + back.thick().mm() / 2, back.wide().mm());
            all.add(part(Part.SPINE_PIECE, 0, back.thick().mm(), points, points.size() / 2));
            all.add(cloth(back));
        });
        return all;
    }

    /** What is sewn on is there with the first signature, or with the last; what is made apart belongs to none. */
    private int signature(Side side) {
        if (shape.madeApart()) {
            return 0;
        }
        return side == Side.FRONT ? 1 : last;
    }

    private Profile stiff(Side side, double outerMm, double innerMm, Part part) {
        double offMm = roomMm + thickMm / 2;
        List<Point3> points = List.of(around.beside(side, outerMm, offMm), around.beside(side, innerMm, offMm));
        return part(part, signature(side), thickMm, points, 0);
    }

    /** Triangles of cloth on a board, at head and tail of its fore edge. */
    private List<Profile> clothCorners(Side side) {
        double legMm = shape.skin().corner().mm();
        return List.of(
                clothCorner(side, fromMm, new Cut(0, legMm)), clothCorner(side, toMm - legMm, new Cut(legMm, 0)));
    }

    private Profile clothCorner(Side side, double beginsMm, Cut atPoint) {
        double legMm = shape.skin().corner().mm();
        List<Point3> points =
                List.of(around.beside(side, foreMm, outsideMm()), around.beside(side, foreMm + legMm, outsideMm()));
        return corners.cut(new Profile(
                Part.CLOTH,
                signature(side),
                0,
                beginsMm,
                beginsMm + legMm,
                CLOTH_MM,
                points,
                side.turn(points.size()),
                List.of(Cut.NOTHING, atPoint)));
    }

    /** Where the middle of cloth lies outside a board, and where it is pressed down beside it. */
    private double outsideMm() {
        return roomMm + thickMm + CLOTH_MM / 2;
    }

    private double pressedMm() {
        return roomMm + CLOTH_MM / 2;
    }

    /** Over a board as far as it goes, and down beside that into the joint where there is one. */
    private List<Point3> clothOn(Side side) {
        double endMm = Math.max(foreMm, hingeMm - shape.skin().cloth().mm());
        List<Point3> points = new ArrayList<>();
        points.add(around.beside(side, endMm, outsideMm()));
        points.add(around.beside(side, hingeMm, outsideMm()));
        if (hingeMm < -JOINT_MM) {
            points.add(around.beside(side, hingeMm + CLOTH_MM, pressedMm()));
        }
        return points;
    }

    /** Where the piece behind the spine lies, on what lines that. */
    private double behindMm(CoverShape.Back back) {
        return Math.max(LINED_MM, outMm - back.thick().mm());
    }

    /** From board to board, over the piece behind the spine. */
    private Profile cloth(CoverShape.Back back) {
        boolean jointed = hingeMm < -JOINT_MM;
        double overMm = behindMm(back) + back.thick().mm() + CLOTH_MM / 2;
        List<Point3> points = new ArrayList<>(clothOn(Side.FRONT));
        List<Point3> last = new ArrayList<>(clothOn(Side.BACK));
        if (jointed) {
            points.add(around.beside(Side.FRONT, 0, pressedMm()));
            last.add(around.beside(Side.BACK, 0, pressedMm()));
            points.addAll(around.along(overMm, back.wide().mm() + CLOTH_MM));
        } else {
            points.addAll(around.over(overMm, around.halfMm(outsideMm())));
        }
        Collections.reverse(last);
        points.addAll(last);
        return part(Part.CLOTH, 0, CLOTH_MM, points, points.size() / 2);
    }

    /** Over a strip that stays down, through the gap beside it and on to the board. */
    private Profile over(Side side) {
        double stripMm = -shape.strip().mm();
        List<Point3> points = new ArrayList<>(clothOn(side));
        points.add(around.beside(side, stripMm - CLOTH_MM, pressedMm()));
        points.add(around.beside(side, stripMm, outsideMm()));
        points.add(around.beside(side, 0, outsideMm()));
        return part(Part.CLOTH, signature(side), CLOTH_MM, points, side.turn(points.size()));
    }

    private List<Profile> ends(Side side) {
        Made made = shape.ends().made();
        if (made == Made.NONE) {
            return List.of();
        }
        if (made == Made.LINED) {
            double shortMm = shape.ends().by().mm();
            Profile lining = pastedDown(side, foreMm + shortMm, hingeMm - shortMm, fromMm + shortMm, toMm - shortMm);
            return List.of(corners.inside(shortMm).cut(lining));
        }
        double leafMm = around.sheets().foreMm();
        List<Profile> all = new ArrayList<>();
        all.add(leafCorners.cut(pastedDown(side, leafMm, jointMm(), 0, highMm)));
        List<Point3> leaf = leaf(side, leafMm, END_MM / 2);
        if (made == Made.FOLDED) {
            double downMm = endsMm - END_MM / 2;
            leaf.add(around.beside(side, -END_MM, downMm));
            leaf.add(around.beside(side, jointMm(), downMm));
        } else {
            all.addAll(joint(side));
        }
        all.add(leafCorners.cut(new Profile(Part.ENDPAPER, 0, 0, 0, highMm, END_MM, leaf, side.turn(leaf.size()))));
        return all;
    }

    /** Where what lies in the joint meets the board. */
    private double jointMm() {
        return Math.min(hingeMm, -END_MM);
    }

    /** On the block, from there to the fold. */
    private List<Point3> leaf(Side side, double fromFoldMm, double offMm) {
        List<Point3> points = new ArrayList<>();
        points.add(around.beside(side, fromFoldMm, offMm));
        for (double zMm : new double[] {-Around.BEND_ENDS_MM, -Around.BEND_BEGINS_MM}) {
            if (zMm > fromFoldMm) {
                points.add(around.beside(side, zMm, offMm));
            }
        }
        points.add(around.beside(side, -END_MM, offMm));
        return points;
    }

    /** Cloth on the inner leaf, round the fold, and on the outer leaf, which lies on the board. */
    private List<Profile> joint(Side side) {
        double onLeafMm = -shape.ends().by().mm();
        double outerMm = endsMm - END_MM - CLOTH_MM / 2;
        List<Point3> cloth = leaf(side, onLeafMm, END_MM + CLOTH_MM / 2);
        cloth.add(around.beside(side, -END_MM, outerMm));
        cloth.add(around.beside(side, jointMm(), outerMm));
        List<Point3> onBoard = List.of(
                around.beside(side, Math.min(onLeafMm, jointMm()), outerMm), around.beside(side, jointMm(), outerMm));
        return List.of(
                new Profile(Part.CLOTH_JOINT, 0, 0, 0, highMm, CLOTH_MM, cloth, side.turn(cloth.size())),
                new Profile(Part.CLOTH, 0, 0, 0, highMm, CLOTH_MM, onBoard, side.turn(onBoard.size())));
    }

    /** On the inside of a board. */
    private Profile pastedDown(Side side, double outerMm, double innerMm, double headMm, double footMm) {
        double offMm = endsMm - END_MM / 2;
        List<Point3> points = List.of(around.beside(side, outerMm, offMm), around.beside(side, innerMm, offMm));
        return new Profile(
                Part.PASTEDOWN, signature(side), 0, headMm, footMm, END_MM, points, side.turn(points.size()));
    }

    /** What is as high as the boards. */
    private Profile part(Part part, int signature, double thickMm, List<Point3> points, int turn) {
        return corners.cut(new Profile(part, signature, 0, fromMm, toMm, thickMm, points, turn));
    }
}
