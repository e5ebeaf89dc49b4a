package itomichi.server.book;

import itomichi.measure.Unit;
import itomichi.server.archive.RowCheck;
import itomichi.spec.BookSpec;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Reads books of an archive as those that are kept are read: what each is called now. */
@Component
class BookCheck implements RowCheck {

    @Override
    public String table() {
        return "book";
    }

    @Override
    public void check(JsonNode row) {
        BookSpec.Title title = new BookSpec.Title(row.required("name").asString(), "", Unit.MM);
        if (!title.name().equals(row.required("name").asString())) {
            throw new IllegalArgumentException(
                    "A name is kept without blanks round it; read “" + row.get("name") + "”");
        }
    }
}
