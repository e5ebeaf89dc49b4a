package itomichi.benchmark;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.imposing.ImposingProcess;
import itomichi.documents.imposing.Layout;
import itomichi.documents.pdf.PdfWriter;
import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import javax.imageio.ImageIO;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * Imposes made-up books in the process that the application has standing by, beside qpdf copying the same file, in turns; prints the
 * medians, their ratio and the most memory that the process held. Files lie warm in the machine's memory for both.
 */
public final class ImposingBesideQpdf {

    private static final int RUNS = 5;
    /** As the application has it. */
    private static final int WARM = 20;

    private static final int STANDS_BY_MS = 300;
    /** Of its lines. */
    private static final int EACH = 40;

    private static final String FACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final int SCAN_BYTES = 340_000;

    private ImposingBesideQpdf() {}

    /** The folder that the files are made in; it is emptied again. */
    @SuppressWarnings("SystemOut") // it is read in a terminal
    public static void main(String[] arguments) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("imposing");
        System.out.println("book            bytes      qpdf ms   ours ms   ratio   made ready in ms   most memory MB");
        int[] extents = {32, 200, 600};
        for (boolean scans : new boolean[] {false, true}) {
            for (int pages : extents) {
                Path source = folder.resolve("source.pdf");
                make(source, pages, scans);
                compare(folder, source, pages, scans);
            }
        }
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }

    @SuppressWarnings("SystemOut")
    private static void compare(Path folder, Path source, int pages, boolean scans)
            throws IOException, InterruptedException {
        Path layout = folder.resolve("layout");
        Path marks = folder.resolve("marks.pdf");
        Layout laid = layout(pages);
        Files.write(layout, laid.lines());
        Files.write(
                marks,
                PdfWriter.write(new Drawing(
                        "marks",
                        laid.pages().stream()
                                .map(page -> new Drawing.Page(page.widthMm(), page.heightMm(), List.of()))
                                .toList())));
        Path to = folder.resolve("to.pdf");
        List<String> copying = List.of("qpdf", source.toString(), to.toString());
        List<String> words = List.of("impose", source.toString(), layout.toString(), marks.toString(), to.toString());
        double[] copied = new double[RUNS];
        double[] imposed = new double[RUNS];
        double[] begun = new double[RUNS];
        long most = 0;
        for (int i = 0; i < RUNS; i++) {
            copied[i] = copied(copying);
            Files.deleteIfExists(to);
            Timed ours = imposed(words);
            imposed[i] = ours.ms();
            begun[i] = ours.begunMs();
            most = Math.max(most, ours.kilobytes());
        }
        System.out.printf(
                Locale.ROOT,
                "%3d %-8s %11d %11.0f %9.0f %7.2f %19.0f %16d%n",
                pages,
                scans ? "scans" : "of text",
                Files.size(source),
                median(copied),
                median(imposed),
                median(imposed) / median(copied),
                median(begun),
                most / 1000);
    }

    /** From the order to the word that it is done, and how long it had taken to make itself ready. */
    private record Timed(double ms, double begunMs, long kilobytes) {}

    private static double copied(List<String> command) throws IOException, InterruptedException {
        long from = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.waitFor();
        return (System.nanoTime() - from) / 1e6;
    }

    private static Timed imposed(List<String> words) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        Path scratch = Path.of(System.getProperty("java.io.tmpdir"));
        Process process = new ProcessBuilder(ImposingProcess.command(WARM, scratch))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        BufferedReader said = process.inputReader();
        if (!ImposingProcess.READY.equals(said.readLine())) {
            throw new IOException("Process " + process.pid() + " did not make itself ready");
        }
        long ready = System.nanoTime();
        // it stands by: what it compiles of what it has just gone through is compiled when an order comes
        Thread.sleep(STANDS_BY_MS);
        long from = System.nanoTime();
        try (var order = process.getOutputStream()) {
            order.write(ImposingProcess.order(words, ""));
        }
        long most = 0;
        int lines = 0;
        for (String line = said.readLine(); !ImposingProcess.END.equals(line); line = said.readLine()) {
            if (line == null) {
                throw new IOException(
                        "Process " + process.pid() + " ended after " + lines + " lines, before all was done");
            }
            // asked rarely, for asking holds it up
            if (lines++ % EACH == 0) {
                most = Math.max(most, held(process.pid()));
            }
        }
        double ms = (System.nanoTime() - from) / 1e6;
        process.waitFor();
        return new Timed(ms, (ready - begun) / 1e6, most);
    }

    /** Linux keeps the most memory that a process held in its status. */
    private static long held(long process) {
        try (var lines = Files.lines(Path.of("/proc/" + process + "/status"))) {
            return lines.filter(line -> line.startsWith("VmHWM"))
                    .map(line -> line.replaceAll("\\D", ""))
                    .mapToLong(Long::parseLong)
                    .findFirst()
                    .orElse(0);
        } catch (IOException | java.io.UncheckedIOException gone) {
            return 0;
        }
    }

    private static double median(double[] values) {
        Arrays.sort(values);
        return values[values.length / 2];
    }

    /** A5 on A4, two pages to a side, in signatures of 16. */
    private static Layout layout(int pages) {
        List<Layout.Page> sides = new ArrayList<>();
        for (int from = 0; from < pages; from += 16) {
            for (int sheet = 0; sheet < 4; sheet++) {
                sides.add(side(pages, from + 15 - 2 * sheet, from + 2 * sheet));
                sides.add(side(pages, from + 2 * sheet + 1, from + 14 - 2 * sheet));
            }
        }
        return new Layout(sides);
    }

    private static Layout.Page side(int pages, int left, int right) {
        List<Layout.Place> places = new ArrayList<>();
        if (left < pages) {
            places.add(new Layout.Place(left, 0.5, 0, 1, new Layout.Shown(0.5, 0, 148, 210)));
        }
        if (right < pages) {
            places.add(new Layout.Place(right, 148.5, 0, 1, new Layout.Shown(148.5, 0, 148, 210)));
        }
        return new Layout.Page(297, 210, false, places);
    }

    private static void make(Path to, int pages, boolean scans) throws IOException {
        try (PDDocument document = new PDDocument(IOUtils.createTempFileOnlyStreamCache())) {
            Random dice = new Random(pages);
            PDFont font = font(document);
            byte[] scan = scan();
            for (int i = 0; i < pages; i++) {
                PDPage page = new PDPage(PDRectangle.A5);
                document.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    if (scans) {
                        content.drawImage(image(document, scan, dice), 0, 0, 420, 595);
                    } else {
                        write(content, font, dice);
                    }
                }
            }
            document.save(to.toFile());
        }
    }

    private static PDFont font(PDDocument document) throws IOException {
        try (InputStream face = PDDocument.class.getResourceAsStream(FACE)) {
            return PDType0Font.load(document, new TTFParser().parse(new RandomAccessReadBuffer(face)), true);
        }
    }

    private static void write(PDPageContentStream content, PDFont font, Random dice) throws IOException {
        content.beginText();
        content.setFont(font, 10);
        content.setLeading(13);
        content.newLineAtOffset(40, 550);
        for (int line = 0; line < 38; line++) {
            StringBuilder words = new StringBuilder();
            while (words.length() < 60) {
                for (int letter = 2 + dice.nextInt(7); letter > 0; letter--) {
                    words.append((char) ('a' + dice.nextInt(26)));
                }
                words.append(' ');
            }
            content.showText(words.toString());
            content.newLine();
        }
        content.endText();
    }

    private static byte[] scan() throws IOException {
        BufferedImage noise = new BufferedImage(760, 1075, BufferedImage.TYPE_BYTE_GRAY);
        Random dice = new Random(1);
        byte[] pixels = ((java.awt.image.DataBufferByte) noise.getRaster().getDataBuffer()).getData();
        dice.nextBytes(pixels);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(noise, "jpeg", jpeg);
        return jpeg.toByteArray();
    }

    /** What follows the picture's end differs from page to page, so that no two are one. */
    private static PDImageXObject image(PDDocument document, byte[] scan, Random dice) throws IOException {
        byte[] more = new byte[Math.max(16, SCAN_BYTES - scan.length)];
        dice.nextBytes(more);
        byte[] all = Arrays.copyOf(scan, scan.length + more.length);
        System.arraycopy(more, 0, all, scan.length, more.length);
        return new PDImageXObject(
                document,
                new java.io.ByteArrayInputStream(all),
                COSName.DCT_DECODE,
                760,
                1075,
                8,
                org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray.INSTANCE);
    }
}
