package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.measure.Length;
import itomichi.measure.SheetSize;
import itomichi.measure.Unit;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How a binder wants a text printed on the sheets of a book. It changes nothing of the book.
 *
 * @param fit how a page of the text is brought on to its leaf
 * @param margins left free of it where it is fitted between margins
 * @param bleed how far it runs over the edges where it fills the leaf
 * @param creepPercent how much of the creep is taken out, 0 to 100
 * @param sheet the printer's sheet
 * @param marks what is printed besides the text
 * @param sides how a sheet comes to be printed on both sides
 * @param files into how many files it is parted
 * @param together how many sheets are printed by hand before they are turned
 */
@RecordBuilder
public record PrintWish(
        Fit fit,
        Margins margins,
        Length bleed,
        int creepPercent,
        PrinterSheet sheet,
        Set<Mark> marks,
        Sides sides,
        Files files,
        int together)
        implements PrintWishBuilder.With {

    /** ISO 217 (from memory): A3 with room to be cut off. */
    private static final SheetSize SRA3 = new SheetSize("SRA3", Length.ofMm(320), Length.ofMm(450));

    private static final double SEEN_MM = 0.05;

    /** Where most desk printers cannot print: common practice, no source. */
    private static final Length UNPRINTABLE = Length.ofMm(4);

    public PrintWish {
        marks = marks.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(marks));
    }

    /**
     * The same, checked.
     *
     * @param unit of what is said of a value
     * @throws UnfitValueException if a value is one that nothing is printed by
     */
    public PrintWish checked(Unit unit) {
        PrintLimits.check(this, unit);
        return this;
    }

    /** Sheets that printers take, by their names. */
    public static List<SheetSize> printerSheets() {
        return List.of(standard("A4"), standard("A3"), standard("Letter"), standard("Tabloid"), SRA3);
    }

    private static SheetSize standard(String name) {
        return SheetSize.named(name).orElseThrow();
    }

    /** What a book is printed by until its binder says otherwise: in true size, creep taken out of what is trimmed. */
    public static PrintWish starting(BookSpec spec) {
        SheetSize usual = standard(spec.title().unit() == Unit.MM ? "A4" : "Letter");
        SheetSize sheet = Stream.concat(Stream.of(usual), printerSheets().stream())
                .filter(size -> takes(size, spec))
                .findFirst()
                .orElse(usual);
        return new PrintWish(
                Fit.TRUE,
                Margins.all(Length.ofMm(15)),
                Length.ofMm(3),
                spec.leaf().trimmed() ? 100 : 0,
                new PrinterSheet(sheet.width(), sheet.height(), UNPRINTABLE),
                EnumSet.allOf(Mark.class),
                Sides.BY_HAND,
                Files.ONE,
                20);
    }

    /** Whether a leaf's sheet goes on it, lying or upright; to what a rule sees. */
    private static boolean takes(SheetSize size, BookSpec spec) {
        double trim = spec.papers().trim().mm();
        double across = 2 * (spec.leaf().width().mm() + trim);
        double down = spec.leaf().height().mm() + 2 * trim;
        return Math.max(across, down) < size.height().mm() + SEEN_MM
                && Math.min(across, down) < size.width().mm() + SEEN_MM;
    }

    /** How a page of the text is brought on to its leaf. */
    public enum Fit {
        /** As large as it is, its middle on the leaf's middle. */
        TRUE,
        /** As large as the margins let it be. */
        MARGINS,
        /** As large as covers the leaf and what is cut off round it. */
        FILL
    }

    /** What is printed besides the text. */
    public enum Mark {
        /** Where the sheet is cut out of the printer's sheet. */
        CROP,
        FOLD,
        /** Where it is punched, in the middle of each signature. */
        STATIONS,
        /** The steps down the backs of the signatures. */
        COLLATION,
        /** Which sheet of which signature it is, outside what is cut. */
        NAMES
    }

    /** How a sheet comes to be printed on both sides. */
    public enum Sides {
        /** By the printer, which turns it over its long edge. */
        LONG_EDGE,
        SHORT_EDGE,
        /** By the hand that lays the stack in again. */
        BY_HAND
    }

    /** Into how many files it is parted. */
    public enum Files {
        ONE,
        EACH_SIGNATURE,
        EACH_PAPER
    }

    /** What is left free round a page. */
    @RecordBuilder
    public record Margins(Length fold, Length head, Length foreEdge, Length tail)
            implements PrintWishMarginsBuilder.With {
        /** The same all round. */
        public static Margins all(Length margin) {
            return new Margins(margin, margin, margin, margin);
        }
    }

    /** A printer's sheet, and how far from its edges nothing can be printed. */
    @RecordBuilder
    public record PrinterSheet(Length width, Length height, Length unprintable)
            implements PrintWishPrinterSheetBuilder.With {}
}
