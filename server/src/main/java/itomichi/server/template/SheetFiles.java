package itomichi.server.template;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.svg.SvgWriter;
import itomichi.server.book.StoredBook;
import itomichi.server.platform.ProblemException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Sheets as files for the browser. */
final class SheetFiles {

    private SheetFiles() {}

    static ResponseEntity<byte[]> pdf(StoredBook book, String what, Drawing drawing) {
        return file(book, what + ".pdf", MediaType.APPLICATION_PDF, PdfWriter.write(drawing), false);
    }

    static ResponseEntity<byte[]> svg(StoredBook book, String what, Drawing drawing, int page, boolean save) {
        if (page < 1 || page > drawing.pages().size()) {
            throw new ProblemException(
                    HttpStatus.NOT_FOUND,
                    "Read page " + page + "; the sheet has pages from 1 to "
                            + drawing.pages().size() + ".");
        }
        return file(
                book,
                what + ".svg",
                MediaType.valueOf("image/svg+xml"),
                SvgWriter.write(drawing, page).getBytes(StandardCharsets.UTF_8),
                save);
    }

    private static ResponseEntity<byte[]> file(
            StoredBook book, String ending, MediaType type, byte[] bytes, boolean save) {
        String name = book.document().name() + " - " + ending;
        ContentDisposition disposition = (save ? ContentDisposition.attachment() : ContentDisposition.inline())
                .filename(name, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-cache")
                .body(bytes);
    }
}
