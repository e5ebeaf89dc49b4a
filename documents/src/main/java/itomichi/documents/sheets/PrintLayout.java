package itomichi.documents.sheets;

import itomichi.documents.imposing.Layout;
import itomichi.imposition.Placed;
import itomichi.imposition.PrintFile;
import itomichi.imposition.PrintFile.PrintPage;

/** Where the pages of a text go on those of a file that is printed. */
public final class PrintLayout {

    private PrintLayout() {}

    /** The layout of a file. */
    public static Layout of(PrintFile file) {
        return new Layout(file.pages().stream().map(PrintLayout::page).toList());
    }

    private static Layout.Page page(PrintPage page) {
        return new Layout.Page(
                page.side().width(),
                page.side().height(),
                page.upsideDown(),
                page.side().pages().stream().map(PrintLayout::place).toList());
    }

    private static Layout.Place place(Placed placed) {
        return new Layout.Place(
                placed.page(),
                placed.at().x(),
                placed.at().y(),
                placed.scale(),
                new Layout.Shown(
                        placed.shown().x(),
                        placed.shown().y(),
                        placed.shown().width(),
                        placed.shown().height()));
    }
}
