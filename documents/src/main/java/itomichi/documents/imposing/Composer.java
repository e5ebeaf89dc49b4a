package itomichi.documents.imposing;

import itomichi.documents.imposing.Layout.Place;
import itomichi.documents.imposing.Layout.Shown;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;

/** Lays the pages of a file on sheets, within the file itself: what is packed in it is carried over as it is. */
final class Composer {

    /** What a file says of itself as a whole that shows on its pages: its layers, and what its colours are meant for. */
    private static final List<String> SEEN_WITH_PAGES = List.of("Type", "Version", "OCProperties", "OutputIntents");

    private final OpenedText text;
    private final PDDocument document;
    private final PageForms forms;

    private Composer(OpenedText text) {
        this.text = text;
        this.document = text.document();
        this.forms = new PageForms(document);
    }

    /** Told how many of how many pages are done. */
    interface Progress {
        void done(int pages);
    }

    /**
     * Writes a file.
     *
     * @param source the file whose pages are laid out
     * @param marks a file with a page of marks for each page of the layout
     */
    static void write(Path source, Layout layout, Path marks, Path to, Progress progress)
            throws TextFault, IOException {
        try (OpenedText text = OpenedText.open(source, "");
                PDDocument over = Loader.loadPDF(marks.toFile())) {
            new Composer(text).compose(layout, over, progress);
            text.document().save(to.toFile(), CompressParameters.NO_COMPRESSION);
        }
    }

    private void compose(Layout layout, PDDocument marks, Progress progress) throws TextFault, IOException {
        MarkForms over = new MarkForms(document, marks);
        COSDictionary pages = new COSDictionary();
        COSArray kids = new COSArray();
        List<COSBase> seen = new ArrayList<>();
        for (int i = 0; i < layout.pages().size(); i++) {
            COSDictionary page = page(layout.pages().get(i), over.next());
            page.setItem(COSName.PARENT, pages);
            kids.add(page);
            seen.add(page.getDictionaryObject(COSName.RESOURCES));
            progress.done(i + 1);
        }
        COSDictionary catalog = document.getDocumentCatalog().getCOSObject();
        List.copyOf(catalog.keySet()).stream()
                .filter(key -> !SEEN_WITH_PAGES.contains(key.getName()))
                .forEach(catalog::removeItem);
        seen.add(catalog);
        Scrubbed.from(seen);
        pages.setItem(COSName.TYPE, COSName.PAGES);
        pages.setItem(COSName.KIDS, kids);
        pages.setItem(COSName.COUNT, COSInteger.get(kids.size()));
        catalog.setItem(COSName.PAGES, pages);
        PDDocumentInformation information = new PDDocumentInformation();
        information.setCreator("Itomichi");
        document.setDocumentInformation(information);
    }

    private COSDictionary page(Layout.Page laid, PDFormXObject over) throws TextFault, IOException {
        double height = laid.heightMm() * SeenPage.POINTS;
        double width = laid.widthMm() * SeenPage.POINTS;
        StringBuilder content = new StringBuilder();
        PDResources resources = new PDResources();
        if (laid.upsideDown()) {
            content.append("-1 0 0 -1 ")
                    .append(PdfNumbers.number(width))
                    .append(' ')
                    .append(PdfNumbers.number(height))
                    .append(" cm\n");
        }
        for (Place place : laid.places()) {
            PDPage page = text.pages().get(place.page());
            COSName name = resources.add(forms.of(place.page(), page), "P");
            content.append("q ")
                    .append(clip(place.shown(), height))
                    .append(PdfNumbers.matrix(onto(place, SeenPage.of(page, place.page() + 1), height)))
                    .append(" cm /")
                    .append(name.getName())
                    .append(" Do Q\n");
        }
        content.append("q /").append(resources.add(over, "M").getName()).append(" Do Q\n");
        PDPage page = new PDPage(new PDRectangle((float) width, (float) height));
        page.setResources(resources);
        page.getCOSObject().setItem(COSName.CONTENTS, PackedStreams.ofLines(document, content.toString()));
        return page.getCOSObject();
    }

    private static String clip(Shown shown, double height) {
        return PdfNumbers.number(shown.xMm() * SeenPage.POINTS) + " "
                + PdfNumbers.number(height - (shown.yMm() + shown.heightMm()) * SeenPage.POINTS) + " "
                + PdfNumbers.number(shown.widthMm() * SeenPage.POINTS) + " "
                + PdfNumbers.number(shown.heightMm() * SeenPage.POINTS) + " re W n\n";
    }

    private static Matrix onto(Place place, SeenPage seen, double height) throws IOException {
        float scale = (float) (place.scale() * seen.unit());
        float x = (float) (place.xMm() * SeenPage.POINTS);
        float y = (float) (height - (place.yMm() + seen.heightMm() * place.scale()) * SeenPage.POINTS);
        Matrix onto = seen.upright();
        return Matrix.concatenate(new Matrix(scale, 0, 0, scale, x, y), onto);
    }
}
