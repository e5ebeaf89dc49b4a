package itomichi.server;

import static itomichi.server.BooksTest.id;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.server.drawer.DrawerService;
import itomichi.server.kept.KeptTemplates;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One name, several at once, on every way to a name: each is kept, numbered or refused in a line, and no two have the same. */
public class NameRaceTest extends HttpTest {

    private static final int AT_ONCE = 6;
    private static final String PATTERN =
            "pattern Round\nfold 200\nhole 40\nhole 100\nhole 160\noutside 1-2 2-3\ninside 1-2 2-3\n";
    private static final String LIST = """
            Name,Weight (g/m2),Kind,Sheet width (mm),Sheet height (mm),Grain,Sheets left
            Grey wove,90,book wove,420,594,along its height,60
            """;

    private final ExecutorService windows = Executors.newFixedThreadPool(AT_ONCE);

    @Autowired
    private DrawerService drawers;

    @Autowired
    private KeptTemplates templates;

    @BeforeMethod
    void emptyWhatHasNames() {
        drawers.fill(Map.of());
        templates.clear();
        JsonNode patterns = get("/api/patterns").body();
        patterns.forEach(one -> delete("/api/patterns/" + id(one)));
        for (JsonNode printer : get("/api/printers").body()) {
            delete("/api/printers/" + id(printer));
        }
    }

    @AfterClass
    void closeTheWindows() {
        windows.shutdown();
    }

    /** What each window does, made ready beforehand, and where the names are to be seen. */
    private record Way(IntFunction<Answer> act, String seen, Function<JsonNode, JsonNode> list) {}

    @DataProvider
    Object[][] ways() {
        return new Object[][] {
            {"begun", (Ready) () -> books(i -> post("/api/books", document("Cues")))},
            {
                "copied",
                (Ready) () -> {
                    String copy = "/api/books/" + id(begin("Cues")) + "/copy";
                    return books(i -> post(copy, Map.of()));
                }
            },
            {
                "read from a file",
                (Ready) () -> {
                    String file = new String(
                            get("/api/books/" + id(begin("Cues")) + "/file")
                                    .raw()
                                    .body(),
                            java.nio.charset.StandardCharsets.UTF_8);
                    return books(i -> post("/api/book-file", file));
                }
            },
            {
                "renamed",
                (Ready) () -> {
                    List<JsonNode> own = begun();
                    return books(i ->
                            change(own.get(i), "name", ((ObjectNode) own.get(i).get("document")).put("name", "Cues")));
                }
            },
            {
                "restored",
                (Ready) () -> {
                    List<JsonNode> own = begun();
                    own.forEach(book -> delete("/api/books/" + id(book)));
                    return books(i -> post("/api/books/" + id(own.get(i % 2)) + "/restore", Map.of()));
                }
            },
            {
                "undone into",
                (Ready) () -> {
                    List<JsonNode> own = new ArrayList<>();
                    for (int i = 0; i < AT_ONCE; i++) {
                        JsonNode book = begin("Cues");
                        ObjectNode other = ((ObjectNode) book.get("document")).put("name", "Slips " + i);
                        own.add(change(book, "name", other).body());
                    }
                    return books(i -> post(
                            "/api/books/" + id(own.get(i)) + "/undo",
                            Map.of("version", own.get(i).get("version").asLong())));
                }
            },
            {
                "begun from a template",
                (Ready) () -> {
                    String template = id(keep(begin("Cues"), "Marks").body());
                    return books(i -> post("/api/templates/" + template + "/book", Map.of("unit", "MM")));
                }
            },
            {
                "kept as a template",
                (Ready) () -> {
                    JsonNode book = begin("Cues");
                    return new Way(i -> keep(book, "Marks"), "/api/templates", list -> list);
                }
            },
            {
                "a template renamed",
                (Ready) () -> {
                    JsonNode book = begin("Cues");
                    List<JsonNode> own = IntStream.range(0, AT_ONCE)
                            .mapToObj(i -> keep(book, "Marks " + i).body())
                            .toList();
                    return new Way(
                            i -> put(
                                    "/api/templates/" + id(own.get(i)),
                                    Map.of(
                                            "name",
                                            "Marks",
                                            "notes",
                                            "",
                                            "ink",
                                            "PLUM",
                                            "version",
                                            own.get(i).path("version").asLong())),
                            "/api/templates",
                            list -> list);
                }
            },
            {
                "a printer",
                (Ready) () ->
                        new Way(i -> post("/api/printers", Map.of("name", "Foyer")), "/api/printers", list -> list)
            },
            {
                "a pattern",
                (Ready) () -> {
                    JsonNode pattern =
                            post("/api/patterns/read", Map.of("text", PATTERN)).body();
                    return new Way(
                            i -> post("/api/patterns", Map.of("notes", "", "pattern", pattern, "version", 0)),
                            "/api/patterns",
                            list -> list);
                }
            },
            {
                "a paper",
                (Ready) () -> papers(i -> post(
                        "/api/drawers/PAPERS/things",
                        Map.of(
                                "unit",
                                "MM",
                                "cells",
                                Map.of("name", "Grey wove", "grammageGsm", "90 gsm", "bulk", "BOOK_WOVE"))))
            },
            {
                "a list",
                (Ready) () ->
                        papers(i -> send("POST", "/api/drawers/PAPERS/list", LIST, Map.of("Content-Type", "text/csv")))
            },
        };
    }

    private interface Ready {
        Way way();
    }

    @Test(dataProvider = "ways")
    public void noTwoGetOneNameAndNothingFails(String what, Ready ready) {
        Way way = ready.way();
        List<Answer> answers = IntStream.range(0, AT_ONCE)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> asked(way.act(), i), windows))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();
        for (Answer answer : answers) {
            assertTrue(answer.status() < 500, what + ": " + answer.status() + " " + answer.message());
        }
        assertTrue(answers.stream().anyMatch(answer -> answer.status() < 300), what + ": none was first");
        List<String> names = texts(way.list().apply(get(way.seen()).body()), "name").stream()
                .map(String::toLowerCase)
                .toList();
        assertEquals(new TreeSet<>(names).size(), names.size(), what + ": " + names);
    }

    /** As the pages do, who are told to come again comes again. */
    private static Answer asked(IntFunction<Answer> act, int window) {
        Answer answer = act.apply(window);
        while (answer.status() == 503) {
            answer = act.apply(window);
        }
        return answer;
    }

    private Way books(IntFunction<Answer> act) {
        return new Way(act, "/api/books", bench -> bench.get("books"));
    }

    private Way papers(IntFunction<Answer> act) {
        return new Way(act, "/api/drawers/PAPERS", drawer -> drawer.get("things"));
    }

    private List<JsonNode> begun() {
        return IntStream.range(0, AT_ONCE).mapToObj(i -> begin("Book " + i)).toList();
    }

    private Answer keep(JsonNode book, String name) {
        return post("/api/books/" + id(book) + "/templates", Map.of("name", name, "notes", "", "ink", "MADDER"));
    }
}
