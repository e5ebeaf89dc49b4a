package itomichi.server.measure;

import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.measure.SheetSize;
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
    record Catalogue(List<Size> sizes, List<Choice> bulks, List<Choice> grains, List<Choice> fibres) {}

    private static final List<String> LEAF_SIZES = List.of(
            "A4", "A5", "A6", "A7", "B5", "B6", "JIS B5", "JIS B6", "Letter", "Half letter", "Legal", "Executive");

    @GetMapping("/api/catalogue")
    Catalogue catalogue() {
        return new Catalogue(
                LEAF_SIZES.stream()
                        .map(name -> SheetSize.named(name).orElseThrow())
                        .map(size -> new Size(
                                size.name(), size.width().mm(), size.height().mm()))
                        .toList(),
                Arrays.stream(BulkKind.values())
                        .map(kind -> new Choice(kind.name(), kind.words()))
                        .toList(),
                Arrays.stream(Grain.values())
                        .map(grain -> new Choice(grain.name(), grain.words()))
                        .toList(),
                Arrays.stream(Fibre.values())
                        .map(fibre -> new Choice(fibre.name(), fibre.words()))
                        .toList());
    }
}
