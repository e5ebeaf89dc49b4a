package itomichi.server.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import itomichi.server.document.BookFile;
import itomichi.server.platform.ProblemException;
import itomichi.server.platform.ReadFaults;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads book files, and says of a wrong one where it is wrong and why. */
@Component
class BookFileReader {

    private static final int LARGEST = 1_000_000;

    private final JsonMapper json;

    BookFileReader(JsonMapper json) {
        this.json = json;
    }

    /** Made on first use: a start should not wait for what few starts need. */
    private static final class Loaded {
        static final List<String> TEXTS = IntStream.rangeClosed(1, BookFile.VERSION)
                .mapToObj(Loaded::text)
                .toList();
        static final List<Schema> SCHEMAS = TEXTS.stream()
                .map(text -> SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(text, InputFormat.JSON))
                .toList();

        private static String text(int version) {
            String name = "/schema/book-" + version + ".json";
            try (InputStream schema = BookFileReader.class.getResourceAsStream(name)) {
                return new String(schema.readAllBytes(), StandardCharsets.UTF_8);
            } catch (IOException e) {
                throw new UncheckedIOException("The schema " + name + " could not be read", e);
            }
        }
    }

    /** The schema of a version as text; nothing where there is no such version. */
    static Optional<String> schema(int version) {
        return version >= 1 && version <= BookFile.VERSION
                ? Optional.of(Loaded.TEXTS.get(version - 1))
                : Optional.empty();
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
        try {
            return read(tree);
        } catch (JacksonException fault) {
            throw wrong(ReadFaults.line(fault));
        }
    }

    private BookFile read(JsonNode tree) {
        int version = version(tree);
        List<Error> errors = Loaded.SCHEMAS.get(version - 1).validate(tree.toString(), InputFormat.JSON);
        if (!errors.isEmpty()) {
            Error first = errors.get(0);
            String place = first.getInstanceLocation().toString();
            throw wrong("At “" + (place.isEmpty() ? "/" : place) + "”: " + first.getMessage()
                    + (errors.size() > 1 ? " (and " + (errors.size() - 1) + " more)" : ""));
        }
        EarlierBookFile.raise((ObjectNode) tree, version, json);
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

    /** The version the file says it is of; the newest where it says none that can be read, whose schema then says what is wrong. */
    private static int version(JsonNode tree) {
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
        return version.isInt() && version.asInt() >= 1 ? version.asInt() : BookFile.VERSION;
    }

    private static ProblemException wrong(String message) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, message);
    }
}
