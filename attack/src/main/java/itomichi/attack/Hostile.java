package itomichi.attack;

import itomichi.attack.Operations.Operation;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Bodies that fit, but for one or a few parts; addresses that are not meant; bytes that are no text. */
final class Hostile {

    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;
    private static final int AT_ONCE = 6;

    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "-",
            "<script>alert(1)</script>",
            "'; drop table book;--",
            "%s%n{}",
            "\u0000",
            "a\u0000b",
            "\ud800",
            "\uFFFE",
            "\u202e upside",
            "=1+1",
            "x".repeat(300),
            "9".repeat(20_000),
            "1/0",
            "1e999",
            "8 1/0 in",
            "../../../etc/passwd",
            "🧵".repeat(100));

    private static final List<Function<Random, JsonNode>> VALUES = List.of(
            random -> MAKE.nullNode(),
            random -> MAKE.numberNode(random.nextInt(5) - 2),
            random -> MAKE.numberNode(random.nextInt()),
            random -> MAKE.numberNode(Long.MAX_VALUE),
            random -> MAKE.numberNode(Double.MAX_VALUE),
            random -> MAKE.numberNode(-1e-300),
            random -> MAKE.numberNode(random.nextDouble() * 1000),
            random -> MAKE.numberNode(random.nextInt(500)),
            random -> MAKE.numberNode(new java.math.BigDecimal("1e400")),
            random -> MAKE.booleanNode(random.nextBoolean()),
            random -> MAKE.stringNode(TEXTS.get(random.nextInt(TEXTS.size()))),
            random -> MAKE.objectNode(),
            random -> MAKE.arrayNode(),
            random -> many(random.nextInt(3000), MAKE.numberNode(random.nextInt(400))),
            random -> many(random.nextInt(300), MAKE.objectNode()),
            random -> deep(random.nextInt(120)));

    private final Target target;
    private final List<Operation> operations;
    private final List<String> ids;
    private final long seed;

    /**
     * @param ids of things that are there
     * @param seed each request follows from it and from its number
     */
    Hostile(Target target, List<Operation> operations, List<String> ids, long seed) {
        this.target = target;
        this.operations = operations;
        this.ids = ids;
        this.seed = seed;
    }

    /** Sends those of these numbers, some at once. */
    void send(int from, int to) throws InterruptedException {
        ExecutorService clients = Executors.newFixedThreadPool(AT_ONCE);
        for (int i = from; i < to; i++) {
            Random random = new Random(seed * 1_000_003 + i);
            Operation operation = operations.get(i % operations.size());
            clients.execute(() -> one(operation, random));
        }
        clients.shutdown();
        if (!clients.awaitTermination(1, TimeUnit.HOURS)) {
            throw new IllegalStateException((to - from) + " hostile requests took more than an hour");
        }
    }

    private void one(Operation operation, Random random) {
        String path = address(operation, random);
        String type = operation.type().isEmpty() ? "application/json" : operation.type();
        if (random.nextInt(40) == 0) {
            type = List.of(
                            "*/*",
                            "text/plain",
                            "application/*",
                            "x",
                            "application/json;charset=utf-16",
                            "multipart/form-data")
                    .get(random.nextInt(6));
        }
        String method = random.nextInt(60) == 0
                ? List.of("PATCH", "PUT", "DELETE", "POST", "OPTIONS").get(random.nextInt(5))
                : operation.method();
        target.send(method, path, type, body(operation, random));
    }

    private String address(Operation operation, Random random) {
        String path = operation.path();
        while (path.contains("{")) {
            String name = path.substring(path.indexOf('{'), path.indexOf('}') + 1);
            path = path.replace(name, part(name, random));
        }
        StringBuilder query = new StringBuilder();
        for (String name : operation.query()) {
            if (random.nextInt(3) > 0) {
                query.append(query.isEmpty() ? "?" : "&")
                        .append(name)
                        .append('=')
                        .append(value(random));
            }
        }
        return path + query;
    }

    private String part(String name, Random random) {
        if (random.nextInt(12) == 0) {
            return value(random).replace("/", "%2F").replaceAll("^$", "x");
        }
        return switch (name) {
            case "{drawer}" ->
                List.of("PAPERS", "THREADS", "BOARDS", "COVERS", "NEEDLES").get(random.nextInt(5));
            case "{version}" -> String.valueOf(random.nextInt(6));
            default -> ids.get(random.nextInt(ids.size()));
        };
    }

    private static String value(Random random) {
        List<String> values = List.of(
                "",
                "1",
                "-1",
                "A4",
                "LETTER",
                "MM",
                "true",
                "2147483648",
                "99999",
                "%00",
                "%ff",
                "%C3%28",
                "%ED%A0%80",
                "%EF%BF%BE",
                "x".repeat(3000),
                "1.5%20mm",
                "9".repeat(2000),
                "SPINE_GRID",
                "PRICKING_CARD",
                "%3Cscript%3E",
                "00000000-0000-0000-0000-000000000001");
        return values.get(random.nextInt(values.size()));
    }

    private BodyPublisher body(Operation operation, Random random) {
        if (operation.sample().isMissingNode()) {
            return random.nextInt(20) == 0 ? BodyPublishers.ofString("{\"a\":1}") : BodyPublishers.noBody();
        }
        if (operation.type().contains("csv")) {
            return BodyPublishers.ofByteArray(list(random));
        }
        if (random.nextInt(200) == 0) {
            return BodyPublishers.ofString("[".repeat(100_000));
        }
        JsonNode body = operation.sample().deepCopy();
        int bends = random.nextInt(3);
        for (int i = 0; i <= bends; i++) {
            body = bent(body, random);
        }
        byte[] bytes = Target.JSON.writeValueAsBytes(body);
        return BodyPublishers.ofByteArray(random.nextInt(15) == 0 ? spoilt(bytes, random) : bytes);
    }

    /** The tree with one part put wrong, anywhere in it. */
    private static JsonNode bent(JsonNode tree, Random random) {
        List<Runnable> places = new ArrayList<>();
        collect(tree, places, random);
        if (places.isEmpty() || random.nextInt(60) == 0) {
            return VALUES.get(random.nextInt(VALUES.size())).apply(random);
        }
        places.get(random.nextInt(places.size())).run();
        return tree;
    }

    private static void collect(JsonNode node, List<Runnable> places, Random random) {
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                places.add(() -> object.set(
                        name, VALUES.get(random.nextInt(VALUES.size())).apply(random)));
                if (random.nextInt(8) == 0) {
                    places.add(() -> object.remove(name));
                }
                collect(object.get(name), places, random);
            }
            if (random.nextInt(8) == 0) {
                places.add(() -> object.put("Unknown<b>", 1));
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                places.add(() ->
                        array.set(at, VALUES.get(random.nextInt(VALUES.size())).apply(random)));
                collect(array.get(i), places, random);
            }
            places.add(() -> array.add(VALUES.get(random.nextInt(VALUES.size())).apply(random)));
        }
    }

    private static byte[] spoilt(byte[] bytes, Random random) {
        byte[] spoilt = Arrays.copyOf(bytes, Math.max(1, random.nextInt(bytes.length + 1)));
        spoilt[random.nextInt(spoilt.length)] = (byte) random.nextInt(256);
        return spoilt;
    }

    private static byte[] list(Random random) {
        StringBuilder list = new StringBuilder(random.nextInt(4) == 0 ? "what,ever\n" : "name,weight\n");
        int rows = random.nextInt(50) == 0 ? 4000 : random.nextInt(20);
        for (int i = 0; i < rows; i++) {
            list.append('"')
                    .append(TEXTS.get(random.nextInt(TEXTS.size() - 1)).replace("\"", "\"\""))
                    .append(i)
                    .append("\",")
                    .append(random.nextInt(400))
                    .append('\n');
        }
        byte[] bytes = list.toString().getBytes(StandardCharsets.UTF_8);
        return random.nextInt(10) == 0 ? spoilt(bytes, random) : bytes;
    }

    private static JsonNode many(int number, JsonNode of) {
        ArrayNode list = MAKE.arrayNode();
        for (int i = 0; i < number; i++) {
            list.add(of);
        }
        return list;
    }

    private static JsonNode deep(int levels) {
        ArrayNode inner = MAKE.arrayNode();
        for (int i = 0; i < levels; i++) {
            inner = MAKE.arrayNode().add(inner);
        }
        return inner;
    }
}
