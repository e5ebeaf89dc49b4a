package itomichi.remarks;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.pages.Gathering;
import itomichi.pages.Leaf;
import itomichi.pages.PagePlan;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.ArrayList;
import java.util.List;

/** What is to be said of what is pasted to pages. */
final class PastedRemarks {

    private final WorkedBook worked;
    private final BookSpec spec;
    private final List<Draft> said = new ArrayList<>();

    private PastedRemarks(WorkedBook worked) {
        this.worked = worked;
        this.spec = worked.spec();
    }

    static List<Draft> of(WorkedBook worked) {
        if (worked.spec().pageWish().pasted().isEmpty()) {
            return List.of();
        }
        PastedRemarks remarks = new PastedRemarks(worked);
        remarks.all();
        return remarks.said;
    }

    private void all() {
        List<Gathering> gatherings = PagePlan.of(worked).gatherings();
        List<PastedOn> pasted = spec.pageWish().pasted();
        for (int i = 0; i < pasted.size(); i++) {
            if (pasted.get(i).page() > worked.gathered().pages()) {
                beyond(i);
            }
            for (Gathering gathering : gatherings) {
                for (Leaf leaf : gathering.leaves()) {
                    boolean front = leaf.front().through() == pasted.get(i).page();
                    if (front || leaf.back().through() == pasted.get(i).page()) {
                        size(i, leaf);
                        middle(i, leaf, front, gathering.sheets().size());
                    }
                }
            }
        }
    }

    private static String key(int number) {
        return "pasted-" + (number + 1);
    }

    private String named(int number) {
        PastedOn pasted = spec.pageWish().pasted().get(number);
        return "The " + pasted.kind().words() + (pasted.kind() == PastedOn.Kind.LEAF ? " to" : " on") + " page "
                + pasted.page();
    }

    private BookSpec with(int number, PastedOn other) {
        List<PastedOn> all = new ArrayList<>(spec.pageWish().pasted());
        all.set(number, other);
        return spec.withPageWish(spec.pageWish().withPasted(all));
    }

    private void beyond(int number) {
        PastedOn pasted = spec.pageWish().pasted().get(number);
        int last = worked.gathered().pages();
        said.add(Draft.stop(key(number) + "-beyond", Phrase.of("{}: the book ends with page {}.", named(number), last))
                .mendedBy(Phrase.of("Paste it to page {}", last), with(number, pasted.withPage(last))));
    }

    private void size(int number, Leaf leaf) {
        PastedOn pasted = spec.pageWish().pasted().get(number);
        Length whole = spec.leaf().width();
        Length wide = leaf.width().isLessThan(whole) ? leaf.width() : whole;
        Length high = spec.height(leaf.signature());
        Length widest = least(pasted.width(), PastedOn.widest(pasted.kind(), wide));
        Length highest = least(pasted.height(), PastedOn.highest(pasted.kind(), high));
        if (widest.equals(pasted.width()) && highest.equals(pasted.height())) {
            return;
        }
        said.add(Draft.stop(
                        key(number) + "-size",
                        Phrase.of(
                                "{} is {} by {}; the page is {} by {}.",
                                named(number),
                                pasted.width().at(Fineness.CUT),
                                pasted.height().at(Fineness.CUT),
                                wide.at(Fineness.CUT),
                                high.at(Fineness.CUT)))
                .mendedBy(
                        Phrase.of("Make it {} by {}", widest.at(Fineness.CUT), highest.at(Fineness.CUT)),
                        with(number, pasted.withWidth(widest).withHeight(highest))));
    }

    private static Length least(Length one, Length other) {
        return one.isMoreThan(other) ? other : one;
    }

    /** Thread lies in the middle of a signature; a strip of paste over it tears the leaf when the book is opened: common practice, no source. */
    private void middle(int number, Leaf leaf, boolean front, int sheets) {
        PastedOn pasted = spec.pageWish().pasted().get(number);
        boolean inner = leaf.half() == (front ? Leaf.Half.SECOND : Leaf.Half.FIRST) && leaf.sheet() == sheets;
        if (pasted.kind() != PastedOn.Kind.LEAF || !inner) {
            return;
        }
        int beside = front ? pasted.page() + 1 : pasted.page() - 1;
        said.add(Draft.note(
                        key(number) + "-middle",
                        Phrase.of(
                                "{}: in the middle of a signature its strip lies over the thread. On the other side of that leaf it is out of the way.",
                                named(number)))
                .mendedBy(Phrase.of("Tip it on to page {}", beside), with(number, pasted.withPage(beside))));
    }
}
