package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/**
 * What holds a block in its case: linings of the back, endpapers.
 *
 * @param base the block
 * @param choices what is settled
 * @param back width of the back as it is lined
 */
record CaseHold(CoverBase base, CoverChoices choices, Quantity back) {

    private static final Formula WITH_EDGES = Formula.of("S + 2 × r");
    private static final Formula AS_WIDE = Formula.of("T");
    private static final Formula SHORTER = Formula.of("H − 2 × e");
    private static final Formula BLOCK_HIGH = Formula.of("H");
    private static final Formula ONE_LEAF = Formula.of("W");
    private static final Formula TWO_LEAVES = Formula.of("2 × W");
    private static final Formula BOTH_LEAVES = Formula.of("2 × z");

    /** Open cloth ends so far from head and tail: common practice. */
    private static final Length LINING_SHORT = Length.ofMm(10);
    /** A cloth joint on to each of its leaves: common practice. */
    private static final Length ON_LEAF = Length.ofMm(20);
    /** A tipped leaf is held by so much: common practice. */
    private static final Length PASTE = Length.ofMm(3);

    /** Whether folded endpapers are tipped on. */
    boolean tipped() {
        return !base.endsApart() && choices.is(CaseSettings.ENDS, CaseSettings.TIPPED);
    }

    /** Whether each end is two leaves that a strip of cloth holds together in the joint. */
    private boolean clothJoint() {
        return !base.endsApart() && choices.is(CaseSettings.ENDS, CaseSettings.CLOTH_JOINT);
    }

    /** What lies between the block and its case. */
    CoverShape.Ends ends() {
        if (tipped()) {
            return new CoverShape.Ends(CoverShape.Ends.Made.FOLDED, Length.ZERO);
        }
        return clothJoint() ? new CoverShape.Ends(CoverShape.Ends.Made.JOINED, ON_LEAF) : CoverShape.Ends.NONE;
    }

    List<CoverPiece> pieces() {
        List<CoverPiece> pieces = new ArrayList<>(linings());
        Working high = Working.by(BLOCK_HIGH)
                .with("H", block().height().meaning(), block().height().at(Fineness.CUT))
                .gives(Sizes.CUT);
        if (tipped()) {
            pieces.add(foldedAt(
                    CoverPiece.rectangle(
                            "endpaper", "Endpapers, folded once", PieceStuff.PAPER, 2, leaf(TWO_LEAVES), high),
                    block().width().length()));
        }
        if (clothJoint()) {
            pieces.add(CoverPiece.rectangle("end-leaf", "End leaves", PieceStuff.PAPER, 4, leaf(ONE_LEAF), high));
            Working both = Working.by(BOTH_LEAVES)
                    .with("z", "on to each leaf", Sizes.cut(ON_LEAF))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Sizes.CUT);
            pieces.add(foldedAt(
                    CoverPiece.rectangle("cloth-joint", "Cloth joints", PieceStuff.CLOTH, 2, both, high), ON_LEAF));
        }
        return pieces;
    }

    private SewnBlock block() {
        return base.block();
    }

    private Working leaf(Formula formula) {
        return Working.by(formula)
                .with("W", block().width().meaning(), block().width().at(Fineness.CUT))
                .gives(Sizes.CUT);
    }

    private static CoverPiece foldedAt(CoverPiece piece, Length at) {
        return piece.folded(List.of(
                Outline.line(Role.FOLD, "", at.mm(), 0, at.mm(), piece.high().mm())));
    }

    private List<CoverPiece> linings() {
        Working shorter = Working.by(SHORTER)
                .with("H", block().height().meaning(), block().height().at(Fineness.CUT))
                .with("e", "short of head and tail", Sizes.cut(LINING_SHORT))
                .from(Source.COMMON_PRACTICE)
                .gives(Sizes.CUT);
        return List.of(
                CoverPiece.rectangle(
                        "open-cloth",
                        "Open cloth over the back",
                        PieceStuff.OPEN_CLOTH,
                        1,
                        Working.by(WITH_EDGES)
                                .with("S", "the back, flat", back)
                                .with("r", "on to each board", Sizes.cut(BoardSettings.LINING_OVER))
                                .from(Source.COMMON_PRACTICE)
                                .gives(Sizes.CUT),
                        shorter),
                CoverPiece.rectangle(
                        "back-lining",
                        "Lining of the back",
                        PieceStuff.PAPER,
                        1,
                        Working.by(AS_WIDE).with("T", "the back, flat", back).gives(Sizes.MARK),
                        shorter));
    }

    /** What is done about the ends. */
    Phrase step() {
        if (tipped()) {
            return Phrase.of(
                    "Tip the endpapers on: a line of paste {} wide along the fold, the rest masked.",
                    PASTE.at(Fineness.MARK));
        }
        return clothJoint()
                ? Phrase.of(
                        "Glue each cloth joint to two end leaves, edge to edge at its fold; tip the inner leaf on, {} wide. The outer one becomes the pastedown, the cloth lies in the joint.",
                        PASTE.at(Fineness.MARK))
                : Phrase.of("Put waste paper under the outer leaf of the ends; that leaf becomes the pastedown.");
    }

    /**
     * The case is closed on the block.
     *
     * @param after keys of the steps that this waits on
     */
    static CoverStep caseIn(String... after) {
        return CoverStep.of(
                        "case-in",
                        Part.MAKE,
                        "Wax paper behind each pastedown, then glue it out from the fold; close the case on it in one go, squares even, and turn the book over for the other side.")
                .after(after);
    }
}
