package itomichi.attack;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Senders that begin and do not go on, from here and from elsewhere. */
final class Slow {

    private final Target target;

    Slow(Target target) {
        this.target = target;
    }

    /**
     * Opens so many connections with half a body each, and asks how it is meanwhile.
     *
     * @return the slowest answer in ms
     */
    double halfSent(int connections, int seconds) throws IOException, InterruptedException {
        List<Socket> open = new ArrayList<>();
        try {
            for (int i = 0; i < connections; i++) {
                Socket socket = new Socket(InetAddress.getLoopbackAddress(), target.port());
                String origin = i % 2 == 0 ? "" : "Origin: https://elsewhere.example\r\n";
                socket.getOutputStream()
                        .write(("POST /api/plan HTTP/1.1\r\nHost: 127.0.0.1:" + target.port() + "\r\n" + origin
                                        + "Content-Type: application/json\r\nContent-Length: 5000\r\n\r\n{\"name\":")
                                .getBytes(StandardCharsets.US_ASCII));
                open.add(socket);
            }
            double slowest = 0;
            long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
            while (System.nanoTime() < end) {
                slowest = Math.max(slowest, target.get("/api/health").ms());
                slowest = Math.max(slowest, target.get("/api/books").ms());
                TimeUnit.MILLISECONDS.sleep(50);
            }
            return slowest;
        } finally {
            for (Socket socket : open) {
                socket.close();
            }
        }
    }
}
