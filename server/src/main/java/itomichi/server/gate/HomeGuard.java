package itomichi.server.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes requests only from pages that this server sent out.
 *
 * <p>The server listens on loopback and knows no passwords, so a foreign page open in the same browser must not reach it: neither under
 * another host name that was pointed at this machine, nor by a request sent from there.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class HomeGuard extends OncePerRequestFilter {

    private static final Set<String> HOME = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (HOME.contains(request.getServerName()) && (READING.contains(request.getMethod()) || fromHere(request))) {
            chain.doFilter(request, response);
        } else {
            Answers.writeAndClose(response, HttpStatus.FORBIDDEN, "Only pages of this application are answered.");
        }
    }

    private static boolean fromHere(HttpServletRequest request) {
        @Nullable String origin = request.getHeader("Origin");
        if (origin == null) {
            return !"cross-site".equals(request.getHeader("Sec-Fetch-Site"));
        }
        try {
            URI from = URI.create(origin);
            return request.getServerName().equals(from.getHost()) && request.getServerPort() == from.getPort();
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }
}
