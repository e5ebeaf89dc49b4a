package itomichi.server.printer;

import itomichi.server.archive.RowCheck;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class PrinterRows {

    @Bean
    RowCheck printerRow() {
        return new RowCheck(
                "printer", row -> Printers.checkedName(row.required("name").asString()));
    }
}
