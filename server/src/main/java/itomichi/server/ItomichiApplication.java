package itomichi.server;

import org.jspecify.annotations.NullMarked;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@NullMarked
@SpringBootApplication
public class ItomichiApplication {

    public static void main(String[] arguments) {
        SpringApplication.run(ItomichiApplication.class, arguments);
    }
}
