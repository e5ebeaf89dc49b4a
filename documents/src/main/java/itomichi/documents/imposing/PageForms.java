package itomichi.documents.imposing;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import org.apache.pdfbox.util.Matrix;

/**
 * Makes of each page of a file a form that can be drawn anywhere in the same file. Where a page's content is one stream it becomes the form
 * as it is, packed as it is: nothing is unpacked, so that a book of scans costs no more than to copy it.
 */
final class PageForms {

    private final PDDocument document;
    private final Map<Integer, PDFormXObject> made = new HashMap<>();
    /** Streams that are a form already: one that is the content of two pages is copied for the second. */
    private final Set<COSStream> taken = Collections.newSetFromMap(new IdentityHashMap<>());

    PageForms(PDDocument document) {
        this.document = document;
    }

    /** The form of a page, from 0. */
    PDFormXObject of(int number, PDPage page) throws IOException {
        PDFormXObject form = made.get(number);
        if (form == null) {
            form = withAnnotations(page, form(page));
            made.put(number, form);
        }
        return form;
    }

    private PDFormXObject form(PDPage page) throws IOException {
        COSStream content = content(page);
        content.removeItem(COSName.getPDFName("Metadata"));
        PDFormXObject form = PackedStreams.form(content, page.getCropBox());
        PDResources resources = page.getResources();
        form.setResources(resources == null ? new PDResources() : resources);
        // what is see-through is mixed within its page, as it was
        COSBase group = page.getCOSObject().getDictionaryObject(COSName.GROUP);
        if (group instanceof COSDictionary) {
            content.setItem(COSName.GROUP, group);
        }
        return form;
    }

    private COSStream content(PDPage page) throws IOException {
        COSBase contents = page.getCOSObject().getDictionaryObject(COSName.CONTENTS);
        if (contents instanceof COSArray array && array.size() == 1) {
            contents = array.getObject(0);
        }
        if (contents instanceof COSStream stream) {
            return taken.add(stream) ? stream : PackedStreams.copied(document, stream);
        }
        return joined(page);
    }

    /** A content in parts may be broken anywhere, within a word too: it is unpacked and joined. */
    private COSStream joined(PDPage page) throws IOException {
        COSStream joined = document.getDocument().createCOSStream();
        try (InputStream in = page.getContents();
                OutputStream out = joined.createOutputStream(COSName.FLATE_DECODE)) {
            in.transferTo(out);
        }
        return joined;
    }

    /** What lies on a page is seen with it, but does nothing any more. */
    private PDFormXObject withAnnotations(PDPage page, PDFormXObject plain) throws IOException {
        StringBuilder drawn = new StringBuilder();
        PDResources resources = new PDResources();
        for (PDAnnotation annotation : page.getAnnotations()) {
            PDAppearanceStream appearance = annotation.getNormalAppearanceStream();
            PDRectangle rectangle = annotation.getRectangle();
            if (annotation.isHidden() || annotation.isNoView() || appearance == null || rectangle == null) {
                continue;
            }
            Matrix onto = onto(appearance, rectangle);
            if (onto != null) {
                COSName name = resources.add(appearance, "A");
                drawn.append("q ")
                        .append(PdfNumbers.matrix(onto))
                        .append(" cm /")
                        .append(name.getName())
                        .append(" Do Q\n");
            }
        }
        if (drawn.isEmpty()) {
            return plain;
        }
        COSName name = resources.add(plain, "P");
        PDFormXObject both = new PDFormXObject(document);
        both.setBBox(page.getCropBox());
        both.setResources(resources);
        try (OutputStream out = both.getStream().createOutputStream(COSName.FLATE_DECODE)) {
            out.write(PdfNumbers.ascii("q /" + name.getName() + " Do Q\n" + drawn));
        }
        return both;
    }

    /** What brings an appearance into its rectangle (ISO 32000-1, 12.5.5); null where it has no width or height. */
    private static @org.jspecify.annotations.Nullable Matrix onto(
            PDAppearanceStream appearance, PDRectangle rectangle) {
        PDRectangle box = appearance.getBBox();
        if (box == null) {
            return null;
        }
        var seen = box.transform(appearance.getMatrix()).getBounds2D();
        if (seen.getWidth() <= 0 || seen.getHeight() <= 0) {
            return null;
        }
        float across = (float) (rectangle.getWidth() / seen.getWidth());
        float down = (float) (rectangle.getHeight() / seen.getHeight());
        return new Matrix(across, 0, 0, down, (float) (rectangle.getLowerLeftX() - seen.getX() * across), (float)
                (rectangle.getLowerLeftY() - seen.getY() * down));
    }
}
