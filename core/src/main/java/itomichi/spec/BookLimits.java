package itomichi.spec;

import itomichi.advice.Use;
import itomichi.gathering.Extent;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.structure.Structure;
import itomichi.structure.Structures;

/** What no book can be called, be bound in, be as long or as large as. */
public final class BookLimits {

    /** More than any hand would bind. */
    public static final int MOST_PAGES = 4000;

    /** So many copies of a book are counted. */
    public static final int MOST_COPIES = 100_000;
    /** As many copies are told apart, one by one. */
    public static final int MOST_NAMED = 1000;

    private BookLimits() {}

    static void check(String name, String purpose) {
        Limits.text("name", "A name", name, 1, 80);
        Limits.text("purpose", "What it is for", purpose, 0, 400);
    }

    static void check(Unit unit, String structure, Use use, Extent extent) {
        Structure bound = Structures.keyed(structure)
                .orElseThrow(() ->
                        new UnfitValueException("structure", "Read “" + structure + "”; no structure has that name."));
        Limits.number("use.copies", "A book", use.copies(), 1, MOST_COPIES, " copies");
        String of = " " + extent.by().words();
        Limits.number("extent.number", "A book", extent.number(), 1, MOST_PAGES, of);
        Limits.number("extent.number", "A book", extent.pages(bound.form().folded()), 1, MOST_PAGES, " pages");
    }

    static void checkLeaf(Length width, Length height) {
        Limits.length("leaf.widthMm", "A leaf's width", width, 20, 1200, Unit.MM);
        Limits.length("leaf.heightMm", "A leaf's height", height, 20, 1200, Unit.MM);
    }

    static void checkCover(Length thickness, Length square) {
        Limits.length("cover.thicknessMm", "A cover's thickness", thickness, 0.02, 10, Unit.MM);
        Limits.length("cover.squareMm", "A square", square, 0, 60, Unit.MM);
    }

    static void check(BookSpec.Cover cover, Unit unit) {
        Limits.lengthIfAny("cover.heightMm", "A cover", cover.height(), 20, 1300, unit);
        Limits.lengthIfAny("cover.spineMm", "A spine", cover.spine(), 1, 400, unit);
        Limits.lengthIfAny("cover.headSquareMm", "A square", cover.headSquare(), 0, 200, unit);
    }
}
