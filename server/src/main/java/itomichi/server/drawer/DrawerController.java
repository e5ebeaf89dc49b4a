package itomichi.server.drawer;

import itomichi.measure.Unit;
import itomichi.server.drawer.WrongRowsException.WrongRow;
import itomichi.server.platform.Letters;
import itomichi.server.platform.Sent;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The drawers over HTTP. */
@RestController
@RequestMapping("/api/drawers")
class DrawerController {

    private final DrawerService drawers;

    DrawerController(DrawerService drawers) {
        this.drawers = drawers;
    }

    /** A drawer with its columns and what lies in it. */
    record DrawerView(Drawer drawer, String name, List<ColumnView> columns, List<ThingView> things) {}

    /**
     * A column of a drawer.
     *
     * @param measured whether a caliper reads it
     * @param detail whether it is left out where all things lie in a row
     */
    record ColumnView(
            String key,
            String label,
            Column.Kind kind,
            boolean required,
            boolean measured,
            boolean detail,
            List<Column.Choice> choices) {}

    /** A drawer by its name. */
    record DrawerName(Drawer drawer, String name) {}

    /** What was typed of a thing, by the columns' keys; its name under {@code name}. */
    record ThingTyped(Unit unit, Map<String, String> cells) {
        ThingTyped {
            Sent.given("unit", unit);
            Sent.given("cells", cells);
        }
    }

    /** What was typed anew, and the version it was typed over. */
    record ThingTypedAnew(long version, Unit unit, Map<String, String> cells) {
        ThingTypedAnew {
            Sent.given("unit", unit);
            Sent.given("cells", cells);
        }
    }

    /** A file that was not laid in, row by row. */
    record WrongRows(String message, List<WrongRow> rows) {}

    @GetMapping
    List<DrawerName> all() {
        return Arrays.stream(Drawer.values())
                .map(drawer -> new DrawerName(drawer, drawer.words()))
                .toList();
    }

    @GetMapping("/{drawer}")
    DrawerView drawer(@PathVariable Drawer drawer) {
        return new DrawerView(
                drawer,
                drawer.words(),
                drawer.columns().stream().map(DrawerController::column).toList(),
                drawers.things(drawer));
    }

    private static ColumnView column(Column column) {
        return new ColumnView(
                column.key(),
                column.label(),
                column.kind(),
                column.required(),
                column.kind() == Column.Kind.FINE_LENGTH,
                column.detail(),
                column.choices());
    }

    @PostMapping("/{drawer}/things")
    @ResponseStatus(HttpStatus.CREATED)
    ThingView add(@PathVariable Drawer drawer, @RequestBody ThingTyped typed) {
        return drawers.add(drawer, typed.cells().getOrDefault(Drawer.NAME.key(), ""), typed.cells(), typed.unit());
    }

    @PutMapping("/things/{id}")
    ThingView change(@PathVariable UUID id, @RequestBody ThingTypedAnew typed) {
        return drawers.change(id, typed.version(), typed.cells(), typed.unit());
    }

    @DeleteMapping("/things/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putAway(@PathVariable UUID id) {
        drawers.putAway(id);
    }

    @PostMapping("/things/{id}/take-out")
    ThingView takeOut(@PathVariable UUID id) {
        return drawers.takeOut(id);
    }

    @GetMapping(value = "/{drawer}/list.csv", produces = "text/csv")
    ResponseEntity<byte[]> save(@PathVariable Drawer drawer) {
        String name = ContentDisposition.attachment()
                .filename(drawer.words().toLowerCase(Locale.ROOT) + ".csv", StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, name)
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(DrawerCsv.write(drawer, drawers.plain(drawer)).getBytes(StandardCharsets.UTF_8));
    }

    @PostMapping(value = "/{drawer}/list", consumes = "text/csv")
    DrawerCsv.Laid load(@PathVariable Drawer drawer, @RequestBody(required = false) byte @Nullable [] csv) {
        return drawers.layIn(drawer, csv == null ? "" : text(csv));
    }

    /** The file's letters; one with bytes that are none, or with letters that cannot be kept, is refused and not changed. */
    private static String text(byte[] csv) {
        return Letters.read(csv)
                .orElseThrow(() -> new WrongRowsException(List.of(new WrongRow(
                        1, "", "The file has letters in it that cannot be read; a text in UTF-8 is wanted."))));
    }

    @ExceptionHandler
    ResponseEntity<WrongRows> wrongRows(WrongRowsException wrong) {
        return ResponseEntity.unprocessableContent()
                .body(new WrongRows(String.valueOf(wrong.getMessage()), wrong.rows()));
    }
}
