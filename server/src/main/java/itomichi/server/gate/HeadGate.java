package itomichi.server.gate;

import itomichi.server.platform.Letters;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses content types that are none, and addresses that hold what no text can: bytes that are not UTF-8, control letters, a percent sign without its two digits. Else
 * they would be replaced without a word further on, or be refused by the database.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class HeadGate extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!readable(request.getQueryString()) || !readable(request.getRequestURI())) {
            Answers.write(response, HttpStatus.BAD_REQUEST, "The address holds letters that cannot be read.");
        } else if (!oneType(request.getContentType())) {
            Answers.writeAndClose(
                    response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "What kind of content is sent is not said.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** Whether the content type is one, and not a whole range of them; none at all is left to whoever reads the body. */
    private static boolean oneType(@Nullable String type) {
        if (type == null || type.isEmpty()) {
            return true;
        }
        try {
            return MediaType.parseMediaType(type).isConcrete();
        } catch (InvalidMediaTypeException none) {
            return false;
        }
    }

    /** Whether the percent-encoded text stands for letters. */
    static boolean readable(@Nullable String encoded) {
        if (encoded == null) {
            return true;
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(encoded.length());
        for (int i = 0; i < encoded.length(); i++) {
            char letter = encoded.charAt(i);
            if (letter != '%') {
                // what a browser leaves as it is, is plain ASCII; the connector gives other bytes one by one
                bytes.write(letter);
                continue;
            }
            if (i + 2 >= encoded.length()) {
                return false;
            }
            int high = Character.digit(encoded.charAt(i + 1), 16);
            int low = Character.digit(encoded.charAt(i + 2), 16);
            if (high < 0 || low < 0) {
                return false;
            }
            bytes.write(16 * high + low);
            i += 2;
        }
        return Letters.read(bytes.toByteArray()).isPresent();
    }
}
