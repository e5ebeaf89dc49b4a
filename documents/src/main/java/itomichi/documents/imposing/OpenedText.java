package itomichi.documents.imposing;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.MemoryUsageSetting;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** A PDF file that was opened, with its pages. What it unpacks is laid on the disk, not in memory. */
final class OpenedText implements AutoCloseable {

    /** More is no book that is sewn by hand. */
    static final int MOST_PAGES = 4_000;

    /** What may be unpacked at a time; it lies on the disk. */
    private static final long MOST_UNPACKED = 400_000_000;
    /** What is made of a text of hundreds of pages; only what swells goes to a file. */
    private static final long MOST_IN_MEMORY = 16_000_000;

    /** How far into a file its mark is looked for, as its readers usually do. */
    private static final int MARK_WITHIN = 1024;

    private final PDDocument document;
    private final List<PDPage> pages;

    private OpenedText(PDDocument document, List<PDPage> pages) {
        this.document = document;
        this.pages = pages;
    }

    /**
     * Opens a file.
     *
     * @param password that it is locked with; empty where none is known
     * @throws TextFault in one line, if it cannot be printed
     */
    @SuppressWarnings("MustBeClosedChecker") // whoever opens it closes it
    static OpenedText open(Path file, String password) throws TextFault, IOException {
        checkMark(file);
        PDDocument document = load(file, password);
        try {
            if (!document.getCurrentAccessPermission().canPrint()) {
                throw new TextFault.Locked(
                        "Whoever made this file does not let it be printed; the password of its owner is wanted.");
            }
            List<PDPage> pages = new ArrayList<>();
            for (PDPage page : document.getPages()) {
                if (pages.size() == MOST_PAGES) {
                    throw new TextFault("The file has more than %,d pages; no more are printed.".formatted(MOST_PAGES));
                }
                pages.add(page);
            }
            if (pages.isEmpty()) {
                throw new TextFault("There is no page in this file.");
            }
            return new OpenedText(document, pages);
        } catch (TextFault | RuntimeException | StackOverflowError fault) {
            document.close();
            throw fault;
        }
    }

    private static PDDocument load(Path file, String password) throws TextFault, IOException {
        try {
            return Loader.loadPDF(
                    file.toFile(),
                    password,
                    null,
                    null,
                    MemoryUsageSetting.setupMixed(MOST_IN_MEMORY, MOST_UNPACKED).streamCache);
        } catch (InvalidPasswordException locked) {
            throw new TextFault.Locked(
                    password.isEmpty()
                            ? "The file is locked; its password is wanted."
                            : "That password does not open the file; type it once more.");
        }
    }

    private static void checkMark(Path file) throws TextFault, IOException {
        byte[] begin;
        try (var in = Files.newInputStream(file)) {
            begin = in.readNBytes(MARK_WITHIN);
        }
        if (begin.length == 0) {
            throw new TextFault("The file is empty.");
        }
        if (!new String(begin, java.nio.charset.StandardCharsets.ISO_8859_1).contains("%PDF-")) {
            throw new TextFault("This is no PDF file.");
        }
    }

    PDDocument document() {
        return document;
    }

    List<PDPage> pages() {
        return pages;
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
