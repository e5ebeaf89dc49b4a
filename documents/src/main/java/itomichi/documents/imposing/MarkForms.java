package itomichi.documents.imposing;

import java.io.IOException;
import java.util.Iterator;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.multipdf.PDFCloneUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;

/**
 * Makes forms of the pages of a file of marks of our own in another file: each page's lines are brought over packed as they are, and what
 * several pages draw with once.
 */
final class MarkForms {

    private final PDDocument document;
    /** A page that is asked for by its number is looked for from the first on. */
    private final Iterator<PDPage> pages;

    private final PDFCloneUtility brought;

    /** @param document the file in which the forms are made */
    MarkForms(PDDocument document, PDDocument marks) {
        this.document = document;
        this.pages = marks.getPages().iterator();
        this.brought = new PDFCloneUtility(document) {};
    }

    /** The form of the next page. */
    PDFormXObject next() throws IOException {
        PDPage page = pages.next();
        COSStream content = page.getCOSObject().getDictionaryObject(COSName.CONTENTS) instanceof COSStream lines
                ? PackedStreams.copied(document, lines)
                : PackedStreams.ofLines(document, "");
        PDFormXObject form = PackedStreams.form(content, page.getCropBox());
        PDResources resources = page.getResources();
        COSDictionary with = resources == null ? new COSDictionary() : resources.getCOSObject();
        form.setResources(new PDResources(brought.cloneForNewDocument(with)));
        return form;
    }
}
