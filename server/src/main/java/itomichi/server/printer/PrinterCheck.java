package itomichi.server.printer;

import itomichi.server.archive.RowCheck;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Reads printers of an archive as those that are kept are read. */
@Component
class PrinterCheck implements RowCheck {

    @Override
    public String table() {
        return "printer";
    }

    @Override
    public void check(JsonNode row) {
        Printers.checkedName(row.required("name").asString());
    }
}
