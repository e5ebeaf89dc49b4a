package itomichi.documents.imposing;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import itomichi.documents.pdf.PdfWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * Does once with a file of its own what will be done with another: classes are loaded and compiled before anybody waits for them. Without
 * that a short text takes ten times as long to begin with as to be laid out.
 */
final class WarmUp {

    private static final int PAGES = 16;

    private WarmUp() {}

    /** So many times over; none leaves it as it is. */
    static void run(int rounds) {
        if (rounds == 0) {
            return;
        }
        try {
            Path source = Files.createTempFile("warm", ".pdf");
            Path to = Files.createTempFile("warm", ".pdf");
            Files.write(source, PdfWriter.write(drawing()));
            for (int i = 0; i < rounds; i++) {
                Composer.write(source, layout(), source, to, pages -> {});
            }
            try (OpenedText text = OpenedText.open(to, "")) {
                new PDFRenderer(text.document()).renderImage(0, 0.2f);
            }
            Files.delete(source);
            Files.delete(to);
        } catch (TextFault | IOException | RuntimeException cold) {
            System.getLogger(WarmUp.class.getName()).log(System.Logger.Level.WARNING, "Not made ready", cold);
        }
    }

    private static Drawing drawing() {
        List<Drawing.Page> pages = new ArrayList<>();
        for (int i = 0; i < PAGES; i++) {
            pages.add(new Drawing.Page(148, 210, List.of(new Shape.Words(20, 20, "page " + i, 5, false, false))));
        }
        return new Drawing("ready", pages);
    }

    private static Layout layout() {
        List<Layout.Page> pages = new ArrayList<>();
        for (int i = 0; i < PAGES; i++) {
            pages.add(new Layout.Page(
                    297, 210, false, List.of(new Layout.Place(i, 0, 0, 1, new Layout.Shown(0, 0, 148, 210)))));
        }
        return new Layout(pages);
    }
}
