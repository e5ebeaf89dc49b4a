package itomichi.documents.imposing;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationSquare;

/** PDF files for tests. */
final class Sources {

    static final PDRectangle A6 = PDRectangle.A6;

    private Sources() {}

    /** Fills a document. */
    interface Filling {
        void fill(PDDocument document) throws IOException;
    }

    static Path file(Filling filling) throws IOException {
        try (PDDocument document = new PDDocument()) {
            filling.fill(document);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return of(bytes.toByteArray());
        }
    }

    static Path of(byte[] bytes) throws IOException {
        Path file = Files.createTempFile("source", ".pdf");
        file.toFile().deleteOnExit();
        return Files.write(file, bytes);
    }

    /** A page that says which it is, {@code p7}, away from its middle. */
    static PDPage labelled(PDDocument document, int number, PDRectangle size) throws IOException {
        PDPage page = new PDPage(size);
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            content.beginText();
            content.setFont(new PDType1Font(FontName.HELVETICA), 14);
            content.newLineAtOffset(size.getLowerLeftX() + 60, size.getLowerLeftY() + 300);
            content.showText("p" + number);
            content.endText();
        }
        return page;
    }

    static Path labelled(int pages) throws IOException {
        return file(document -> {
            for (int i = 1; i <= pages; i++) {
                labelled(document, i, A6);
            }
        });
    }

    static Path locked(String owner, String user, boolean mayPrint) throws IOException {
        return file(document -> {
            labelled(document, 1, A6);
            AccessPermission permission = new AccessPermission();
            permission.setCanPrint(mayPrint);
            permission.setCanPrintFaithful(mayPrint);
            StandardProtectionPolicy policy = new StandardProtectionPolicy(owner, user, permission);
            policy.setEncryptionKeyLength(256);
            document.protect(policy);
        });
    }

    /** See-through colours that are mixed, one layer that is shown and one that is not, a square laid over the page. */
    static Path withEverything() throws IOException {
        return file(document -> {
            PDPage page = labelled(document, 1, A6);
            PDOptionalContentProperties layers = new PDOptionalContentProperties();
            PDOptionalContentGroup shown = new PDOptionalContentGroup("shown");
            PDOptionalContentGroup hidden = new PDOptionalContentGroup("hidden");
            layers.addGroup(shown);
            layers.addGroup(hidden);
            layers.setGroupEnabled(hidden, false);
            document.getDocumentCatalog().setOCProperties(layers);
            PDExtendedGraphicsState mixed = new PDExtendedGraphicsState();
            mixed.setNonStrokingAlphaConstant(0.5f);
            mixed.setBlendMode(BlendMode.MULTIPLY);
            try (PDPageContentStream content =
                    new PDPageContentStream(document, page, PDPageContentStream.AppendMode.APPEND, true)) {
                block(content, Color.ORANGE, 40, 40);
                content.setGraphicsStateParameters(mixed);
                block(content, Color.BLUE, 90, 90);
                content.beginMarkedContent(COSName.OC, shown);
                block(content, Color.GREEN, 180, 60);
                content.endMarkedContent();
                content.beginMarkedContent(COSName.OC, hidden);
                block(content, Color.RED, 180, 250);
                content.endMarkedContent();
            }
            PDAnnotationSquare square = new PDAnnotationSquare();
            square.setRectangle(new PDRectangle(30, 340, 80, 50));
            square.setColor(new org.apache.pdfbox.pdmodel.graphics.color.PDColor(
                    new float[] {0, 0, 0}, org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB.INSTANCE));
            square.constructAppearances(document);
            page.getAnnotations().add(square);
            page.setAnnotations(java.util.List.of(square));
        });
    }

    private static void block(PDPageContentStream content, Color color, float x, float y) throws IOException {
        content.setNonStrokingColor(color);
        content.addRect(x, y, 100, 100);
        content.fill();
    }
}
