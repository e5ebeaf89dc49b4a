package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measure;
import itomichi.finding.Formula;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import itomichi.structure.Covering;
import itomichi.structure.Stitching.SewnOn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Covered boards that are sewn on like signatures; the sewing stays to be seen on the spine. */
final class SewnBoards extends ToldKind {

    static final Measure FORE = new Measure("boards-square-fore", "Square at the fore edge", 3, 0, 60);
    static final Measure INSIDE = new Measure("lining-off", "Pastedown short of the edge by", 3, 0, 60);

    /** A hole that a doubled thread goes through, as it is drawn. */
    private static final double HOLE_MM = 1.6;

    private static final Formula WIDE = Formula.of("W + q");
    private static final Formula LINED = Formula.of("B − 2 × e");

    SewnBoards() {
        super(
                "boards-sewn",
                "Covered boards, sewn on",
                "Front and back are sewn on with the signatures; the spine stays open and the book lies flat.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.takes(Covering.BOARDS) && base.sewnOn() == SewnOn.BOARDS;
    }

    @Override
    public List<Setting> settings() {
        return List.of(BoardSettings.HEAD, BoardSettings.TAIL, FORE, BoardSettings.TURN_IN, INSIDE);
    }

    @Override
    public boolean boards() {
        return true;
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        return new Boards(base, choices).work();
    }

    /** One such pair of boards. */
    private static final class Boards {
        private final CoverBase base;
        private final CoverChoices choices;
        private final Working width;
        private final Working height;
        private final Length turnIn;

        Boards(CoverBase base, CoverChoices choices) {
            this.base = base;
            this.choices = choices;
            this.turnIn = choices.length(BoardSettings.TURN_IN);
            SewnBlock block = base.block();
            this.width = Working.by(WIDE)
                    .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                    .with("q", "square at the fore edge", Sizes.cut(choices.length(FORE)))
                    .note(Phrase.of("Flush at the spine, where they are sewn."))
                    .gives(Sizes.CUT);
            this.height = Sizes.boardHeight(block, choices);
        }

        private Working lined(Working board, String what) {
            return Working.by(LINED)
                    .with("B", what, Sizes.cut(board.length()))
                    .with("e", "short of each edge", Sizes.cut(choices.length(INSIDE)))
                    .from(Source.COMMON_PRACTICE)
                    .gives(Sizes.CUT);
        }

        CoverWork work() {
            Working paperWide = Sizes.turnedIn(width.length(), "width of a board", turnIn);
            Working paperHigh = Sizes.turnedIn(height.length(), "height of a board", turnIn);
            double w = paperWide.length().mm();
            double h = paperHigh.length().mm();
            double off =
                    BoardSettings.CORNER_BOARDS * base.block().board().length().mm();
            List<FlatPoint> corners = Flat.mitred(w, h, Flat.mitreMm(turnIn.mm(), off));
            Working linedWide = lined(width, "width of a board");
            Working linedHigh = lined(height, "height of a board");
            return new CoverWork(
                    List.of(
                            CoverPiece.rectangle("board", "Boards", PieceStuff.BOARD, 2, width, height)
                                    .folded(holes(0, 0)),
                            CoverPiece.rectangle(
                                            "board-cover",
                                            "Papers round the boards",
                                            PieceStuff.PAPER,
                                            2,
                                            paperWide,
                                            paperHigh)
                                    .shaped(corners),
                            CoverPiece.rectangle(
                                    "pastedown",
                                    "Papers inside the boards",
                                    PieceStuff.PAPER,
                                    2,
                                    linedWide,
                                    linedHigh)),
                    List.of(
                            Sizes.sized("board", "Boards", width, height),
                            Sizes.sized("board-cover", "Papers round the boards", paperWide, paperHigh),
                            Sizes.sized("pastedown", "Papers inside", linedWide, linedHigh)),
                    List.of(flat(corners, w, h), closed(), head()),
                    steps(),
                    faults(),
                    Optional.empty(),
                    shape());
        }

        private CoverShape shape() {
            return CoverShape.Boards.sewn(
                    CoverShape.Board.on(
                            base.block(),
                            width.length(),
                            height.length(),
                            Length.ZERO,
                            choices.length(BoardSettings.HEAD)),
                    Length.ZERO,
                    CoverShape.Skin.PAPER,
                    new CoverShape.Ends(CoverShape.Ends.Made.LINED, choices.length(INSIDE)));
        }

        /** Its holes, where its corner lies there. */
        private List<Outline> holes(double left, double top) {
            double from = base.sewing().boardHole().mm();
            double head = top + choices.length(BoardSettings.HEAD).mm();
            return base.sewing().stations().stream()
                    .map(station -> Outline.hole(left + from, head + station.mm(), HOLE_MM))
                    .toList();
        }

        /** A board on its paper, from inside. */
        private CoverLook flat(List<FlatPoint> corners, double w, double h) {
            double t = turnIn.mm();
            double inside = t + choices.length(INSIDE).mm();
            List<Outline> outlines = new ArrayList<>();
            outlines.add(new Outline(Role.COVERING, "paper", corners, false));
            outlines.add(Outline.rectangle(
                    Role.BOARD,
                    "board",
                    t,
                    t,
                    width.length().mm(),
                    height.length().mm()));
            outlines.add(Outline.rectangle(
                            Role.LINING,
                            "pastedown",
                            inside,
                            inside,
                            Math.max(0.1, w - 2 * inside),
                            Math.max(0.1, h - 2 * inside))
                    .underneath());
            outlines.addAll(holes(t, t));
            return new CoverLook(
                            CoverLook.View.OPENED_INSIDE,
                            w,
                            h,
                            outlines,
                            Phrase.of(
                                    "One of the boards, {} × {}, on its paper with turn-ins of {}.",
                                    width.length().at(Fineness.CUT),
                                    height.length().at(Fineness.CUT),
                                    turnIn.at(Fineness.CUT)))
                    .moved(
                            Grip.down(choices, BoardSettings.TURN_IN, w / 4, t, 1),
                            Grip.across(choices, INSIDE, inside, h / 4, 1));
        }

        private CoverLook closed() {
            SewnBlock block = base.block();
            List<Outline> outlines = new ArrayList<>();
            outlines.add(Outline.rectangle(
                    Role.COVERING,
                    "front board",
                    0,
                    0,
                    width.length().mm(),
                    height.length().mm()));
            outlines.add(Outline.rectangle(
                            Role.BLOCK,
                            "block",
                            0,
                            choices.length(BoardSettings.HEAD).mm(),
                            block.width().length().mm(),
                            block.height().length().mm())
                    .underneath());
            outlines.addAll(holes(0, 0));
            return new CoverLook(
                            CoverLook.View.CLOSED_FRONT,
                            width.length().mm(),
                            height.length().mm(),
                            outlines,
                            Phrase.of(
                                    "The closed book from the front, {} × {}.",
                                    width.length().at(Fineness.CUT),
                                    height.length().at(Fineness.CUT)))
                    .moved(BoardSettings.squares(
                            choices,
                            block.width().length().mm() / 2,
                            height.length().mm()));
        }

        private CoverLook head() {
            SewnBlock block = base.block();
            return new HeadSection(block, 0, block.board().length().mm())
                    .boards(0, width.length().mm())
                    .look(Phrase.of(
                            "The closed book from its head: {} thick at the spine between boards of {}.",
                            block.spine().length().at(Fineness.BUNDLE),
                            block.board().length().at(Fineness.CALIPER)));
        }

        private List<CoverStep> steps() {
            return List.of(
                    CoverStep.of("grain", Part.DRY, "Try the grain of boards and papers: along the spine."),
                    CoverStep.of(
                                    "cover-boards",
                                    Part.MAKE,
                                    "Glue out each paper, lay its board on it, cut the corners, turn in head and tail, then the sides.")
                            .withBlade()
                            .lies(Lying.AN_HOUR),
                    CoverStep.of(
                                    "line-boards",
                                    Part.MAKE,
                                    "Glue the inside papers in, so that the boards are drawn from both sides and stay flat.")
                            .lies(Lying.OVERNIGHT),
                    CoverStep.of(
                                    "punch-boards",
                                    Part.MAKE,
                                    "Punch the holes of the boards through both papers, by the template, before the first signature is sewn.")
                            .withBlade(),
                    CoverStep.of(
                                    "press",
                                    Part.FINISH,
                                    "Lay the sewn book under a light weight: boards level, spine free.")
                            .lies(Lying.OVERNIGHT),
                    CoverStep.of(
                            "open",
                            Part.FINISH,
                            "Open it in the middle and at both boards: it lies flat, every kettle holds."));
        }

        private List<CoverFault> faults() {
            return BoardSettings.wideTurnIn(turnIn, width.length()).stream().toList();
        }
    }
}
