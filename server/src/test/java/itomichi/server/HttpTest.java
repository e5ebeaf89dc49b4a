package itomichi.server;

import itomichi.measure.Unit;
import itomichi.server.book.BookService;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StartingBook;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.testng.annotations.BeforeMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The real server on a port of its own, over the real database, with an empty bench before each test. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"itomichi.demo=false", "itomichi.warm=0", "spring.jmx.enabled=false"})
public abstract class HttpTest extends AbstractTestNGSpringContextTests {

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    @LocalServerPort
    private int port;

    @Autowired
    private JsonMapper json;

    @Autowired
    private BookService books;

    @BeforeMethod
    void emptyTheBench() {
        books.clear();
    }

    /** An answer: its status and its body as a tree. */
    protected record Answer(int status, JsonNode body, HttpResponse<byte[]> raw) {
        public String message() {
            return body.path("message").asString("");
        }
    }

    protected Answer get(String path) {
        return send("GET", path, null, Map.of());
    }

    protected Answer post(String path, Object body) {
        return send("POST", path, body, Map.of());
    }

    protected Answer put(String path, Object body) {
        return send("PUT", path, body, Map.of());
    }

    protected Answer delete(String path) {
        return send("DELETE", path, null, Map.of());
    }

    protected Answer send(String method, String path, Object body, Map<String, String> headers) {
        String text = body == null ? "" : body instanceof String ready ? ready : json.writeValueAsString(body);
        return sent(method, path, BodyPublishers.ofString(text), headers);
    }

    /** Brings a file as it is. */
    protected Answer post(String path, byte[] file) {
        return sent("POST", path, BodyPublishers.ofByteArray(file), Map.of("Content-Type", "application/octet-stream"));
    }

    /** Lays a part of a file in its place. */
    protected Answer put(String path, byte[] part) {
        return sent("PUT", path, BodyPublishers.ofByteArray(part), Map.of("Content-Type", "application/octet-stream"));
    }

    private Answer sent(String method, String path, BodyPublisher body, Map<String, String> headers) {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .header("Content-Type", "application/json");
            headers.forEach(request::setHeader);
            HttpResponse<byte[]> response =
                    CLIENT.send(request.method(method, body).build(), BodyHandlers.ofByteArray());
            boolean tree =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(
                    response.statusCode(), tree ? json.readTree(response.body()) : json.createObjectNode(), response);
        } catch (java.io.IOException | InterruptedException e) {
            throw new AssertionError(method + " " + path, e);
        }
    }

    /** A new book under this name, as a tree that tests may bend. */
    protected ObjectNode document(String name) {
        BookDocument start = StartingBook.in(Unit.MM);
        ObjectNode tree = json.valueToTree(start);
        tree.put("name", name);
        return tree;
    }

    /** Keeps a new book and answers what the server says of it. */
    protected JsonNode begin(String name) {
        return post("/api/books", document(name)).body();
    }

    /** Sends a change of one top-level number of a book. */
    protected Answer change(JsonNode book, String what, JsonNode document) {
        return put(
                "/api/books/" + book.get("id").asString(),
                Map.of("version", book.get("version").asLong(), "change", what, "document", document));
    }

    /** The book's document with this many pages. */
    protected static ObjectNode pages(JsonNode book, int pages) {
        ObjectNode document = ((ObjectNode) book.get("document")).deepCopy();
        return extent(document, pages);
    }

    /** The document with this many pages wanted. */
    protected static ObjectNode extent(ObjectNode document, int pages) {
        ((ObjectNode) document.get("extent")).put("by", "PAGES").put("number", pages);
        return document;
    }

    protected static List<String> texts(JsonNode array, String field) {
        return array.valueStream().map(node -> node.get(field).asString()).toList();
    }

    /** A book as it stands on the bench. */
    protected JsonNode card(JsonNode book) {
        return get("/api/books")
                .body()
                .get("books")
                .valueStream()
                .filter(card -> card.get("id").asString().equals(BooksTest.id(book)))
                .findFirst()
                .orElseThrow();
    }
}
