package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import itomichi.finding.Remark.Weight;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Corners at the fore edge cut round: of the boards, or of boards and leaves. */
final class RoundedCorners extends Extra {

    static final Option SQUARE = new Option("SQUARE", "square");
    static final Option BOARDS = new Option("BOARDS", "round on the boards");
    static final Option ALL = new Option("ALL", "round on boards and leaves");
    static final School WANTED = new School("corners-cut", "Corners at the fore edge", List.of(SQUARE, BOARDS, ALL));
    static final Measure RADIUS = new Measure("corner-radius", "Radius of the corners", 6, 1, 60);

    /** Lies as near as that is the same place, in a drawing. */
    private static final double NEAR_MM = 0.5;
    /** The gauge reaches so far past its arc. */
    private static final double GAUGE = 3;

    private static final Set<String> BOARD_NAMES = Set.of("board", "front board", "back board", "front", "back");

    RoundedCorners() {
        super(WANTED, RADIUS);
    }

    @Override
    CoverWork onto(CoverWork work, CoverBase base, CoverChoices choices) {
        Length radius = choices.length(RADIUS);
        double r = radius.mm();
        Length gauge = radius.times(GAUGE);
        double g = gauge.mm();
        CoverPiece jig = CoverPiece.rectangle(
                        "jig-round",
                        "Gauge for round corners",
                        PieceStuff.CARD,
                        1,
                        Sizes.given(gauge, "three times the radius"),
                        Sizes.given(gauge, "three times the radius"))
                .shaped(Flat.rounded(
                        Outline.rectangle(Role.BOARD, "", 0, 0, g, g).points(),
                        corner -> corner.xMm() > 0 && corner.yMm() == 0,
                        r));
        List<CoverPiece> pieces = work.pieces().stream()
                .map(piece -> piece.key().equals("board")
                        ? piece.shaped(Flat.rounded(piece.corners(), corner -> corner.xMm() > 0, r))
                        : piece)
                .toList();
        List<CoverLook> looks =
                work.looks().stream().map(look -> rounded(look, r)).toList();
        CoverShape shape = work.shape()
                .match(work::shape, soft -> soft, boards -> boards.cut(new CoverShape.Round(radius, leaves(choices))));
        return work.of(pieces, looks, shape)
                .with(new CoverWork.More(
                        List.of(),
                        List.of(jig),
                        List.of(),
                        List.of(),
                        steps(choices),
                        faults(work, shape, base.block(), radius)));
    }

    private static boolean leaves(CoverChoices choices) {
        return choices.is(WANTED, ALL);
    }

    private static List<CoverStep> steps(CoverChoices choices) {
        CoverStep boards = CoverStep.of(
                "round-boards",
                Part.MAKE,
                "Round the corners of the boards by the gauge before they are covered; pinch what covers them round in small pleats.");
        CoverStep leaves = CoverStep.of(
                "round-leaves",
                Part.MAKE,
                "Round the corners of the leaves by the same gauge, a few at a time, before the block is covered.");
        return leaves(choices) ? List.of(leaves, boards) : List.of(boards);
    }

    private static CoverLook rounded(CoverLook look, double r) {
        return switch (look.view()) {
            case OPENED_INSIDE ->
                look.drawn(look.outlines().stream()
                        .map(outline ->
                                BOARD_NAMES.contains(outline.name()) ? board(outline, look.widthMm(), r) : outline)
                        .toList());
            case OPENED_OUTSIDE -> outer(look, r, corner -> true);
            case CLOSED_FRONT -> outer(look, r, corner -> corner.xMm() > look.widthMm() / 2);
            case CLOSED_HEAD, WRAPPER -> look;
        };
    }

    /** What is seen from outside is round where it makes a corner of the cover. */
    private static CoverLook outer(CoverLook look, double r, Predicate<FlatPoint> fore) {
        Predicate<FlatPoint> outermost = corner -> fore.test(corner)
                && Math.min(corner.xMm(), look.widthMm() - corner.xMm()) < NEAR_MM
                && Math.min(corner.yMm(), look.heightMm() - corner.yMm()) < NEAR_MM;
        return look.drawn(look.outlines().stream()
                .map(outline -> outline.role() == Role.BLOCK
                        ? outline
                        : outline.cornered(Flat.rounded(outline.points(), outermost, r)))
                .toList());
    }

    /** A board left of the middle of a drawing has its fore edge at its left. */
    private static Outline board(Outline board, double lookWide, double r) {
        DoubleSummaryStatistics x =
                board.points().stream().mapToDouble(FlatPoint::xMm).summaryStatistics();
        double middle = (x.getMin() + x.getMax()) / 2;
        boolean right = middle > lookWide / 2 - NEAR_MM;
        return board.cornered(
                Flat.rounded(board.points(), corner -> right ? corner.xMm() > middle : corner.xMm() < middle, r));
    }

    private static List<CoverFault> faults(CoverWork work, CoverShape shape, SewnBlock block, Length radius) {
        boolean wide = work.pieces().stream()
                .filter(piece -> piece.key().equals("board"))
                .anyMatch(piece ->
                        radius.mm() > Math.min(piece.wide().mm(), piece.high().mm() / 2));
        if (wide) {
            return List.of(new CoverFault(
                    Weight.STOP,
                    "cover-corner-radius",
                    Phrase.of("Corners of a radius of {} meet on the board.", radius.at(Fineness.CUT)),
                    List.of(RADIUS.key())));
        }
        boolean bare = shape.match(() -> false, soft -> false, boards -> standsOut(boards, block));
        return bare
                ? List.of(new CoverFault(
                        Weight.CAUTION,
                        "cover-corner-leaves",
                        Phrase.of(
                                "Square corners of the leaves stand out of boards that are round by {}.",
                                radius.at(Fineness.CUT)),
                        List.of(),
                        Optional.of(new CoverFault.Mend(
                                Phrase.of("Round boards and leaves"), Map.of(WANTED.key(), ALL.key())))))
                : List.of();
    }

    /** Whether the square corner of a leaf, with the fore edge to its side and head or tail above it, lies outside the round one of its board. */
    private static boolean standsOut(CoverShape.Boards boards, SewnBlock block) {
        CoverShape.Board board = boards.board();
        double r = boards.round().radius().mm();
        double fore =
                board.begins().mm() + board.wide().mm() - block.width().length().mm();
        double head = board.above().mm();
        double tail = board.high().mm() - head - block.height().length().mm();
        double square = Math.min(head, tail);
        return !boards.round().leaves() && fore < r && square < r && Math.hypot(r - fore, r - square) > r + NEAR_MM;
    }
}
