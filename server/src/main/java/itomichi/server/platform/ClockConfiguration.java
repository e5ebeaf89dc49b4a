package itomichi.server.platform;

import java.time.Clock;
import java.time.ZoneId;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock that dates what is printed. */
@Configuration
class ClockConfiguration {

    @Bean
    Clock clock() {
        return Clock.system(ZoneId.systemDefault());
    }
}
