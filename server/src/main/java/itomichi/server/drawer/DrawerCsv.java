package itomichi.server.drawer;

import itomichi.measure.Unit;
import itomichi.server.drawer.WrongRowsException.WrongRow;
import itomichi.server.platform.Csv;
import itomichi.spec.UnfitValueException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Drawers to and from CSV (RFC 4180): a heading row, one thing a row, bare numbers in mm and g/m2. */
final class DrawerCsv {

    /** So many are laid in within a second or two. */
    static final int MOST_ROWS = 5_000;

    private DrawerCsv() {}

    /** A row that was read. */
    record Row(String name, Map<String, Object> particulars) {}

    /** How many things were added and changed. */
    record Laid(int added, int changed) {}

    static String write(Drawer drawer, List<Thing> things) {
        List<List<String>> rows = new ArrayList<>();
        List<String> headings = new ArrayList<>(List.of(Drawer.NAME.heading()));
        drawer.columns().forEach(column -> headings.add(column.heading()));
        rows.add(headings);
        for (Thing thing : things) {
            List<String> cells = new ArrayList<>(List.of(thing.name()));
            for (Column column : drawer.columns()) {
                Object value = thing.particulars().get(column.key());
                cells.add(value == null ? "" : column.written(value));
            }
            rows.add(cells);
        }
        return Csv.write(rows);
    }

    /**
     * Reads a file.
     *
     * @throws WrongRowsException with every wrong row, if one is wrong
     */
    static List<Row> read(Drawer drawer, String csv) {
        List<CSVRecord> records = records(csv.startsWith("\ufeff") ? csv.substring(1) : csv);
        if (records.size() > MOST_ROWS + 1) {
            throw new WrongRowsException(List.of(new WrongRow(
                    MOST_ROWS + 2,
                    "",
                    "The file has " + (records.size() - 1) + " rows below its heading; up to " + MOST_ROWS
                            + " are read.")));
        }
        List<@Nullable Column> columns = heading(drawer, records.get(0));
        List<WrongRow> wrong = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (int i = 1; i < records.size(); i++) {
            CSVRecord record = records.get(i);
            if (record.size() == 1 && record.get(0).isBlank()) {
                continue;
            }
            int number = i + 1;
            if (record.size() != columns.size()) {
                wrong.add(new WrongRow(
                        number,
                        "",
                        "The row has " + record.size() + " cells; the heading has " + columns.size() + "."));
                continue;
            }
            row(drawer, columns, record, number, wrong, names, rows);
        }
        if (rows.isEmpty() && wrong.isEmpty()) {
            wrong.add(new WrongRow(2, "", "The file lists nothing below its heading."));
        }
        if (!wrong.isEmpty()) {
            throw new WrongRowsException(wrong);
        }
        return rows;
    }

    private static List<CSVRecord> records(String csv) {
        try (CSVParser parser = CSVParser.parse(csv, Csv.FORMAT)) {
            List<CSVRecord> records = parser.getRecords();
            if (records.isEmpty()) {
                throw new WrongRowsException(
                        List.of(new WrongRow(1, "", "The file is empty; a heading row is wanted.")));
            }
            return records;
        } catch (IOException | UncheckedIOException | IllegalStateException unreadable) {
            throw new WrongRowsException(List.of(new WrongRow(
                    1, "", "This is not a CSV file: a quote is not closed or stands in the wrong place.")));
        }
    }

    private static List<@Nullable Column> heading(Drawer drawer, CSVRecord heading) {
        Map<String, Column> known = new HashMap<>();
        known.put(Drawer.NAME.heading().toLowerCase(Locale.ROOT), Drawer.NAME);
        drawer.columns().forEach(column -> known.put(column.heading().toLowerCase(Locale.ROOT), column));
        List<@Nullable Column> columns = new ArrayList<>();
        List<WrongRow> wrong = new ArrayList<>();
        for (String cell : heading) {
            Column column = known.get(cell.strip().toLowerCase(Locale.ROOT));
            if (column == null) {
                wrong.add(new WrongRow(1, cell, "This drawer has no column “" + cell.strip() + "”."));
            } else if (columns.contains(column)) {
                wrong.add(new WrongRow(1, cell, "The column “" + cell.strip() + "” stands twice."));
            }
            columns.add(column);
        }
        if (!columns.contains(Drawer.NAME)) {
            wrong.add(new WrongRow(1, Drawer.NAME.heading(), "A column “" + Drawer.NAME.heading() + "” is wanted."));
        }
        if (!wrong.isEmpty()) {
            throw new WrongRowsException(wrong);
        }
        return columns;
    }

    private static void row(
            Drawer drawer,
            List<@Nullable Column> columns,
            CSVRecord record,
            int number,
            List<WrongRow> wrong,
            Set<String> names,
            List<Row> rows) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            if (column != null) {
                typed.put(column.key(), Csv.asWritten(record.get(i)));
            }
        }
        try {
            String name = Thing.readName(typed.getOrDefault(Drawer.NAME.key(), ""));
            if (!names.add(name.toLowerCase(Locale.ROOT))) {
                throw new UnfitValueException(Drawer.NAME.key(), "“" + name + "” is listed twice.");
            }
            rows.add(new Row(name, Thing.read(drawer, Map.of(), typed, Unit.MM)));
        } catch (UnfitValueException unfit) {
            wrong.add(new WrongRow(number, headingOf(drawer, unfit.field()), String.valueOf(unfit.getMessage())));
        }
    }

    private static String headingOf(Drawer drawer, String key) {
        return drawer.columns().stream()
                .filter(column -> column.key().equals(key))
                .map(Column::heading)
                .findFirst()
                .orElse(Drawer.NAME.heading());
    }
}
