package itomichi.server.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Puts the headers that keep a page to itself on every answer, before anything else is decided. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SafeHeaders extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Answers.SAFE_HEADERS.forEach(response::setHeader);
        chain.doFilter(request, response);
    }
}
