package itomichi.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes requests only from pages that this server sent out.
 *
 * <p>The server listens on loopback and knows no passwords, so a foreign page open in the same browser must not reach it: neither under
 * another host name that was pointed at this machine, nor by a request sent from there.
 */
@Component
class HomeGuard extends OncePerRequestFilter {

    private static final Set<String> HOME = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (HOME.contains(request.getServerName()) && (READING.contains(request.getMethod()) || fromHere(request))) {
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "no-referrer");
            response.setHeader(
                    "Content-Security-Policy",
                    "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'");
            chain.doFilter(request, response);
        } else {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
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
