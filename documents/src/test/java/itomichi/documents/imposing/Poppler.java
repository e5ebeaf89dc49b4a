package itomichi.documents.imposing;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What Debian's programs say of a file; they share no code with what wrote it. */
public final class Poppler {

    private static final Pattern WORD = Pattern.compile(
            "<word xMin=\"([^\"]+)\" yMin=\"([^\"]+)\" xMax=\"([^\"]+)\" yMax=\"([^\"]+)\">(p\\d+)</word>");

    private Poppler() {}

    /** The middle of each label of each page, in mm from its upper left corner as it is seen. */
    static List<Map<String, double[]>> labels(Path file) throws IOException, InterruptedException {
        List<Map<String, double[]>> pages = new ArrayList<>();
        for (String line :
                said(0, "pdftotext", "-bbox", "-cropbox", file.toString(), "-").split("\n")) {
            if (line.contains("<page ")) {
                pages.add(new TreeMap<>());
            }
            Matcher word = WORD.matcher(line);
            if (word.find()) {
                pages.get(pages.size() - 1).put(word.group(5), new double[] {middle(word, 1, 3), middle(word, 2, 4)});
            }
        }
        return pages;
    }

    /** Upper left corner of each label of the first page, in mm from its own. */
    public static Map<String, double[]> corners(Path file) throws IOException, InterruptedException {
        Map<String, double[]> corners = new TreeMap<>();
        for (String line :
                said(0, "pdftotext", "-bbox", "-l", "1", file.toString(), "-").split("\n")) {
            Matcher word = WORD.matcher(line);
            if (word.find()) {
                corners.put(word.group(5), new double[] {
                    Double.parseDouble(word.group(1)) * 25.4 / 72, Double.parseDouble(word.group(2)) * 25.4 / 72
                });
            }
        }
        return corners;
    }

    private static double middle(Matcher word, int from, int to) {
        return (Double.parseDouble(word.group(from)) + Double.parseDouble(word.group(to))) / 2 * 25.4 / 72;
    }

    /** {@code qpdf --check} finds nothing. */
    static void assertSound(Path file) throws IOException, InterruptedException {
        String said = said(0, "qpdf", "--check", file.toString());
        assertEquals(said.contains("No syntax or stream encoding errors found"), true, said);
    }

    private static String said(int code, String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(process.waitFor(), code, said);
        return said;
    }
}
