package itomichi.cover;

import itomichi.cover.Outline.Role;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/** How a case is drawn. */
record CaseLooks(CaseParts parts) {

    /** Opened flat, from inside and from outside, and closed, from the front. */
    List<CoverLook> all(CoverLook fromHead) {
        return List.of(inside(), outside(), fromHead, front());
    }

    private CoverLook inside() {
        double w = parts.covering().wideMm();
        double t = parts.turnIn().mm();
        double j = parts.joint().length().mm();
        double s = parts.spine().length().mm();
        double spineX = t + parts.boardWide() + j;
        List<Outline> outlines = new ArrayList<>(parts.covering().inside());
        // from inside the front board lies at the left
        outlines.add(Outline.rectangle(Role.BOARD, "front board", t, t, parts.boardWide(), parts.boardHigh()));
        outlines.add(Outline.rectangle(Role.BOARD, "spine piece", spineX, t, s, parts.boardHigh()));
        outlines.add(
                Outline.rectangle(Role.BOARD, "back board", spineX + s + j, t, parts.boardWide(), parts.boardHigh()));
        outlines.add(Outline.rectangle(
                        Role.LINING,
                        "strip",
                        spineX - CaseParts.STRIP.mm(),
                        t,
                        s + 2 * CaseParts.STRIP.mm(),
                        parts.boardHigh())
                .underneath());
        outlines.addAll(Flat.turnIns(w, parts.covering().highMm(), t));
        return new CoverLook(
                        CoverLook.View.OPENED_INSIDE,
                        w,
                        parts.covering().highMm(),
                        outlines,
                        Phrase.of(
                                "Two boards of {} × {}, a spine piece {} wide between them, joints of {}, turn-ins of {}.",
                                parts.boardWidth().length().at(Fineness.CUT),
                                parts.boardHeight().length().at(Fineness.CUT),
                                parts.spine().length().at(Fineness.MARK),
                                parts.joint().length().at(Fineness.MARK),
                                parts.turnIn().at(Fineness.CUT)))
                .moved(insideGrips(t, spineX));
    }

    private Grip[] insideGrips(double t, double spineX) {
        CoverChoices choices = parts.choices();
        Grip turnIn = Grip.down(choices, BoardSettings.TURN_IN, t + parts.boardWide() / 4, t, 1);
        // boards that are made to a square give way to the joint, and its end stays where it is
        boolean joint = choices.is(CaseSettings.JOINTS, CaseSettings.JOINT_FIXED)
                && choices.is(CaseSettings.BOARD_WIDTH, CaseSettings.BY_SETBACK);
        return joint
                ? new Grip[] {turnIn, Grip.across(choices, CaseSettings.JOINT, spineX, t + parts.boardHigh() / 4, 1)}
                : new Grip[] {turnIn};
    }

    private CoverLook outside() {
        double j = parts.joint().length().mm();
        double s = parts.spine().length().mm();
        double w = 2 * parts.boardWide() + 2 * j + s;
        double spineX = parts.boardWide() + j;
        List<Outline> outlines = new ArrayList<>(parts.covering().outside());
        outlines.add(Outline.rectangle(Role.BOARD, "back", 0, 0, parts.boardWide(), parts.boardHigh())
                .underneath());
        outlines.add(Outline.rectangle(Role.BOARD, "spine", spineX, 0, s, parts.boardHigh())
                .underneath());
        outlines.add(Outline.rectangle(Role.BOARD, "front", spineX + s + j, 0, parts.boardWide(), parts.boardHigh())
                .underneath());
        CoverLook look = new CoverLook(
                CoverLook.View.OPENED_OUTSIDE,
                w,
                parts.boardHigh(),
                outlines,
                Phrase.of(
                        "The case from outside, {} × {}: back, spine, front.",
                        Length.ofMm(w).at(Fineness.CUT),
                        parts.boardHeight().length().at(Fineness.CUT)));
        return parts.covering().full() ? look : look.moved(parts.covering().spineClothGrip(parts.boardHigh() / 3));
    }

    private CoverLook front() {
        double w = parts.hingeMm() + parts.boardWide();
        List<Outline> outlines = new ArrayList<>();
        outlines.add(Outline.rectangle(Role.COVERING, "", 0, 0, w, parts.boardHigh()));
        outlines.add(
                Outline.rectangle(Role.BOARD, "front board", parts.hingeMm(), 0, parts.boardWide(), parts.boardHigh()));
        outlines.add(Outline.rectangle(
                        Role.BLOCK,
                        "block",
                        0,
                        parts.choices().length(BoardSettings.HEAD).mm(),
                        parts.block().width().length().mm(),
                        parts.block().height().length().mm())
                .underneath());
        return new CoverLook(
                        CoverLook.View.CLOSED_FRONT,
                        w,
                        parts.boardHigh(),
                        outlines,
                        Phrase.of(
                                "The closed book from the front, {} × {}; the board begins {} from the spine.",
                                Length.ofMm(w).at(Fineness.CUT),
                                parts.boardHeight().length().at(Fineness.CUT),
                                Length.ofMm(parts.hingeMm()).at(Fineness.MARK)))
                .moved(frontGrips(w));
    }

    /** Head and tail of the board, and its fore edge. */
    private Grip[] frontGrips(double w) {
        CoverChoices choices = parts.choices();
        Grip[] squares =
                BoardSettings.squares(choices, parts.block().width().length().mm() / 2, parts.boardHigh());
        Grip edge = choices.is(CaseSettings.BOARD_WIDTH, CaseSettings.BY_SETBACK)
                ? Grip.across(choices, CaseSettings.SETBACK, w, parts.boardHigh() / 2, -1)
                : Grip.across(choices, CaseSettings.FORE, w, parts.boardHigh() / 2, 1);
        return new Grip[] {squares[0], squares[1], edge};
    }

    /**
     * The closed book from its head: the block between the boards, the spine piece behind it.
     *
     * @param spineOutline the spine piece; from the spine of the block and from the middle of its thickness
     * @param behindMm room that the drawing needs behind the block's spine, mm
     */
    CoverLook fromHead(Outline spineOutline, double behindMm) {
        SewnBlock block = parts.block();
        double b = block.board().length().mm();
        double hinge = parts.hingeMm();
        double end = hinge + parts.boardWide();
        HeadSection section = new HeadSection(block, behindMm, b).boards(hinge, parts.boardWide());
        for (int side : new int[] {-1, 1}) {
            section.add(
                    Role.COVERING,
                    "",
                    List.of(
                            new FlatPoint(0, side * section.faceMm(0)),
                            new FlatPoint(hinge, side * section.faceMm(hinge)),
                            new FlatPoint(hinge, side * (section.faceMm(hinge) + b)),
                            new FlatPoint(end, side * (section.faceMm(end) + b))));
        }
        section.add(spineOutline.role(), spineOutline.name(), spineOutline.points());
        return section.look(Phrase.of(
                "The closed book from its head: block {} thick at the spine and {} at the fore edge, boards of {} that stand {} past it.",
                block.spine().length().at(Fineness.BUNDLE),
                block.foreEdge().length().at(Fineness.BUNDLE),
                block.board().length().at(Fineness.CALIPER),
                parts.foreSquare().length().at(Fineness.MARK)));
    }
}
