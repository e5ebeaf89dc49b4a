package itomichi.cover;

import itomichi.cover.Outline.Role;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/** How covers of single sheets are drawn: one of them opened flat, and the book from the front with the line of its holes. */
final class StabLooks {

    private StabLooks() {}

    static CoverLook flat(double w, double h, List<FlatPoint> corners, List<Outline> folds, Outline... laid) {
        List<Outline> outlines = new ArrayList<>();
        outlines.add(new Outline(Role.COVERING, "", corners, false));
        outlines.addAll(List.of(laid));
        outlines.addAll(folds);
        return new CoverLook(
                CoverLook.View.OPENED_INSIDE,
                w,
                h,
                outlines,
                Phrase.of(
                        "One of the two covers from inside, {} × {}.",
                        Length.ofMm(w).at(Fineness.CUT),
                        Length.ofMm(h).at(Fineness.CUT)));
    }

    /**
     * The closed book from the front, its spine at the left.
     *
     * @param w width of the cover, mm
     * @param h height of the cover, mm
     * @param headMm how far it stands past the sheets at the head, mm
     * @param more what is drawn on it
     */
    static CoverLook front(CoverBase base, double w, double h, double headMm, List<Outline> more) {
        SewnBlock block = base.block();
        List<Outline> outlines = new ArrayList<>();
        outlines.add(Outline.rectangle(Role.COVERING, "", 0, 0, w, h));
        outlines.addAll(more);
        outlines.add(Outline.rectangle(
                        Role.BLOCK,
                        "sheets",
                        0,
                        headMm,
                        block.width().length().mm(),
                        block.height().length().mm())
                .underneath());
        double edge = base.sideEdge().mm();
        outlines.add(Outline.line(Role.THREAD, "", edge, 0, edge, h));
        return new CoverLook(
                CoverLook.View.CLOSED_FRONT,
                w,
                h,
                outlines,
                Phrase.of(
                        "The closed book from the front, {} × {}; the line of its holes lies {} from the spine.",
                        Length.ofMm(w).at(Fineness.CUT),
                        Length.ofMm(h).at(Fineness.CUT),
                        base.sideEdge().at(Fineness.MARK)));
    }
}
