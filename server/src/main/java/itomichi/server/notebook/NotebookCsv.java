package itomichi.server.notebook;

import itomichi.finding.Quantity;
import itomichi.measure.Unit;
import itomichi.notebook.Entry;
import itomichi.server.notebook.NotebookStore.Found;
import itomichi.server.notebook.NotebookStore.Wanted;
import itomichi.server.platform.BenchDay;
import itomichi.server.platform.Csv;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Everything that was planned and came out of books, as a table; lengths in mm. */
@Component
class NotebookCsv {

    private static final int MOST_BOOKS = 500;

    private final PageReader reader;
    private final NotebookStore store;
    private final Clock clock;

    NotebookCsv(PageReader reader, NotebookStore store, Clock clock) {
        this.reader = reader;
        this.store = store;
        this.clock = clock;
    }

    /** The books that are looked for, those finished last first. */
    String of(Wanted wanted) {
        List<Found> found = store.find(wanted, 0, MOST_BOOKS).books();
        Map<UUID, String> finished = new HashMap<>();
        found.forEach(one -> one.shelvedAt()
                .ifPresent(
                        at -> finished.put(one.id(), BenchDay.local(at, clock).toString())));
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("book", "structure", "paper", "finished", "what", "name", "unit", "planned", "came out"));
        for (ReadPage read : reader.all(found.stream().map(Found::id).toList())) {
            for (Entry line : read.lines()) {
                line.came()
                        .ifPresent(came -> rows.add(List.of(
                                read.book().document().name(),
                                read.structure(),
                                String.join("; ", read.papers()),
                                finished.getOrDefault(read.book().id(), ""),
                                line.key(),
                                line.name().in(Unit.MM),
                                unit(line.group()),
                                line.foreseen() ? number(line.planned().number()) : "",
                                number(came))));
            }
        }
        return Csv.write(rows);
    }

    private static String unit(Entry.Group group) {
        return switch (group) {
            case BLOCK, THREAD -> "mm";
            case WASTE -> "sheets";
            case MINUTES -> "min";
        };
    }

    private static String number(double number) {
        return new Quantity.Plain(number, "", 3).in(Unit.MM);
    }
}
