package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.cover.Setting.Measured;
import itomichi.finding.Figure;
import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import itomichi.structure.Covering;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A case that is there already: of another book, or bought ready. It is measured and taken as it is, and the block has to fit. */
final class TakenCase extends CasedKind {

    static final Measured FRONT = new Measured("taken-front", "Its front, from the crease", 20, 1500);
    static final Measured HEIGHT = new Measured("taken-height", "Its height", 20, 2000);
    static final Measured SPINE = new Measured("taken-spine", "Its spine, between the creases", 1, 300);

    private static final Formula AS_MEASURED = Formula.of("a");
    private static final Formula WANTED = Formula.of("A + n × q");
    private static final Formula FORE_SQUARE = Formula.of("F − W");
    private static final Formula SQUARE = Formula.of("(B − H) ÷ 2");
    private static final Formula ROOM = Formula.of("S − T");

    /** What a board shelters leaves by: common practice. */
    private static final Length GOOD_SQUARE = Length.ofMm(2);
    /** The least that does: common practice. */
    private static final double LEAST_SQUARE_MM = 1;
    /** A back that has more room than this flaps: common practice. */
    private static final double MOST_ROOM_MM = 2;
    /** A back gives by so much under the press: common practice. */
    private static final double GIVES_MM = 1;

    TakenCase() {
        super(
                "case-taken",
                "A case that is there already",
                "Of another book, or bought ready: measured and taken as it is. Whether the block fits is told before glue.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.takes(Covering.CASE);
    }

    @Override
    public List<Setting> settings() {
        return List.of(FRONT, HEIGHT, SPINE, CaseSettings.ENDS);
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        return !setting.equals(CaseSettings.ENDS) || !base.endsApart();
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        return new Taken(base, choices).work();
    }

    /** One such case. */
    private static final class Taken {
        private final SewnBlock block;
        private final CaseHold held;
        private final Working front;
        private final Working height;
        private final Working spine;
        private final Working foreSquare;
        private final Working square;
        private final Working room;

        Taken(CoverBase base, CoverChoices choices) {
            this.block = base.block();
            this.held = new CaseHold(base, choices, block.spine().at(Fineness.MARK));
            this.front = size(choices.measured(FRONT), block.width(), 1);
            this.height = size(choices.measured(HEIGHT), block.height(), 2);
            this.spine = size(choices.measured(SPINE), block.spine(), 0);
            this.foreSquare = Working.by(FORE_SQUARE)
                    .with("F", "front, from the crease", Sizes.cut(front.length()))
                    .with("W", block.width().meaning(), block.width().at(Fineness.CUT))
                    .gives(Sizes.MARK);
            this.square = Working.by(SQUARE)
                    .with("B", "height of the case", Sizes.cut(height.length()))
                    .with("H", block.height().meaning(), block.height().at(Fineness.CUT))
                    .gives(Sizes.MARK);
            this.room = Working.by(ROOM)
                    .with("S", "between its creases", Sizes.mark(spine.length()))
                    .with("T", block.spine().meaning(), block.spine().at(Fineness.BUNDLE))
                    .gives(Sizes.MARK);
        }

        /** As it was measured, or as the block wants it with so many squares. */
        private static Working size(Optional<Length> measured, Dimension of, int squares) {
            return measured.map(length -> Working.by(AS_MEASURED).with("a", "as it was measured", Sizes.mark(length)))
                    .orElseGet(() -> Working.by(WANTED)
                            .with("A", of.meaning(), of.at(Fineness.BUNDLE))
                            .with("n", "squares", Quantity.count(squares))
                            .with("q", "a square", Sizes.cut(GOOD_SQUARE))
                            .from(Source.COMMON_PRACTICE)
                            .note(Phrase.of("As the block wants it, until the case is measured.")))
                    .gives(Sizes.MARK);
        }

        CoverWork work() {
            return new CoverWork(
                    held.pieces(),
                    List.of(
                            Sizes.sized("taken-front", "Its front", front, height),
                            new Figure("taken-spine", "Its spine", spine),
                            new Figure("square-fore", "Square at the fore edge", foreSquare),
                            new Figure("square-taken", "Squares at head and tail", square),
                            new Figure("taken-room", "Room at the spine", room)),
                    looks(),
                    steps(),
                    faults(),
                    Optional.empty(),
                    shape());
        }

        /** Its board is as thick as the book's would be, and cloth lies over it: neither was measured. */
        private CoverShape shape() {
            return CoverShape.Boards.apart(
                    CoverShape.Board.on(block, front.length(), height.length(), Length.ZERO, square.length()),
                    new CoverShape.Back(spine.length(), block.board().length()),
                    CoverShape.Skin.clothed(front.length()),
                    held.ends());
        }

        private List<CoverLook> looks() {
            double f = front.length().mm();
            double h = height.length().mm();
            double s = spine.length().mm();
            double b = block.board().length().mm();
            Outline leaves = Outline.rectangle(
                            Role.BLOCK,
                            "block",
                            0,
                            square.length().mm(),
                            block.width().length().mm(),
                            block.height().length().mm())
                    .underneath();
            HeadSection head = new HeadSection(block, b, b).boards(0, f);
            head.add(
                    Role.BOARD,
                    "spine",
                    Outline.rectangle(Role.BOARD, "", -b, -s / 2, b, s).points());
            return List.of(
                    new CoverLook(
                            CoverLook.View.OPENED_INSIDE,
                            2 * f + s,
                            h,
                            List.of(
                                    Outline.rectangle(Role.BOARD, "front board", 0, 0, f, h),
                                    Outline.rectangle(Role.COVERING, "spine", f, 0, s, h),
                                    Outline.rectangle(Role.BOARD, "back board", f + s, 0, f, h),
                                    leaves.at(f + s, 0)),
                            Phrase.of(
                                    "The case opened flat, {} × {}, its spine {} between the creases; the block on its back board.",
                                    Length.ofMm(2 * f + s).at(Fineness.CUT),
                                    height.length().at(Fineness.CUT),
                                    spine.length().at(Fineness.MARK))),
                    head.look(Phrase.of(
                            "The closed book from its head: {} between creases, a block {} thick.",
                            spine.length().at(Fineness.MARK),
                            block.spine().length().at(Fineness.BUNDLE))),
                    new CoverLook(
                            CoverLook.View.CLOSED_FRONT,
                            f,
                            h,
                            List.of(Outline.rectangle(Role.COVERING, "front", 0, 0, f, h), leaves),
                            Phrase.of(
                                    "The closed book from the front, {} × {}.",
                                    front.length().at(Fineness.CUT),
                                    height.length().at(Fineness.CUT))));
        }

        private List<CoverStep> steps() {
            return List.of(
                    CoverStep.of(
                            "dry-run",
                            Part.DRY,
                            "Lay the block into the case without glue: the spine goes down between the creases, squares even all round, it closes by itself."),
                    CoverStep.of(
                            "old-glue",
                            Part.MAKE,
                            "Of another book\u2019s case: lift what is loose of the old papers, sand the inside level. Old leather, cloth and papers may hold poison: ask who knows."),
                    CoverStep.of("back", Part.MAKE, "Glue up the back of the block; open cloth on it, then its lining.")
                            .lies(Lying.AN_HOUR)
                            .after("dry-run"),
                    CoverStep.of("ends", Part.MAKE, held.step()),
                    CaseHold.caseIn("old-glue", "ends"),
                    CoverStep.of(
                                    "press",
                                    Part.FINISH,
                                    "Press it with rods or board edges in the creases, wax paper and a dry board inside each cover.")
                            .lies(Lying.OVERNIGHT_BOARDED),
                    CoverStep.of(
                            "open",
                            Part.FINISH,
                            "Open it some leaves at a time from both ends, and look: squares, creases, nothing stuck."));
        }

        private List<CoverFault> faults() {
            List<CoverFault> faults = new ArrayList<>();
            double least = Math.min(foreSquare.length().mm(), square.length().mm());
            if (least < 0) {
                faults.add(fault(
                        Weight.STOP,
                        "cover-taken-small",
                        Phrase.of(
                                "The leaves stand {} past this case: trim them, or take a larger one.",
                                Length.ofMm(-least).at(Fineness.MARK))));
            } else if (least < LEAST_SQUARE_MM) {
                faults.add(fault(
                        Weight.CAUTION,
                        "cover-square",
                        Phrase.of(
                                "This case stands {} past the leaves; {} is the least that shelters them.",
                                Length.ofMm(least).at(Fineness.MARK),
                                Length.ofMm(LEAST_SQUARE_MM).at(Fineness.MARK))));
            }
            double space = room.length().mm();
            if (space < -GIVES_MM) {
                faults.add(fault(
                        Weight.CAUTION,
                        "cover-taken-spine",
                        Phrase.of(
                                "The block is {} thicker than this spine: press it again, leave out a signature, or take another case.",
                                Length.ofMm(-space).at(Fineness.MARK))));
            } else if (space > MOST_ROOM_MM) {
                faults.add(fault(
                        Weight.NOTE,
                        "cover-taken-spine",
                        Phrase.of(
                                "This spine is {} wider than the block: line the back with card until it fills it.",
                                Length.ofMm(space).at(Fineness.MARK))));
            }
            return faults;
        }

        private static CoverFault fault(Weight weight, String key, Phrase words) {
            return new CoverFault(weight, key, words, List.of());
        }
    }
}
