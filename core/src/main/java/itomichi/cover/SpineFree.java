package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.gathering.Back;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import itomichi.structure.Covering;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Boards glued to the block, its spine left free behind a stiffened strip of cloth, so that the book opens as flat as it was sewn.
 *
 * <p>The cloth is folded some way off the stiffener and back to it, and glued to the boards by that doubled edge. Measures are common
 * practice.
 */
final class SpineFree extends CasedKind {

    private static final Formula SAME = Formula.of("A");
    private static final Formula WITH_EDGES = Formula.of("T + 2 × r");
    private static final Formula SIDE = Formula.of("W − z + o + t");

    private static final Length FOLDED_AT = Length.ofMm(19);
    private static final Length TRIMMED_AT = Length.ofMm(38);
    /** A stiffener, as it is drawn. */
    private static final double STIFF_MM = 1;

    SpineFree() {
        super(
                "spine-free",
                "Boards, spine free",
                "Boards the size of the block are glued to it, a stiff strip of cloth hangs behind the spine. Opens as flat as it was sewn.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.takes(Covering.CASE) && base.back() == Back.FLAT;
    }

    @Override
    public List<Setting> settings() {
        return List.of(BoardSettings.TURN_IN);
    }

    private static Working same(Dimension side) {
        return Working.by(SAME)
                .with("A", side.meaning(), side.at(Fineness.CUT))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.CUT);
    }

