package itomichi.server.archive;

import itomichi.server.archive.ArchiveReport.ArchiveCount;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/** Reads an archive into the workshop: all that is new of it or nothing. */
@Component
class ArchiveReader {

    private static final int AT_ONCE = 100;
    private static final int LARGEST_ROW = 4_000_000;
    private static final int MOST_NAMED = 12;

    private final ArchiveStore store;
    private final JsonMapper json;
    private final Map<String, List<RowCheck>> checks;

    ArchiveReader(ArchiveStore store, JsonMapper json, List<RowCheck> checks) {
        this.store = store;
        this.json = json;
        this.checks = checks.stream().collect(Collectors.groupingBy(RowCheck::table));
    }

    /** Ends the transaction with nothing kept. */
    static final class OnlyLooked extends RuntimeException {
        private final transient ArchiveReport report;

        OnlyLooked(ArchiveReport report) {
            super("Looked at, not taken", null, false, false);
            this.report = report;
        }

        ArchiveReport report() {
            return report;
        }
    }

    /**
     * Reads what is in it, and lays in what is new.
     *
     * @param take whether it is laid in; else it is only looked at
     * @param over whether what is there and otherwise gives way to what is in the archive
     * @throws ArchiveFault if something in it cannot be
     * @throws OnlyLooked if it was only looked at
     */
    @Transactional
    ArchiveReport read(ArchiveFile file, boolean take, boolean over) {
        store.makeRoom();
        try {
            for (ArchiveTable table : ArchiveTable.values()) {
                wait(file, table);
            }
            pictures(file);
        } catch (IOException | JacksonException unread) {
            throw new ArchiveFault("What is in it cannot be read.");
        }
        if (store.headless()) {
            throw new ArchiveFault("A book in it is at a state that does not come with it.");
        }
        ArchiveReport report = compared(take);
        if (!take) {
            throw new OnlyLooked(report);
        }
        layIn(over || store.empty());
        return report;
    }

    private void wait(ArchiveFile file, ArchiveTable table) throws IOException {
        ObjectReader each = json.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
        List<String> rows = new ArrayList<>();
        int number = 0;
        try (InputStream in = file.open(table);
                JsonParser parser = json.createParser(in)) {
            if (parser.nextToken() != JsonToken.START_ARRAY) {
                throw new ArchiveFault("“" + table.file() + "” is no list.");
            }
            while (parser.nextToken() == JsonToken.START_OBJECT) {
                number++;
                JsonNode row = each.readTree(parser);
                check(table, row, number);
                String text = row.toString();
                if (text.length() > LARGEST_ROW) {
                    throw unfit(table, number);
                }
                rows.add(text);
                if (rows.size() == AT_ONCE) {
                    store.put(table, rows);
                    rows.clear();
                }
            }
            if (parser.currentToken() != JsonToken.END_ARRAY) {
                throw new ArchiveFault("“" + table.file() + "” breaks off after " + number + " entries.");
            }
        }
        if (!rows.isEmpty()) {
            store.put(table, rows);
        }
    }

    private void check(ArchiveTable table, JsonNode row, int number) {
        for (RowCheck check : checks.getOrDefault(table.table(), List.of())) {
            try {
                check.check(row);
            } catch (RuntimeException unread) {
                throw unfit(table, number);
            }
        }
    }

    private static ArchiveFault unfit(ArchiveTable table, int number) {
        return new ArchiveFault("“" + table.file() + "”: what stands at place " + number + " cannot be.");
    }

    private void pictures(ArchiveFile file) throws IOException {
        List<ArchiveStore.Waiting> waiting = store.waitingPictures();
        if (waiting.size() * 2L != file.pictureFiles()) {
            throw new ArchiveFault("It holds " + file.pictureFiles() + " files of " + waiting.size()
                    + " pictures; each picture has two.");
        }
        for (ArchiveStore.Waiting one : waiting) {
            byte[] whole = file.picture(one.id(), false);
            byte[] small = file.picture(one.id(), true);
            if (!isJpeg(whole, one.width(), one.height()) || !isJpeg(small, 0, 0)) {
                throw new ArchiveFault("“" + PictureFiles.name(one.id(), false) + "” is no picture.");
            }
            store.putPicture(one.id(), whole, small);
        }
    }

    private static boolean isJpeg(byte[] file, int width, int height) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
            try {
                reader.setInput(in, true, true);
                return width == 0 || (reader.getWidth(0) == width && reader.getHeight(0) == height);
            } finally {
                reader.dispose();
            }
        } catch (IOException none) {
            return false;
        }
    }

    /** What a binder calls each kind of thing. */
    private static final Map<ArchiveTable, String> KINDS = Map.of(
            ArchiveTable.BOOK, "books",
            ArchiveTable.THING, "things in the drawers",
            ArchiveTable.KEPT_TEMPLATE, "kept templates",
            ArchiveTable.OWN_PATTERN, "own patterns",
            ArchiveTable.PRINTER, "printers",
            ArchiveTable.BENCH_HOURS, "hours at the bench",
            ArchiveTable.KNIFE, "knives",
            ArchiveTable.DRAWER_ACT, "cuts and purchases");

    private static List<ArchiveTable> kinds() {
        return Arrays.stream(ArchiveTable.values()).filter(KINDS::containsKey).toList();
    }

    private ArchiveReport compared(boolean taken) {
        List<ArchiveCount> counts = new ArrayList<>();
        List<String> differing = new ArrayList<>();
        for (ArchiveTable table : kinds()) {
            int there = store.there(table).size();
            List<String> other = store.other(table);
            counts.add(new ArchiveCount(
                    KINDS.getOrDefault(table, table.table()),
                    store.waiting(table) - there,
                    there - other.size(),
                    other.size()));
            if (named(table)) {
                differing.addAll(store.names(table, other).values());
            }
        }
        return new ArchiveReport(
                counts, differing.stream().sorted().limit(MOST_NAMED).toList(), taken);
    }

    private static boolean named(ArchiveTable table) {
        return switch (table) {
            case BOOK, THING, KEPT_TEMPLATE, OWN_PATTERN, PRINTER -> true;
            default -> false;
        };
    }

    private void layIn(boolean over) {
        for (ArchiveTable table : kinds()) {
            if (over) {
                List<String> other = store.other(table);
                List<String> same = new ArrayList<>(store.there(table));
                same.removeAll(other);
                store.makeWay(table, other);
                store.leaveOut(table, same);
            } else {
                store.leaveOut(table, store.there(table));
            }
        }
        store.giveNames(ArchiveTable.BOOK, "", "x.removed_at is null");
        store.giveNames(ArchiveTable.THING, " and t.drawer = w.drawer", "x.put_away_at is null");
        store.giveNames(ArchiveTable.KEPT_TEMPLATE, "", "true");
        store.giveNames(ArchiveTable.OWN_PATTERN, "", "true");
        store.giveNames(ArchiveTable.PRINTER, "", "true");
        for (ArchiveTable table : ArchiveTable.values()) {
            if (table == ArchiveTable.KEPT_TEMPLATE) {
                store.freeTemplates();
            }
            store.layIn(table);
        }
    }
}
