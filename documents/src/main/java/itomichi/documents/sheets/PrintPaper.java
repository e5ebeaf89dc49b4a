package itomichi.documents.sheets;

import itomichi.measure.SheetSize;

/** Paper that a printer takes. */
public enum PrintPaper {
    A4("A4"),
    LETTER("Letter");

    private final SheetSize size;

    PrintPaper(String name) {
        this.size = SheetSize.named(name).orElseThrow();
    }

    public double widthMm() {
        return size.width().mm();
    }

    public double heightMm() {
        return size.height().mm();
    }

    /** What it is called. */
    public String words() {
        return size.name();
    }
}
