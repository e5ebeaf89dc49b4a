package itomichi.server.template;

import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.TemplateKind;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Which templates are wanted, and for what printer.
 *
 * @param kinds the templates; where none is named, the first that serves the book
 * @param inside whether a cover is seen from inside
 * @param cards pricking cards, one for each table of a class
 * @param full whether they are laid on as often as there is room
 * @param paper paper in the printer
 * @param printer whose correction counts; where none is named, nothing is corrected
 */
record TemplateWish(
        @Nullable List<TemplateKind> kinds,
        @Nullable Boolean inside,
        @Nullable Integer cards,
        @Nullable Boolean full,
        @Nullable PrintPaper paper,
        @Nullable UUID printer) {

    PrintPaper paperOrUsual() {
        return paper == null ? PrintPaper.A4 : paper;
    }
}
