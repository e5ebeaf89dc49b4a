package itomichi.server.drawer;

import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.SheetGrain;
import itomichi.server.document.Dye;
import itomichi.server.drawer.Column.Choice;
import java.util.Arrays;
import java.util.List;

/** The drawers, and what is known of the things in each: a new column is a line here. */
enum Drawer {
    PAPERS(
            "Papers",
            Column.weight("grammageGsm", "Weight").needed(),
            Column.choice("bulk", "Kind", kinds()).needed(),
            Column.count("stackSheets", "Sheets in the stack", 1, 1000).closely(),
            Column.fine("stackMm", "Stack, measured", 0.01, 300).closely(),
            Column.fine("saidMm", "Thickness, as the maker says", 0.01, 3).closely(),
            Column.cut("widthMm", "Sheet width", 20, 3000),
            Column.cut("heightMm", "Sheet height", 20, 3000),
            Column.choice("grain", "Grain", grains()),
            Column.choice("colour", "Colour", colours()).closely(),
            Column.cut("deckleMm", "Deckle to cut off", 0, 60).closely(),
            Column.count("have", "Sheets left", 0, 1_000_000),
            Column.number("price", "Price of a sheet", 0, 1_000_000),
            Column.words(Columns.OFFCUT_OF, "Off-cut of", 60).closely(),
            Column.words("note", "Note", 200).closely()),
    THREADS(
            "Threads",
            Column.choice("fibre", "Fibre", fibres()).needed(),
            Column.choice(
                            "system",
                            "Counted in",
                            List.of(
                                    new Choice("LINEN", "linen count"),
                                    new Choice("COTTON", "cotton count"),
                                    new Choice("TEX", "tex")))
                    .needed()
                    .closely(),
            Column.number("number", "Count", 1, 5000).needed(),
            Column.count("ply", "Plies", 1, 12),
            Column.count("turns", "Turns wound", 1, 500).closely(),
            Column.fine("woundMm", "Winding, measured", 0.1, 500).closely(),
            Column.number("leftM", "Left, in metres", 0, 100_000),
            Column.number("snapN", "Snaps at, in newtons", 0.1, 2000),
            Column.choice("finish", "Finish", List.of(new Choice("WAXED", "waxed"), new Choice("PLAIN", "not waxed"))),
            Column.choice(
                    "twist",
                    "Twist",
                    List.of(new Choice("TIGHT", "tight"), new Choice("LOOSE", "loose, splits easily"))),
            Column.number("spoolM", "A spool holds, in metres", 1, 100_000),
            Column.number("price", "Price of a spool", 0, 1_000_000),
            Column.words("note", "Note", 200).closely()),
    BOARDS(
            "Boards",
            Column.fine("thicknessMm", "Thickness, as the maker says", 0.2, 20).closely(),
            Column.count("stackSheets", "Boards in the stack", 1, 100).closely(),
            Column.fine("stackMm", "Stack, measured", 0.2, 500).closely(),
            Column.cut("widthMm", "Width", 20, 3000),
            Column.cut("heightMm", "Height", 20, 3000),
            Column.choice("grain", "Grain", grains()),
            Column.choice("colour", "Colour", colours()).closely(),
            Column.count("have", "Boards left", 0, 1_000_000),
            Column.number("price", "Price of a board", 0, 1_000_000),
            Column.words(Columns.OFFCUT_OF, "Off-cut of", 60).closely(),
            Column.words("note", "Note", 200).closely()),
    COVERS(
            "Cover stuffs",
            Column.choice(
                            "stuff",
                            "Stuff",
                            List.of(
                                    new Choice("CLOTH", "cloth"),
                                    new Choice("PAPER", "paper"),
                                    new Choice("FELT", "felt"),
                                    new Choice("LEATHER", "leather"),
                                    new Choice("CARD", "card")))
                    .needed(),
            Column.fine("thicknessMm", "Thickness", 0.02, 10).closely(),
            Column.cut("widthMm", "Width", 20, 10_000),
            Column.cut("heightMm", "Height", 20, 10_000),
            Column.choice("grain", "Grain", grains()),
            Column.choice("colour", "Colour", colours()).closely(),
            Column.number("have", "Pieces left", 0, 100_000),
            Column.number("price", "Price of a piece", 0, 1_000_000),
            Column.words(Columns.OFFCUT_OF, "Off-cut of", 60).closely(),
            Column.words("note", "Note", 200).closely()),
    NEEDLES(
            "Needles",
            Column.fine("eyeMm", "Width at the eye", 0.2, 6).needed(),
            Column.cut("lengthMm", "Length", 10, 300),
            Column.choice(
                    "point",
                    "Point",
                    List.of(
                            new Choice("BLUNT", "blunt"),
                            new Choice("SHARP", "sharp"),
                            new Choice("CURVED", "curved"))),
            Column.count("have", "Needles left", 0, 100_000),
            Column.words("note", "Note", 200).closely());

    /** Keys of columns that more is known of. */
    static final class Columns {
        /** The name of what an off-cut was cut from. */
        static final String OFFCUT_OF = "offcutOf";

        private Columns() {}
    }

    /** Every thing has a name. */
    static final Column NAME = Column.words("name", "Name", 60).needed();

    private final String words;
    private final List<Column> columns;

    Drawer(String words, Column... columns) {
        this.words = words;
        this.columns = List.of(columns);
    }

    String words() {
        return words;
    }

    /** What is known besides the name. */
    List<Column> columns() {
        return columns;
    }

    /** Key of how much there is of a thing. */
    String amount() {
        return this == THREADS ? "leftM" : "have";
    }

    /** What a thing is counted in. */
    String unit() {
        return switch (this) {
            case PAPERS -> "sheets";
            case THREADS -> "m";
            case BOARDS -> "boards";
            case COVERS -> "pieces";
            case NEEDLES -> "needles";
        };
    }

    private static List<Choice> kinds() {
        return Arrays.stream(BulkKind.values())
                .map(kind -> new Choice(kind.name(), kind.words()))
                .toList();
    }

    private static List<Choice> grains() {
        return Arrays.stream(SheetGrain.values())
                .map(grain -> new Choice(grain.name(), grain.words()))
                .toList();
    }

    private static List<Choice> colours() {
        return Arrays.stream(Dye.values())
                .map(dye -> new Choice(dye.name(), dye.words()))
                .toList();
    }

    private static List<Choice> fibres() {
        return Arrays.stream(Fibre.values())
                .map(fibre -> new Choice(fibre.name(), fibre.words()))
                .toList();
    }
}
