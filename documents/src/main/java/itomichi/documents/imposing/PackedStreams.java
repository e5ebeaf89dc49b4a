package itomichi.documents.imposing;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;

/** Streams that are made within a file, and forms of them. */
final class PackedStreams {

    private PackedStreams() {}

    /** A stream once more, packed as it is. */
    static COSStream copied(PDDocument document, COSStream stream) throws IOException {
        COSStream copy = document.getDocument().createCOSStream();
        for (COSName key : List.of(COSName.FILTER, COSName.DECODE_PARMS)) {
            if (stream.containsKey(key)) {
                copy.setItem(key, stream.getItem(key));
            }
        }
        try (InputStream in = stream.createRawInputStream();
                OutputStream out = copy.createRawOutputStream()) {
            in.transferTo(out);
        }
        return copy;
    }

    /** A form of a stream that is what it draws. */
    static PDFormXObject form(COSStream content, PDRectangle box) {
        content.setItem(COSName.TYPE, COSName.XOBJECT);
        content.setItem(COSName.SUBTYPE, COSName.FORM);
        PDFormXObject form = new PDFormXObject(content);
        form.setFormType(1);
        form.setBBox(box);
        return form;
    }

    /** A stream of some lines: so short that packing it would take longer than it saves. */
    static COSStream ofLines(PDDocument document, String lines) throws IOException {
        COSStream stream = document.getDocument().createCOSStream();
        try (OutputStream out = stream.createOutputStream()) {
            out.write(PdfNumbers.ascii(lines));
        }
        return stream;
    }
}
