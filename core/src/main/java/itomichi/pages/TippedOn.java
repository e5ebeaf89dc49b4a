package itomichi.pages;

import itomichi.pages.Leaf.Half;
import itomichi.pages.Leaf.Reach;
import itomichi.spec.PastedOn;
import java.util.ArrayList;
import java.util.List;

/** Leaves that are tipped on to pages, among those that are sewn. */
final class TippedOn {

    private TippedOn() {}

    /** Leaves as they are read: what is tipped on to the front of one comes before it, what is tipped on to its back after it. */
    static List<Leaf> among(List<Leaf> sewn) {
        List<Leaf> leaves = new ArrayList<>();
        for (Leaf leaf : sewn) {
            leaves.addAll(to(leaf, leaf.front()));
            leaves.add(leaf);
            leaves.addAll(to(leaf, leaf.back()));
        }
        return leaves;
    }

    private static List<Leaf> to(Leaf leaf, Page page) {
        return page.pasted().stream()
                .filter(one -> one.kind() == PastedOn.Kind.LEAF)
                .map(one -> new Leaf(
                        leaf.signature(),
                        leaf.sheet(),
                        Half.WHOLE,
                        one.paper(),
                        one.width(),
                        Reach.TIPPED,
                        Page.TIPPED,
                        Page.TIPPED))
                .toList();
    }
}
