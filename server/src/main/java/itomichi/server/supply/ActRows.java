package itomichi.server.supply;

import itomichi.server.archive.RowCheck;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class ActRows {

    @Bean
    RowCheck actRow(JsonMapper json) {
        return new RowCheck(
                "drawer_act", row -> json.readValue(row.required("moved").toString(), ActStore.MOVED));
    }
}