    private static Working wider(SewnBlock block, Length over, String what) {
        return Working.by(WITH_EDGES)
                .with("T", block.spine().meaning(), block.spine().at(Fineness.BUNDLE))
                .with("r", what, Sizes.cut(over))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.CUT);
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        SewnBlock block = base.block();
        Length turnIn = choices.length(BoardSettings.TURN_IN);
        Working high = same(block.height());
        Working wide = same(block.width());
        Working stiffener = Working.by(SAME)
                .with("A", block.spine().meaning(), block.spine().at(Fineness.BUNDLE))
                .gives(Sizes.MARK);
        Working cloth = wider(block, TRIMMED_AT, "past the stiffener, half of it folded back");
        Working turned = Sizes.turnedIn(block.height().length(), block.height().meaning(), turnIn);
        Working side = Working.by(SIDE)
                .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                .with("z", "cloth on the board", Sizes.cut(FOLDED_AT))
                .with("o", "over the cloth", Sizes.cut(BoardSettings.PAPER_OVER))
                .with("t", "turn-in", Sizes.cut(turnIn))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.CUT);
        return new CoverWork(
                List.of(
                        CoverPiece.rectangle("board", "Boards", PieceStuff.BOARD, 2, wide, high),
                        CoverPiece.rectangle(
                                "stiffener", "Stiffener of the spine", PieceStuff.CARD, 1, stiffener, high),
                        CoverPiece.rectangle(
                                "open-cloth",
                                "Lining on to both boards",
                                PieceStuff.OPEN_CLOTH,
                                1,
                                wider(block, BoardSettings.LINING_OVER, "on to each board"),
                                high),
                        CoverPiece.rectangle("spine-cloth", "Spine cloth", PieceStuff.CLOTH, 1, cloth, turned)
                                .folded(folds(
                                        cloth.length().mm(), turned.length().mm(), turnIn.mm())),
                        CoverPiece.rectangle("side", "Papers, drummed on", PieceStuff.PAPER, 2, side, turned)),
                List.of(
                        Sizes.sized("board", "Boards", wide, high),
                        new Figure("stiffener", "Stiffener", stiffener),
                        Sizes.sized("spine-cloth", "Spine cloth", cloth, turned),
                        Sizes.sized("side", "Papers", side, turned)),
                looks(block, cloth, turned, turnIn, side),
                steps(),
                BoardSettings.wideTurnIn(turnIn, block.width().length()).stream()
                        .toList(),
                Optional.empty(),
                shape(block));
    }

    /** Boards on the block itself: nothing lies between them. */
    private static CoverShape shape(SewnBlock block) {
        return CoverShape.Boards.apart(
                CoverShape.Board.on(
                        block, block.width().length(), block.height().length(), Length.ZERO, Length.ZERO),
                new CoverShape.Back(block.spine().length(), Length.ofMm(STIFF_MM)),
                CoverShape.Skin.papered(BoardSettings.clothSeen(FOLDED_AT)),
                CoverShape.Ends.NONE);
    }

    private static List<Outline> folds(double w, double h, double turnIn) {
        List<Outline> folds = new ArrayList<>();
        for (double x : new double[] {FOLDED_AT.mm(), w - FOLDED_AT.mm()}) {
            folds.add(Outline.line(Role.FOLD, "", x, 0, x, h));
        }
        folds.addAll(Flat.headAndTail(w, h, turnIn));
        return folds;
    }

    private static List<CoverLook> looks(SewnBlock block, Working cloth, Working turned, Length turnIn, Working side) {
        double w = cloth.length().mm();
        double h = turned.length().mm();
        double t = turnIn.mm();
        double spine = block.spine().length().mm();
        double wide = block.width().length().mm();
        double high = block.height().length().mm();
        List<Outline> flat = new ArrayList<>();
        flat.add(Outline.rectangle(Role.COVERING, "", 0, 0, w, h));
        flat.add(Outline.rectangle(Role.BOARD, "stiffener", TRIMMED_AT.mm(), t, spine, high));
        flat.addAll(folds(w, h, t));
        double paper = side.length().mm() - t;
        HeadSection head =
                new HeadSection(block, STIFF_MM, block.board().length().mm()).boards(0, wide);
        Outline stiff = Outline.rectangle(Role.BOARD, "", -STIFF_MM, -spine / 2, STIFF_MM, spine);
        head.add(stiff.role(), stiff.name(), stiff.points());
        return List.of(
                new CoverLook(
                        CoverLook.View.OPENED_INSIDE,
                        w,
                        h,
                        flat,
                        Phrase.of(
                                "The spine cloth, {} × {}, with the stiffener in its middle.",
                                cloth.length().at(Fineness.CUT),
                                turned.length().at(Fineness.CUT))),
                head.look(Phrase.of(
                        "The closed book from its head: boards of {} on a block {} thick at the spine.",
                        block.board().length().at(Fineness.CALIPER),
                        block.spine().length().at(Fineness.BUNDLE))),
                new CoverLook(
                        CoverLook.View.CLOSED_FRONT,
                        wide,
                        high,
                        List.of(
                                Outline.rectangle(Role.COVERING, "", 0, 0, wide, high),
                                Outline.rectangle(Role.PAPER, "paper", wide - paper, 0, Math.max(0.1, paper), high)),
                        Phrase.of(
                                "The closed book from the front, {} × {}: cloth at the spine, paper beyond it.",
                                block.width().length().at(Fineness.CUT),
                                block.height().length().at(Fineness.CUT))));
    }

    private static List<CoverStep> steps() {
        return List.of(
                CoverStep.of("grain", Part.DRY, "Try the grain of boards, cloth and papers: along the spine."),
                CoverStep.of(
                        "dry-run", Part.DRY, "Lay the boards on the block: level with it all round, the spine free."),
                CoverStep.of(
                                "lining",
                                Part.MAKE,
                                "Glue the lining over the back and on to the end leaves; nothing of the sewing is pierced.")
                        .lies(Lying.AN_HOUR),
                CoverStep.of("boards", Part.MAKE, "Glue the boards on, level with head, tail and fore edge.")
                        .lies(Lying.AN_HOUR),
                CoverStep.of(
                                "stiffen",
                                Part.MAKE,
                                Phrase.of(
                                        "Glue the stiffener on to the middle of the spine cloth, turn in head and tail; fold the cloth {} off it on both sides, and back to it.",
                                        FOLDED_AT.at(Fineness.CUT)))
                        .after("grain", "dry-run"),
                CoverStep.of(
                                "hang",
                                Part.MAKE,
                                "Glue only the doubled edges to the boards; wax paper between stiffener and spine, which stay apart.")
                        .lies(Lying.AN_HOUR)
                        .after("boards", "stiffen"),
                CoverStep.of(
                        "drum",
                        Part.MAKE,
                        "Paste the papers along their edges only, lay them over the edge of the cloth, turn in."),
                CoverStep.of("press", Part.FINISH, "Press it between boards, wax paper inside both covers.")
                        .lies(Lying.OVERNIGHT_BOARDED),
                CoverStep.of(
                        "open",
                        Part.FINISH,
                        "Open it in the middle: the spine leaves the stiffener, the leaves lie flat."));
    }
}
