package itomichi.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What lies in the theatre's drawers: lists as the drawers themselves save and load them. Everything in them is made up. */
final class DemoDrawers {

    private DemoDrawers() {}

    /** A list for each drawer, by the drawer. */
    static Map<String, String> lists() {
        Map<String, String> lists = new LinkedHashMap<>();
        for (String drawer : List.of("PAPERS", "THREADS", "BOARDS", "COVERS", "NEEDLES")) {
            lists.put(drawer, list("/demo/" + drawer.toLowerCase(Locale.ROOT) + ".csv"));
        }
        return lists;
    }

    private static String list(String name) {
        try (InputStream file = DemoDrawers.class.getResourceAsStream(name)) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException("The demo list " + name + " could not be read", unreadable);
        }
    }
}
