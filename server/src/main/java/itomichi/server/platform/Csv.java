package itomichi.server.platform;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables as CSV (RFC 4180). */
public final class Csv {

    /** How tables are written and read. */
    public static final CSVFormat FORMAT = CSVFormat.RFC4180;

    /** A program that shows tables takes a cell that begins so for a formula, and runs it. */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private Csv() {}

    /** Rows of cells, one after the other; no cell is a formula. */
    public static String write(List<List<String>> rows) {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(Csv::harmless).toList());
            }
        } catch (IOException unexpected) {
            throw new UncheckedIOException("A list in memory could not be written", unexpected);
        }
        return text.toString();
    }

    /** The cell with a sign before it that makes it a text wherever it is shown; it is taken off again on the way in. */
    private static String harmless(String cell) {
        return FORMULA.matcher(cell).matches() ? "'" + cell : cell;
    }

    /** A cell as it was before it was written. */
    public static String asWritten(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
