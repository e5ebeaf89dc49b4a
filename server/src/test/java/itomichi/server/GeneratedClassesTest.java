package itomichi.server;

import static org.testng.Assert.assertEquals;

import itomichi.db.generated.DefaultSchema;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** The classes made from the database against the database as the migrations leave it. */
public class GeneratedClassesTest extends HttpTest {

    @Autowired
    private DSLContext database;

    @Test
    public void theGeneratedTablesAreTheMigratedOnes() {
        Map<String, TreeSet<String>> generated = new TreeMap<>();
        for (Table<?> table : DefaultSchema.DEFAULT_SCHEMA.getTables()) {
            TreeSet<String> columns = new TreeSet<>();
            for (Field<?> field : table.fields()) {
                columns.add(field.getName());
            }
            generated.put(table.getName(), columns);
        }
        Map<String, TreeSet<String>> migrated = new TreeMap<>();
        database.fetch(
                        "select table_name, column_name from information_schema.columns where table_schema = 'public' and table_name <> 'flyway_schema_history'")
                .forEach(row -> migrated.computeIfAbsent(row.get(0, String.class), name -> new TreeSet<>())
                        .add(row.get(1, String.class)));
        assertEquals(generated, migrated, "run bin/itomichi generate");
    }
}
