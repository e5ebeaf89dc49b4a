package itomichi.server.book;

import itomichi.book.Planner;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.CodeSource;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.CRC32;

/** Which rules of the job this application runs by: what was worked out by others is worked out anew. */
final class Rules {

    private Rules() {}

    /** A mark of the programs that plan a book and make its card; one of its own where they are not packed, as under development. */
    static String mark() {
        return Stream.of(Planner.class, Rules.class).map(Rules::mark).collect(Collectors.joining("-"));
    }

    private static String mark(Class<?> of) {
        try {
            Optional<URI> place = Optional.ofNullable(of.getProtectionDomain().getCodeSource())
                    .map(CodeSource::getLocation)
                    .map(Object::toString)
                    .map(URI::create);
            if (place.isEmpty() || !"file".equals(place.get().getScheme())) {
                return UUID.randomUUID().toString();
            }
            Path packed = Path.of(place.get());
            if (Files.isDirectory(packed)) {
                return UUID.randomUUID().toString();
            }
            CRC32 sum = new CRC32();
            sum.update(Files.readAllBytes(packed));
            return Long.toHexString(sum.getValue());
        } catch (IOException unread) {
            throw new UncheckedIOException("The program " + of.getName() + " could not be read", unread);
        }
    }
}
