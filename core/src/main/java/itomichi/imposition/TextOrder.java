package itomichi.imposition;

import itomichi.pages.Gathering;
import itomichi.pages.Leaf;
import itomichi.pages.Page;
import itomichi.pages.PagePlan;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/** Which page of a text comes on which page of the book: one after the other as they are read, blank pages and endpapers passed by. */
final class TextOrder {

    /** Where a page stands in which reading. */
    private record Place(boolean turned, int place) {}

    private final Map<Place, Integer> order = new HashMap<>();

    TextOrder(PagePlan plan) {
        for (boolean turned : List.of(false, true)) {
            for (Gathering gathering : plan.gatherings()) {
                if (gathering.turned() == turned) {
                    for (Leaf leaf : gathering.leaves()) {
                        count(turned, leaf.front());
                        count(turned, leaf.back());
                    }
                }
            }
        }
    }

    private void count(boolean turned, Page page) {
        if (page.kind() == Page.Kind.TEXT) {
            order.put(new Place(turned, page.place()), order.size());
        }
    }

    /** Pages of the book that text comes on. */
    int places() {
        return order.size();
    }

    /** Which page of the text, from 0; nothing of a page that none comes on. */
    OptionalInt on(boolean turned, Page page) {
        if (page.kind() != Page.Kind.TEXT) {
            return OptionalInt.empty();
        }
        return OptionalInt.of(order.getOrDefault(new Place(turned, page.place()), -1));
    }
}
