package itomichi.server;

import static org.testng.Assert.assertEquals;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.testng.annotations.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The types of the pages are made from {@code openapi.json}; this keeps that file what the server says. */
@TestPropertySource(properties = "springdoc.api-docs.enabled=true")
public class OpenApiFileTest extends HttpTest {

    private static final Path FILE = Path.of("openapi.json");

    @Autowired
    private JsonMapper json;

    @Test
    public void theDescriptionInTheRepositoryIsTheServersOwn() throws Exception {
        var tree = json.readTree(get("/api/description").raw().body());
        String text = json.rebuild()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .build()
                        .writeValueAsString(tree) + "\n";
        if (Boolean.getBoolean("itomichi.write-openapi")) {
            Files.writeString(FILE, text);
        }
        assertEquals(json.readTree(Files.readString(FILE, StandardCharsets.UTF_8)), tree, "run bin/itomichi generate");
    }
}
