package itomichi.server;

import org.jspecify.annotations.NullMarked;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the server. */
@NullMarked
@SpringBootApplication
public class ItomichiApplication {

    public static void main(String[] arguments) {
        ConfigurableApplicationContext context = SpringApplication.run(ItomichiApplication.class, arguments);
        // started for one task and not to serve: whoever asked for it learns by the code whether it was done
        if (!context.getEnvironment().getProperty("itomichi.task", "").isEmpty()) {
            System.exit(SpringApplication.exit(context));
        }
    }
}
