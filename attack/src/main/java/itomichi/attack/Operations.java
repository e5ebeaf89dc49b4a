package itomichi.attack;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What can be asked of the application, as its own description says; what is added there is attacked too. */
final class Operations {

    private static final int DEEPEST = 8;

    private final JsonNode description;
    private final JsonNode document;

    /**
     * @param description the application's {@code openapi.json}
     * @param document a book that can be planned
     */
    Operations(JsonNode description, JsonNode document) {
        this.description = description;
        this.document = document;
    }

    /**
     * One thing that can be asked.
     *
     * @param path with its parameters in braces
     * @param query names of its parameters in the query
     * @param type content type of the body; empty where there is none
     * @param sample a body that fits; missing where there is none
     */
    record Operation(String method, String path, List<String> query, String type, JsonNode sample) {}

    List<Operation> all() {
        List<Operation> all = new ArrayList<>();
        description
                .get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(method -> all.add(operation(method.getKey(), path.getKey(), method.getValue()))));
        return all;
    }

    private Operation operation(String method, String path, JsonNode told) {
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : told.path("parameters")) {
            if (parameter.get("in").asString().equals("query")) {
                query.add(parameter.get("name").asString());
            }
        }
        JsonNode content = told.path("requestBody").path("content");
        String type = content.isMissingNode()
                ? ""
                : content.propertyNames().iterator().next();
        JsonNode sample = content.isMissingNode()
                ? content
                : path.equals("/api/book-file")
                        ? bookFile()
                        : sample(content.get(type).get("schema"), 0);
        return new Operation(method.toUpperCase(java.util.Locale.ROOT), path, query, type, sample);
    }

    private JsonNode bookFile() {
        ObjectNode file = Target.JSON.createObjectNode();
        file.put("format", "itomichi-book").put("version", 4);
        file.set("book", document);
        return file;
    }

    /** A value that fits a schema. */
    private JsonNode sample(JsonNode schema, int depth) {
        JsonNode reference = schema.path("$ref");
        if (reference.isString()) {
            String name = reference.asString().substring(reference.asString().lastIndexOf('/') + 1);
            return name.equals("BookDocument")
                    ? document.deepCopy()
                    : sample(description.get("components").get("schemas").get(name), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(0);
        }
        return switch (schema.path("type").asString("object")) {
            case "integer" -> Target.JSON.getNodeFactory().numberNode(2);
            case "number" -> Target.JSON.getNodeFactory().numberNode(12.5);
            case "boolean" -> Target.JSON.getNodeFactory().booleanNode(true);
            case "string" -> Target.JSON.getNodeFactory().stringNode(text(schema));
            case "array" -> list(schema, depth);
            default -> object(schema, depth);
        };
    }

    private static String text(JsonNode schema) {
        return schema.path("format").asString("").equals("uuid") ? "00000000-0000-0000-0000-00000000000a" : "8 mm";
    }

    private JsonNode list(JsonNode schema, int depth) {
        ArrayNode list = Target.JSON.createArrayNode();
        if (depth < DEEPEST && schema.has("items")) {
            list.add(sample(schema.get("items"), depth + 1));
        }
        return list;
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode object = Target.JSON.createObjectNode();
        if (depth < DEEPEST) {
            schema.path("properties")
                    .properties()
                    .forEach(part -> object.set(part.getKey(), sample(part.getValue(), depth + 1)));
        }
        return object;
    }
}
