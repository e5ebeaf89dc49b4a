package itomichi.server.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.lang.management.MemoryUsage;
import java.util.Comparator;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets only so much work be done at once: what takes more memory and time the larger the book goes through a narrow lane, the rest through
 * a wide one. Who has waited too long, or finds too many waiting, is asked to come again; the pages do so by themselves.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 40)
class Lanes extends OncePerRequestFilter {

    /** Ways, sheets, lists and patterns grow with the number of moves, rows or holes. */
    private static final Pattern HEAVY = Pattern.compile(
            "/api/plan/(way|threads|splits|advice|pages).*|/api/patterns/.+|/api/book-file"
                    + "|/api/books/[^/]+/(steps|template|cutting|fitting|punching|gather-list|sewing/way|rehearsal).*|/api/templates/.+"
                    + "|/api/drawers/[^/]+/list|/api/supplies.*|/api/days.*|/api/(notebook|learned).*|/api/workshop|/api/books/[^/]+/(days|look|page|pictures|archive).*");

    private static final long PATIENCE_MS = 1500;

    /** As many as a small machine has cores. */
    private final Lane narrow = new Lane(2, 48);

    private final Lane wide = new Lane(4, 96);

    private final Memory memory = new Memory();

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return !path.startsWith("/api/") || path.equals("/api/health");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Lane lane = HEAVY.matcher(request.getRequestURI()).matches() ? narrow : wide;
        if ((lane == narrow && memory.isShort() && narrow.isEntered()) || !lane.enter()) {
            Answers.writeBusy(response, "Too much is asked for at once just now.");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            lane.leave();
        }
    }

    /** Whether little of the heap is left: heavy work is then done one by one. */
    static final class Memory {

        private static final double SHORT = 0.8;

        private final MemoryPoolMXBean old = ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .max(Comparator.comparingLong(pool -> pool.getUsage().getMax()))
                .orElseThrow();

        boolean isShort() {
            MemoryUsage usage = old.getUsage();
            return usage.getUsed() > SHORT * usage.getMax();
        }
    }

    /** Work done at once, and how many may wait for it. */
    static final class Lane {

        private final int all;
        private final Semaphore places;
        private final int mostWaiting;

        Lane(int places, int mostWaiting) {
            this.all = places;
            this.places = new Semaphore(places, true);
            this.mostWaiting = mostWaiting;
        }

        /** Waits for a place; false if too many wait already, or none was free in time. */
        boolean enter() {
            try {
                return places.tryAcquire()
                        || (places.getQueueLength() < mostWaiting
                                && places.tryAcquire(PATIENCE_MS, TimeUnit.MILLISECONDS));
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                return false;
            }
        }

        /** Whether somebody is in it. */
        boolean isEntered() {
            return places.availablePermits() < all;
        }

        void leave() {
            places.release();
        }
    }
}
