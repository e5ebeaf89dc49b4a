package itomichi.imposition;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Cuts, folds, nests and stacks what was printed, by where pages lie on it alone. */
final class PrintedBook {

    private PrintedBook() {}

    /** A leaf as it is read: the text pages on its two sides, less than none where it is white. */
    private record Read(int front, int back) {}

    /** All that comes out of a printer that is given these files. */
    static List<HandPrinter.Sheet> printed(List<PrintFile> files, HandPrinter printer) {
        List<HandPrinter.Sheet> sheets = new ArrayList<>();
        for (int i = 0; i < files.size(); i++) {
            if (i + 1 < files.size() && files.get(i + 1).name().endsWith("backs")) {
                sheets.addAll(printer.print(files.get(i), files.get(i + 1)));
                i++;
            } else {
                files.get(i)
                        .pages()
                        .forEach(page -> sheets.add(new HandPrinter.Sheet(
                                page.side(),
                                new PrintedSide(page.side().width(), page.side().height(), List.of(), List.of()),
                                true)));
            }
        }
        return sheets;
    }

    /** What lies on each printer's sheet, as is printed beside it. */
    static List<PrintedSheet> told(Imposition imposed) {
        return imposed.groups().stream()
                .flatMap(group -> group.sheets().stream())
                .toList();
    }

    /** The pages of the text as they are read once the sheets are cut, folded, nested and stacked as is told beside them. */
    static List<Integer> read(List<HandPrinter.Sheet> printed, List<PrintedSheet> told) {
        assertEquals(printed.size(), told.size());
        Map<Integer, List<OpenedSheet>> order = new TreeMap<>();
        Map<String, List<Read>> leaves = new HashMap<>();
        for (int i = 0; i < told.size(); i++) {
            assertTrue(printed.get(i).upright(), "sheet " + i + " stands on its head");
            List<OpenedSheet> holds = told.get(i).holds();
            for (int cell = 0; cell < holds.size(); cell++) {
                OpenedSheet sheet = holds.get(cell);
                order.computeIfAbsent(sheet.signature(), any -> new ArrayList<>())
                        .add(sheet);
                leaves.put(
                        name(sheet), folded(printed.get(i), cell(printed.get(i).front(), sheet, cell), sheet));
            }
        }
        List<Integer> read = new ArrayList<>();
        order.values().forEach(signature -> {
            signature.sort(Comparator.comparingInt(OpenedSheet::number));
            signature.forEach(sheet -> add(read, leaves.get(name(sheet)).get(0)));
            for (int i = signature.size() - 1; i >= 0; i--) {
                List<Read> two = leaves.get(name(signature.get(i)));
                if (two.size() > 1) {
                    add(read, two.get(1));
                }
            }
        });
        return read.stream().filter(page -> page >= 0).toList();
    }

    private static String name(OpenedSheet sheet) {
        return sheet.signature() + "/" + sheet.number();
    }

    private static void add(List<Integer> read, Read leaf) {
        read.add(leaf.front());
        read.add(leaf.back());
    }

    /** Where an opened sheet is cut out: as many as go on the printer's sheet, in its middle. */
    private static Box cell(PrintedSide side, OpenedSheet sheet, int cell) {
        double width = sheet.widthMm();
        double height = sheet.heightMm();
        double gap = side.pages().isEmpty() ? 0 : gap(side, width);
        int columns = (int) ((side.width() + gap + 0.05) / (width + gap));
        int rows = (int) ((side.height() + gap + 0.05) / (height + gap));
        double left = (side.width() - columns * (width + gap) + gap) / 2;
        double top = (side.height() - rows * (height + gap) + gap) / 2;
        int row = cell / columns;
        return new Box(left + cell % columns * (width + gap), top + row * (height + gap), width, height);
    }

    /** What fills its leaf runs over it by 3 mm on either side. */
    private static double gap(PrintedSide side, double width) {
        return side.pages().stream().anyMatch(page -> page.shown().height() > 2 && page.scale() != 1 && filled(page))
                        && width > 0
                ? 6
                : 0;
    }

    private static boolean filled(Placed page) {
        return page.shown().width() < page.at().width() - 0.001
                || page.shown().height() < page.at().height() - 0.001;
    }

    /** Folded along its middle: the leaf whose front is on the outer side's right, then the one whose back is on its left. */
    private static List<Read> folded(HandPrinter.Sheet printed, Box cell, OpenedSheet sheet) {
        Box behind = new Box(printed.front().width() - cell.right(), cell.y(), cell.width(), cell.height());
        double fold = sheet.folded() ? sheet.foldFrom(false) : 0;
        double foldBehind = sheet.folded() ? sheet.foldFrom(true) : cell.width();
        int frontRight = on(printed.front(), half(cell, fold, true));
        int frontLeft = on(printed.front(), half(cell, fold, false));
        if (sheet.sides().doubled()) {
            return List.of(new Read(frontLeft, frontRight));
        }
        int backLeft = on(printed.back(), half(behind, foldBehind, false));
        if (!sheet.folded()) {
            return List.of(new Read(frontRight, backLeft));
        }
        int backRight = on(printed.back(), half(behind, foldBehind, true));
        return List.of(new Read(frontRight, backLeft), new Read(backRight, frontLeft));
    }

    private static Box half(Box cell, double fold, boolean right) {
        return right
                ? new Box(cell.x() + fold, cell.y(), cell.width() - fold, cell.height())
                : new Box(cell.x(), cell.y(), fold, cell.height());
    }

    /** The page printed there, all of it but what bleeds. */
    private static int on(PrintedSide side, Box half) {
        List<Placed> found = side.pages().stream()
                .filter(page -> page.shown().x() + page.shown().width() / 2 > half.x()
                        && page.shown().x() + page.shown().width() / 2 < half.right()
                        && page.shown().y() + page.shown().height() / 2 > half.y()
                        && page.shown().y() + page.shown().height() / 2 < half.bottom())
                .toList();
        assertTrue(found.size() < 2, "two pages on one leaf: " + found);
        found.forEach(page -> assertTrue(page.shown().beyond(half) < 3.001, page + " outside of " + half));
        return found.isEmpty() ? -1 : found.get(0).page();
    }
}
