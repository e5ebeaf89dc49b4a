package itomichi.server.drawer;

import itomichi.server.archive.RowCheck;
import java.util.List;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class ThingRows {

    @Bean
    RowCheck thingRow(JsonMapper json) {
        return new RowCheck(
                "thing",
                row -> ThingViews.of(
                        new Thing(
                                UUID.fromString(row.required("id").asString()),
                                Drawer.valueOf(row.required("drawer").asString()),
                                Thing.readName(row.required("name").asString()),
                                json.readValue(row.required("particulars").toString(), DrawerStore.PARTICULARS),
                                row.required("version").asLong(),
                                false),
                        List.of()));
    }
}
