package itomichi.server.copies;

import itomichi.edition.CopyStage;
import itomichi.server.archive.RowCheck;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Rows of an archive are read as those that are kept are read. */
@Configuration(proxyBeanMethods = false)
class CopyRows {

    @Bean
    RowCheck copyMarkRow() {
        return new RowCheck("copy_mark", row -> {
            List<String> done = row.required("done")
                    .valueStream()
                    .map(stage -> stage.asString())
                    .toList();
            CopyStore.stages(done);
        });
    }

    @Bean
    RowCheck spoiltCopyRow() {
        return new RowCheck(
                "spoilt_copy", row -> CopyStage.valueOf(row.required("stage").asString()));
    }
}
