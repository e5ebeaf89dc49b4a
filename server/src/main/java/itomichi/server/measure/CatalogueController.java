package itomichi.server.measure;

import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.SheetSize;
import itomichi.server.document.BookFile;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What can be chosen. */
@RestController
class CatalogueController {

    /** A standard size of leaf. */
    record Size(String name, double widthMm, double heightMm) {}

    /** Something to choose, and what it is called. */
    record Choice(String key, String words) {}

    /** Everything that can be chosen. */
    record Catalogue(
            List<Size> sizes,
            List<Size> stockSizes,
            List<Choice> bulks,
            List<Choice> grains,
            List<Choice> sheetGrains,
            List<Choice> fibres,
            FileFormat bookFile) {}

    /** How a book file names itself. */
    record FileFormat(String format, int version) {}

    private static final List<String> STOCK_SIZES =
            List.of("A1", "A2", "A3", "A4", "B1", "B2", "B3", "JIS B2", "JIS B3", "Tabloid", "Legal", "Letter");

    @GetMapping("/api/catalogue")
    Catalogue catalogue() {
        return new Catalogue(
                sizes(SheetSize.leaves()),
                sizes(STOCK_SIZES.stream()
                        .map(name -> SheetSize.named(name).orElseThrow())
                        .toList()),
                Arrays.stream(BulkKind.values())
                        .map(kind -> new Choice(kind.name(), kind.words()))
                        .toList(),
                Arrays.stream(Grain.values())
                        .map(grain -> new Choice(grain.name(), grain.words()))
                        .toList(),
                Arrays.stream(SheetGrain.values())
                        .map(grain -> new Choice(grain.name(), grain.words()))
                        .toList(),
                Arrays.stream(Fibre.values())
                        .map(fibre -> new Choice(fibre.name(), fibre.words()))
                        .toList(),
                new FileFormat(BookFile.FORMAT, BookFile.VERSION));
    }

    private static List<Size> sizes(List<SheetSize> of) {
        return of.stream()
                .map(size ->
                        new Size(size.name(), size.width().mm(), size.height().mm()))
                .toList();
    }
}
