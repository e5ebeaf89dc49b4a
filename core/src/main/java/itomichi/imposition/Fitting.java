package itomichi.imposition;

import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Fit;
import itomichi.spec.PrintWish.Margins;

/** Lays a page of a text on a page of the book. */
final class Fitting {

    /** Sizes of pages are rounded by whoever makes them. */
    private static final double SEEN_MM = 0.5;

    private final PrintWish wish;

    Fitting(PrintWish wish) {
        this.wish = wish;
    }

    /**
     * Where it lies.
     *
     * @param creepMm how far it would be moved towards the fold; less where it would come over the margin at the fold
     */
    Placed place(int page, SourcePage source, Field field, double creepMm) {
        Box leaf = field.box();
        Box room = room(field);
        double across = room.width() / source.width().mm();
        double down = room.height() / source.height().mm();
        double scale = switch (wish.fit()) {
            case TRUE -> 1;
            case MARGINS -> Math.min(across, down);
            case FILL -> Math.max(across, down);
        };
        double width = source.width().mm() * scale;
        double height = source.height().mm() * scale;
        Box middle =
                new Box(room.x() + (room.width() - width) / 2, room.y() + (room.height() - height) / 2, width, height);
        double free = field.boundLeft() ? middle.x() - leaf.x() : leaf.right() - middle.right();
        // a text that reaches to the fold has its margin within itself
        double margin = wish.fit() == Fit.MARGINS
                ? free
                : Math.max(free, wish.margins().fold().mm());
        double moved = Math.max(0, Math.min(creepMm * wish.creepPercent() / 100, margin));
        Box at = middle.moved(field.boundLeft() ? -moved : moved, 0);
        return new Placed(page, at, scale, at.within(bled(field)));
    }

    /** How far a placed page was moved towards the fold from where it would lie on the outermost sheet. */
    double moved(SourcePage source, Field field, double creepMm) {
        return Math.abs(place(0, source, field, creepMm).at().x()
                - place(0, source, field, 0).at().x());
    }

    /** Whether a page in its true size is larger than the leaf it comes on and what is cut off round that. */
    boolean cutOff(SourcePage source, Field field) {
        return wish.fit() == Fit.TRUE
                && place(0, source, field, 0).at().beyond(field.box())
                        > wish.bleed().mm() + SEEN_MM;
    }

    private Box room(Field field) {
        return switch (wish.fit()) {
            case TRUE -> field.box();
            case MARGINS -> inset(field);
            case FILL -> bled(field);
        };
    }

    private Box inset(Field field) {
        Margins margins = wish.margins();
        double left = (field.boundLeft() ? margins.fold() : margins.foreEdge()).mm();
        double right = (field.boundLeft() ? margins.foreEdge() : margins.fold()).mm();
        Box leaf = field.box();
        return new Box(
                leaf.x() + left,
                leaf.y() + margins.head().mm(),
                leaf.width() - left - right,
                leaf.height() - margins.head().mm() - margins.tail().mm());
    }

    /** A leaf with what is cut off round it; what is true to size or fills it may run over its edges, never over the fold. */
    private Box bled(Field field) {
        Box leaf = field.box();
        double bleed = wish.fit() == Fit.MARGINS ? 0 : wish.bleed().mm();
        return new Box(
                field.boundLeft() ? leaf.x() : leaf.x() - bleed,
                leaf.y() - bleed,
                leaf.width() + bleed,
                leaf.height() + 2 * bleed);
    }
}
