package itomichi.imposition;

import itomichi.measure.Length;
import itomichi.pages.Leaf;
import itomichi.pages.Opening;
import itomichi.pages.Page;
import itomichi.pages.PagePlan;
import itomichi.spec.BookSpec;
import itomichi.spec.PrintWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A text in reading order: what a reader will see at once, side by side. */
final class Proof {

    private final BookSpec spec;
    private final TextOrder order;
    private final List<SourcePage> text;
    private final Fitting fitting;

    private Proof(BookSpec spec, TextOrder order, List<SourcePage> text, PrintWish wish) {
        this.spec = spec;
        this.order = order;
        this.text = text;
        this.fitting = new Fitting(wish.withBleed(Length.ZERO));
    }

    static List<PrintedSide> of(BookSpec spec, PagePlan plan, TextOrder order, List<SourcePage> text, PrintWish wish) {
        Proof proof = new Proof(spec, order, text, wish);
        List<PrintedSide> sides = new ArrayList<>();
        for (int reading = 0; reading < plan.readings().size(); reading++) {
            for (Opening opening : plan.readings().get(reading)) {
                sides.add(proof.side(opening, reading > 0));
            }
        }
        return sides;
    }

    private PrintedSide side(Opening opening, boolean turned) {
        double left = width(opening.left());
        List<Placed> pages = new ArrayList<>();
        opening.left()
                .ifPresent(leaf -> place(
                        pages, leaf, leaf.back(), turned, left - leaf.width().mm(), false));
        opening.right().ifPresent(leaf -> place(pages, leaf, leaf.front(), turned, left, true));
        return new PrintedSide(
                left + width(opening.right()), spec.leaf().height().mm(), pages, List.of());
    }

    private double width(Optional<Leaf> leaf) {
        double whole = spec.leaf().width().mm();
        return Math.max(whole, leaf.map(one -> one.width().mm()).orElse(whole));
    }

    private void place(List<Placed> pages, Leaf leaf, Page page, boolean turned, double x, boolean boundLeft) {
        OptionalInt number = order.on(turned, page);
        if (number.isPresent() && number.getAsInt() < text.size()) {
            Box box = new Box(x, 0, leaf.width().mm(), spec.leaf().height().mm());
            pages.add(
                    fitting.place(number.getAsInt(), text.get(number.getAsInt()), new Field(page, box, boundLeft), 0));
        }
    }
}
