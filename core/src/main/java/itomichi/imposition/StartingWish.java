package itomichi.imposition;

import itomichi.measure.Length;
import itomichi.measure.SheetSize;
import itomichi.measure.Unit;
import itomichi.spec.BookSpec;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Files;
import itomichi.spec.PrintWish.Fit;
import itomichi.spec.PrintWish.Margins;
import itomichi.spec.PrintWish.PrinterSheet;
import itomichi.spec.PrintWish.Sides;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What a book is printed by until its binder says otherwise: in true size, creep taken out of what is trimmed. */
public final class StartingWish {

    /** Where most desk printers cannot print: common practice, no source. */
    private static final Length UNPRINTABLE = Length.ofMm(4);

    private StartingWish() {}

    /** On the usual printer's sheet, or the first that takes two leaves beside each other. */
    public static PrintWish of(BookSpec spec) {
        List<PrinterSheet> sheets =
                PrintWish.printerSheets().stream().map(StartingWish::sheet).toList();
        PrinterSheet usual = sheet(SheetSize.named(spec.title().unit() == Unit.MM ? "A4" : "Letter")
                .orElseThrow());
        PrinterSheet sheet = Stream.concat(Stream.of(usual), sheets.stream())
                .filter(size -> takes(size, spec))
                .findFirst()
                .orElse(usual);
        return new PrintWish(
                Fit.TRUE,
                Margins.all(Length.ofMm(15)),
                Length.ofMm(3),
                spec.leaf().trimmed() ? 100 : 0,
                sheet,
                Optional.empty(),
                EnumSet.allOf(PrintWish.Mark.class),
                Sides.BY_HAND,
                Files.ONE,
                20);
    }

    private static PrinterSheet sheet(SheetSize size) {
        return new PrinterSheet(size.width(), size.height(), UNPRINTABLE);
    }

    private static boolean takes(PrinterSheet sheet, BookSpec spec) {
        Length trim = spec.papers().trim();
        double across = spec.leaf().width().plus(trim).times(2).mm();
        double down = spec.leaf().height().plus(trim.times(2)).mm();
        return PrinterGrid.of(sheet, across, down, 0).isPresent();
    }
}
