package itomichi.server;

import static org.testng.Assert.assertEquals;

import itomichi.finding.Stage;
import itomichi.measure.Unit;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StartingBook;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.jooq.DSLContext;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A database of the first version, with a book in it, becomes one of the newest. */
public class MigrationTest extends HttpTest {

    private static final String SCHEMA = "first_version";

    @Autowired
    private DataSource source;

    @Autowired
    private DSLContext database;

    @Autowired
    private JsonMapper json;

    @AfterMethod(alwaysRun = true)
    void dropTheOldDatabase() {
        database.execute("drop schema if exists " + SCHEMA + " cascade");
    }

    private FluentConfiguration flyway() {
        return Flyway.configure().dataSource(source).schemas(SCHEMA).createSchemas(true);
    }

    @Test
    public void aBookKeptInTheFirstVersionIsTheSameBook() {
        flyway().target("1").load().migrate();
        ObjectNode first = json.valueToTree(StartingBook.in(Unit.MM));
        first.remove(List.of("use", "extent", "otherPapers", "cutting", "gathering", "rows", "side", "covering"));
        ((ObjectNode) first.get("stations"))
                .remove(List.of(
                        "pairs",
                        "pairMm",
                        "kettleMm",
                        "exemplarHeightMm",
                        "exemplarMm",
                        "carry",
                        "symmetric",
                        "level"));
        first.put("pages", 48);
        first.putArray("done").add("PURPOSE").add("SEW");
        UUID id = UUID.randomUUID();
        database.execute("insert into " + SCHEMA + ".book (id, name) values (?, 'Old')", id);
        database.execute(
                "insert into " + SCHEMA
                        + ".revision (book_id, number, change, document) values (?, 1, 'begun', ?::jsonb)",
                id,
                json.writeValueAsString(first));
        flyway().load().migrate();
        String now = database.fetchOne("select document from " + SCHEMA + ".revision")
                .get(0, String.class);
        BookDocument raised = json.readValue(now, BookDocument.class);
        BookDocument wanted = StartingBook.in(Unit.MM);
        assertEquals(raised.extent().number(), 48);
        assertEquals(raised.gathering(), wanted.gathering());
        assertEquals(raised.stations(), wanted.stations());
        assertEquals(raised.rows(), wanted.rows());
        assertEquals(raised.side(), wanted.side());
        assertEquals(raised.covering(), wanted.covering());
        assertEquals(raised.pages(), wanted.pages());
        assertEquals(raised.learned(), wanted.learned());
        assertEquals(
                Set.copyOf(raised.done()), Set.of(Stage.PURPOSE, Stage.PAGES, Stage.SEW, Stage.COVER, Stage.FINISH));
    }
}
