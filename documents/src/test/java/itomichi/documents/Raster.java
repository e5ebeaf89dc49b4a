package itomichi.documents;

import static org.testng.Assert.assertEquals;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** A page of a PDF as a printer would see it: rasterised by poppler's pdftoppm, which shares no code with PDFBox, and measured in pixels. */
public record Raster(BufferedImage image) {

    private static final int DPI = 400;
    private static final double MM_PER_PIXEL = 25.4 / DPI;
    /** How far from where it is looked for a line may be and still be found. */
    private static final double SEARCH_MM = 1.2;

    /** The pages of a PDF. */
    public static List<Raster> of(byte[] pdf) throws Exception {
        Path folder = Files.createTempDirectory("sheet");
        Path file = Files.write(folder.resolve("sheet.pdf"), pdf);
        Process poppler = new ProcessBuilder(
                        "pdftoppm",
                        "-r",
                        "" + DPI,
                        "-gray",
                        file.toString(),
                        folder.resolve("page").toString())
                .inheritIO()
                .start();
        assertEquals(poppler.waitFor(), 0, "pdftoppm (Debian package poppler-utils)");
        List<Raster> pages = new ArrayList<>();
        try (var files = Files.list(folder)) {
            for (Path page : files.filter(name -> name.toString().endsWith(".pgm"))
                    .sorted()
                    .toList()) {
                pages.add(new Raster(read(page)));
                Files.delete(page);
            }
        }
        Files.delete(file);
        Files.delete(folder);
        return pages;
    }

    /** A portable graymap as poppler writes it: P5, width, height and 255 on three lines, then a byte for each pixel; unpacked, so quick to read. */
    private static BufferedImage read(Path page) throws IOException {
        try (InputStream in = new BufferedInputStream(Files.newInputStream(page))) {
            assertEquals(line(in), "P5");
            String[] size = line(in).split(" ");
            assertEquals(line(in), "255");
            var image = new BufferedImage(
                    Integer.parseInt(size[0]), Integer.parseInt(size[1]), BufferedImage.TYPE_BYTE_GRAY);
            byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
            assertEquals(in.readNBytes(pixels, 0, pixels.length), pixels.length);
            return image;
        }
    }

    private static String line(InputStream in) throws IOException {
        StringBuilder line = new StringBuilder();
        for (int letter = in.read(); letter != '\n'; letter = in.read()) {
            line.append((char) letter);
        }
        return line.toString();
    }

    /** Where a level line near y crosses the column at x, mm from the top: the middle of the line. */
    public double level(double xMm, double yMm) {
        return nearest(yMm, y -> dark(xMm, y)).orElseThrow(() -> missing(xMm, yMm));
    }

    /** Where an upright line near x crosses the row at y, mm from the left. */
    public double upright(double xMm, double yMm) {
        return nearest(xMm, x -> dark(x, yMm)).orElseThrow(() -> missing(xMm, yMm));
    }

    private static AssertionError missing(double xMm, double yMm) {
        return new AssertionError("No line is printed near %.2f / %.2f mm".formatted(xMm, yMm));
    }

    private interface Probe {
        boolean dark(double mm);
    }

    /** The middle of the dark run nearest to a place. */
    private static OptionalDouble nearest(double placeMm, Probe probe) {
        double best = Double.MAX_VALUE;
        double from = Double.NaN;
        double found = 0;
        for (double mm = placeMm - SEARCH_MM; mm <= placeMm + SEARCH_MM; mm += MM_PER_PIXEL / 2) {
            boolean dark = probe.dark(mm);
            if (dark && Double.isNaN(from)) {
                from = mm;
            } else if (!dark && !Double.isNaN(from)) {
                double middle = (from + mm) / 2;
                if (Math.abs(middle - placeMm) < best) {
                    best = Math.abs(middle - placeMm);
                    found = middle;
                }
                from = Double.NaN;
            }
        }
        return best == Double.MAX_VALUE ? OptionalDouble.empty() : OptionalDouble.of(found);
    }

    /** Length of the longest unbroken level, or upright, line on the page, mm. */
    public double longestLine(boolean level) {
        int outer = level ? image.getHeight() : image.getWidth();
        int inner = level ? image.getWidth() : image.getHeight();
        int longest = 0;
        for (int a = 0; a < outer; a++) {
            int run = 0;
            for (int b = 0; b < inner; b++) {
                run = darkPixel(level ? b : a, level ? a : b) ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        return longest * MM_PER_PIXEL;
    }

    private boolean dark(double xMm, double yMm) {
        return darkPixel((int) Math.floor(xMm / MM_PER_PIXEL), (int) Math.floor(yMm / MM_PER_PIXEL));
    }

    private boolean darkPixel(int x, int y) {
        return x >= 0
                && y >= 0
                && x < image.getWidth()
                && y < image.getHeight()
                && image.getRaster().getSample(x, y, 0) < 150;
    }
}
