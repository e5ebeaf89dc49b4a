package itomichi.server.imposing;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.pdf.PdfWriter;
import itomichi.server.imposing.TextStore.KeptText;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Texts that the application makes by itself; nobody has to look into them first. */
@Service
public class Texts {

    private final TextStore store;
    private final JsonMapper json;

    Texts(TextStore store, JsonMapper json) {
        this.store = store;
        this.json = json;
    }

    /** Gives a book a text. */
    public void keep(UUID book, String name, Drawing text) {
        byte[] file = PdfWriter.write(text);
        KeptText kept = new KeptText(UUID.randomUUID(), book, name, file.length, Optional.empty());
        store.begin(kept);
        try {
            store.parts(kept, new ByteArrayInputStream(file));
        } catch (IOException impossible) {
            throw new UncheckedIOException("Bytes in memory can be read", impossible);
        }
        double[][] sizes = text.pages().stream()
                .map(page -> new double[] {page.widthMm(), page.heightMm()})
                .toArray(double[][]::new);
        store.settle(kept, json.writeValueAsString(sizes));
    }
}
