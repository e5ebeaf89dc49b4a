package itomichi.server.archive;

import itomichi.server.archive.ArchiveReport.ArchiveCount;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionInterceptor;
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

    /**
     * Reads what is in it, and lays in what is new.
     *
     * @param take whether it is laid in; else it is only looked at
     * @param over whether what is there and otherwise gives way to what is in the archive
     * @throws ArchiveFault if something in it cannot be
     */
    @Transactional
    ArchiveReport read(ArchiveFile file, boolean take, boolean over) {
        store.makeRoom();
        try {
            for (ArchiveTable table : ArchiveTable.values()) {
                if (table.since() <= file.version()) {
                    wait(file, table);
                }
            }
            EarlierArchive.raise(store, file.version());
            pictures(file);
        } catch (IOException | JacksonException unread) {
            throw new ArchiveFault("What is in it cannot be read.");
        }
        if (store.headless()) {
            throw new ArchiveFault("A book in it is at a state that does not come with it.");
        }
        List<Compared> all = ArchiveTable.kinds().stream().map(this::compared).toList();
        ArchiveReport report = report(all, take);
        if (take) {
            layIn(all, over || store.empty());
        } else {
            TransactionInterceptor.currentTransactionStatus().setRollbackOnly();
        }
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
                EarlierArchive.raise(table, row, file.version(), json);
                check(table, row, number);
                String text = row.toString();
                if (text.length() > LARGEST_ROW) {
                    throw unfit(table, number);
                }
                rows.add(text);
                if (rows.size() == Math.min(AT_ONCE, table.atOnce())) {
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
                check.reads().accept(row);
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

    /**
     * What waits of a table, held against what is there.
     *
     * @param there keys of what is there already
     * @param other keys of what of it is otherwise
     */
    private record Compared(ArchiveTable table, List<String> there, List<String> other) {}

    private Compared compared(ArchiveTable table) {
        return new Compared(table, store.there(table), store.other(table));
    }

    private ArchiveReport report(List<Compared> all, boolean taken) {
        List<ArchiveCount> counts = new ArrayList<>();
        List<String> differing = new ArrayList<>();
        for (Compared one : all) {
            ArchiveTable table = one.table();
            int there = one.there().size();
            int other = one.other().size();
            counts.add(
                    new ArchiveCount(table.kind().orElseThrow(), store.waiting(table) - there, there - other, other));
            if (table.names().isPresent()) {
                differing.addAll(store.names(table, one.other()).values());
            }
        }
        return new ArchiveReport(
                counts, differing.stream().sorted().limit(MOST_NAMED).toList(), taken);
    }

    private void layIn(List<Compared> all, boolean over) {
        for (Compared one : all) {
            // a book that gives way lets its templates go: what comes after it is compared once more
            Compared now = over ? compared(one.table()) : one;
            List<String> left = new ArrayList<>(now.there());
            if (over) {
                left.removeAll(now.other());
                store.makeWay(now.table(), now.other());
            }
            store.leaveOut(now.table(), left);
        }
        for (ArchiveTable table : ArchiveTable.values()) {
            table.names().ifPresent(names -> store.giveNames(table, names));
        }
        for (ArchiveTable table : ArchiveTable.values()) {
            if (table == ArchiveTable.KEPT_TEMPLATE) {
                store.freeTemplates();
            }
            store.layIn(table);
        }
    }
}
