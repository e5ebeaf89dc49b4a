package itomichi.server.supply;

import static itomichi.server.platform.Sent.given;

import itomichi.cutting.Knife;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.SharedCutsSheet;
import itomichi.documents.sheets.ShoppingList;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.server.platform.Csv;
import itomichi.server.supply.SupplyView.NeedView;
import itomichi.server.supply.SupplyView.StageUse;
import itomichi.server.template.SheetFiles;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Shopping and cutting over HTTP. */
@RestController
class SupplyController {

    private final SupplyService supplies;

    private final CopySupplies copies;
    private final Clock clock;

    SupplyController(SupplyService supplies, CopySupplies copies, Clock clock) {
        this.supplies = supplies;
        this.copies = copies;
        this.clock = clock;
    }

    /** So much was bought of a thing. */
    record Bought(UUID thing, double number) {
        Bought {
            given("thing", thing);
        }
    }

    /** What was cut from a thing, for which books; {@code sheets} is how many were seen to be taken. */
    record WasCut(UUID thing, List<UUID> books, int sheets) {
        WasCut {
            given("thing", thing);
            given("books", books);
        }
    }

    /** What is cut with; {@code reachMm} is left out where it reaches as far as one likes. */
    record KnifeSent(@Nullable Double reachMm, double leastStripMm) {}

    @GetMapping("/api/supplies")
    SupplyView look(@RequestParam(defaultValue = "") List<UUID> books) {
        return supplies.look(books);
    }

    /** The shopping list with bare numbers, for a program that shows tables. */
    @GetMapping(value = "/api/supplies/list.csv", produces = "text/csv")
    ResponseEntity<byte[]> list(@RequestParam(defaultValue = "") List<UUID> books) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("Thing", "Drawer", "Wanted", "There", "To buy", "Price", "For"));
        for (NeedView need : supplies.look(books).needs()) {
            rows.add(List.of(
                    need.name(),
                    Objects.requireNonNullElse(need.drawer(), ""),
                    need.needed().mm(),
                    Objects.requireNonNullElse(need.have(), ""),
                    Objects.requireNonNullElse(need.lacks(), ""),
                    Optional.ofNullable(need.price())
                            .map(price -> String.format(Locale.ROOT, "%.2f", price))
                            .orElse(""),
                    String.join("; ", need.books())));
        }
        return SheetFiles.csv("shopping", "list", Csv.write(rows).getBytes(StandardCharsets.UTF_8));
    }

    /** The shopping list, to be printed. */
    @GetMapping(value = "/api/supplies/list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printed(
            @RequestParam(defaultValue = "") List<UUID> books,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(defaultValue = "MM") Unit unit) {
        List<ShoppingList.Item> items = supplies.look(books).needs().stream()
                .filter(need -> !need.unfit())
                .map(need -> new ShoppingList.Item(
                        need.name(),
                        unit == Unit.MM ? need.needed().mm() : need.needed().inch(),
                        Optional.ofNullable(need.have()),
                        Optional.ofNullable(need.lacks()),
                        Optional.ofNullable(need.price()),
                        need.books()))
                .toList();
        return SheetFiles.pdf("shopping", "list", ShoppingList.draw(items, paper, LocalDate.now(clock)));
    }

    /** What is cut from a thing, to be printed. */
    @GetMapping(value = "/api/supplies/cuts.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cuts(
            @RequestParam UUID thing,
            @RequestParam(defaultValue = "") List<UUID> books,
            @RequestParam(defaultValue = "A4") PrintPaper paper,
            @RequestParam(defaultValue = "MM") Unit unit) {
        SharedCutsSheet.Wanted wanted = supplies.cuts(thing, books);
        return SheetFiles.pdf(
                wanted.stocks().get(0), "cuts", SharedCutsSheet.draw(wanted, paper, LocalDate.now(clock), unit));
    }

    @PostMapping("/api/supplies/bought")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bought(@RequestBody Bought bought) {
        supplies.bought(bought.thing(), bought.number());
    }

    @PostMapping("/api/supplies/cut")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cut(@RequestBody WasCut cut) {
        supplies.cut(cut.thing(), cut.books(), cut.sheets());
    }

    @PostMapping("/api/supplies/acts/{id}/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(@PathVariable UUID id) {
        supplies.undo(id);
    }

    @PutMapping("/api/supplies/knife")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void knife(@RequestBody KnifeSent knife) {
        supplies.cutWith(new Knife(
                Optional.ofNullable(knife.reachMm()).map(SupplyController::length), length(knife.leastStripMm())));
    }

    private static Length length(double mm) {
        // what no knife is like is refused with one line where it is judged
        return Length.ofMm(Math.abs(mm) < 1e6 ? mm : 1e6);
    }

    /** What one more copy would take, and what spoilt ones need anew. */
    @GetMapping("/api/books/{id}/supplies/copies")
    CopySuppliesView ofCopies(@PathVariable UUID id) {
        return copies.look(id);
    }

    /** Takes what spoilt copies need anew out of the drawers. */
    @PostMapping("/api/books/{id}/supplies/anew")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void anew(@PathVariable UUID id) {
        copies.takeAnew(id);
    }

    @GetMapping("/api/books/{id}/supplies")
    List<StageUse> ofBook(@PathVariable UUID id) {
        return supplies.ofBook(id);
    }
}
