package itomichi.server.days;

import itomichi.server.archive.RowCheck;
import java.time.ZoneOffset;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class DaysRows {

    @Bean
    RowCheck hoursRow(JsonMapper json) {
        return new RowCheck(
                "bench_hours",
                row -> json.treeToValue(row.required("hours"), HoursDocument.class)
                        .hours(ZoneOffset.UTC));
    }

    @Bean
    RowCheck daysRow(JsonMapper json) {
        return new RowCheck(
                "book_days",
                row -> json.treeToValue(row.required("changes"), DaysDocument.class)
                        .read());
    }
}
