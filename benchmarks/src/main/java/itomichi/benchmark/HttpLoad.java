package itomichi.benchmark;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Throughput of the plan over HTTP beside an endpoint that takes the same request and gives the same bytes from memory, turn about in one
 * run. Bounded: loopback only, two clients, a set number of requests.
 */
public final class HttpLoad {

    private static final int CLIENTS = 2;
    private static final int WARM_UP = 3_000;
    private static final int REQUESTS = 4_000;
    private static final int ROUNDS = 3;

    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;
    private final String document;

    private HttpLoad(String address) throws IOException, InterruptedException {
        this.address = address;
        this.document = client.send(
                        HttpRequest.newBuilder(URI.create(address + "/api/books/new?unit=MM"))
                                .build(),
                        BodyHandlers.ofString())
                .body();
    }

    /** Runs against the address of an application started with the profile {@code bench}. */
    public static void main(String[] arguments) throws Exception {
        String address = arguments[0];
        if (!address.startsWith("http://127.0.0.1:")) {
            throw new IllegalArgumentException("Only loopback is loaded; read " + address);
        }
        HttpLoad load = new HttpLoad(address);
        load.round("/api/plan", WARM_UP);
        load.round("/api/benchmark/same-bytes", WARM_UP);
        double plan = 0;
        double memory = 0;
        for (int round = 0; round < ROUNDS; round++) {
            plan += load.round("/api/plan", REQUESTS) / ROUNDS;
            memory += load.round("/api/benchmark/same-bytes", REQUESTS) / ROUNDS;
        }
        System.out.printf(
                Locale.ROOT,
                "plan %.0f requests/s, same bytes from memory %.0f requests/s, ratio %.2f%n",
                plan,
                memory,
                plan / memory);
    }

    private double round(String path, int requests) throws InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(document))
                .build();
        AtomicLong left = new AtomicLong(requests);
        AtomicLong failed = new AtomicLong();
        CountDownLatch done = new CountDownLatch(CLIENTS);
        long from = System.nanoTime();
        for (int i = 0; i < CLIENTS; i++) {
            new Thread(() -> {
                        while (left.decrementAndGet() >= 0) {
                            failed.addAndGet(answered(request) ? 0 : 1);
                        }
                        done.countDown();
                    })
                    .start();
        }
        done.await();
        if (failed.get() > 0) {
            throw new IllegalStateException(failed.get() + " of " + requests + " requests to " + path + " failed");
        }
        return requests / ((System.nanoTime() - from) / 1e9);
    }

    private boolean answered(HttpRequest request) {
        try {
            return client.send(request, BodyHandlers.ofByteArray()).statusCode() == 200;
        } catch (IOException | InterruptedException e) {
            return false;
        }
    }
}
