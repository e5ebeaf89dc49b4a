package itomichi.server.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import itomichi.server.platform.ProblemException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads book files, and says of a wrong one where it is wrong and why. */
@Component
class BookFileReader {

    private static final String SCHEMA = "/schema/book-1.json";
    private static final int LARGEST = 1_000_000;

    private final JsonMapper json;

    BookFileReader(JsonMapper json) {
        this.json = json;
    }

    /** Made on first use: a start should not wait for what few starts need. */
    private static final class Loaded {
        static final String TEXT = text();
        static final Schema SCHEMA_READ = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(TEXT, InputFormat.JSON);

        private static String text() {
            try (InputStream schema = BookFileReader.class.getResourceAsStream(SCHEMA)) {
                return new String(schema.readAllBytes(), StandardCharsets.UTF_8);
            } catch (IOException e) {
                throw new UncheckedIOException("The schema " + SCHEMA + " could not be read", e);
            }
        }
    }

    /** The schema as text. */
    static String schema() {
        return Loaded.TEXT;
    }

    /**
     * Reads a book file.
     *
     * @throws ProblemException with the place and the reason, if it is not one
     */
    BookFile read(byte[] bytes) {
        if (bytes.length > LARGEST) {
            throw wrong("The file holds " + bytes.length + " bytes; a book file holds at most " + LARGEST + ".");
        }
        JsonNode tree = tree(bytes);
        checkVersion(tree);
        List<Error> errors = Loaded.SCHEMA_READ.validate(tree.toString(), InputFormat.JSON);
        if (!errors.isEmpty()) {
            Error first = errors.get(0);
            String place = first.getInstanceLocation().toString();
            throw wrong("At “" + (place.isEmpty() ? "/" : place) + "”: " + first.getMessage()
                    + (errors.size() > 1 ? " (and " + (errors.size() - 1) + " more)" : ""));
        }
        return json.treeToValue(tree, BookFile.class);
    }

    private JsonNode tree(byte[] bytes) {
        try {
            return json.readTree(bytes);
        } catch (JacksonException unreadable) {
            @Nullable TokenStreamLocation at = unreadable.getLocation();
            String place = at == null ? "" : "Line " + at.getLineNr() + ", column " + at.getColumnNr() + ": ";
            throw wrong(place + "this is not JSON; a book file is.");
        }
    }

    private static void checkVersion(JsonNode tree) {
        String format = tree.path("format").asString("");
        if (!tree.isObject() || !format.equals(BookFile.FORMAT)) {
            throw wrong("At “/format”: read “" + (format.length() > 40 ? format.substring(0, 40) + "…" : format)
                    + "”; “" + BookFile.FORMAT + "” is wanted.");
        }
        JsonNode version = tree.path("version");
        if (version.isInt() && version.asInt() > BookFile.VERSION) {
            throw wrong("At “/version”: the file is of version " + version.asInt()
                    + "; this application reads up to version " + BookFile.VERSION + ".");
        }
    }

    private static ProblemException wrong(String message) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, message);
    }
}
