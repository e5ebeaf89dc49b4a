package itomichi.server.template;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.svg.SvgWriter;
import itomichi.server.platform.ProblemException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Sheets as files for the browser. */
public final class SheetFiles {

    private SheetFiles() {}

    public static ResponseEntity<byte[]> pdf(String book, String what, Drawing drawing) {
        return file(book, what + ".pdf", MediaType.APPLICATION_PDF, PdfWriter.write(drawing), false);
    }

    public static ResponseEntity<byte[]> svg(String book, String what, Drawing drawing, int page, boolean save) {
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

    static ResponseEntity<byte[]> dxf(String book, String what, String drawing) {
        return file(
                book,
                what + ".dxf",
                MediaType.valueOf("image/vnd.dxf"),
                drawing.getBytes(StandardCharsets.US_ASCII),
                true);
    }

    public static ResponseEntity<byte[]> csv(String book, String what, byte[] text) {
        return file(book, what + ".csv", MediaType.valueOf("text/csv;charset=UTF-8"), text, true);
    }

    private static ResponseEntity<byte[]> file(String book, String ending, MediaType type, byte[] bytes, boolean save) {
        String name = book + " - " + ending;
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
