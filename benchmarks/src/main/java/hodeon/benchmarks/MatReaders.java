package hodeon.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.HdrHistogram.Histogram;

/** The mat page of a running demo on this machine under 20 concurrent readers, 25 requests each. */
public final class MatReaders {

    private static final int READERS = 20;
    private static final int REQUESTS = 25;

    private MatReaders() {}

    /** @param arguments the port of a demo on this machine */
    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments[0]);
        List<Callable<Histogram>> readers = new ArrayList<>();
        for (int i = 0; i < READERS; i++) {
            readers.add(() -> read(port));
        }
        Histogram all = new Histogram(3);
        long start = System.nanoTime();
        try (var threads = Executors.newFixedThreadPool(READERS)) {
            for (Future<Histogram> reader : threads.invokeAll(readers)) {
                all.add(reader.get());
            }
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        System.out.printf(
                "mat page, %d readers: median %.0f ms, 95th percentile %.0f ms, %.0f pages a second%n",
                READERS,
                all.getValueAtPercentile(50) / 1000.0,
                all.getValueAtPercentile(95) / 1000.0,
                all.getTotalCount() / seconds);
    }

    private static Histogram read(int port) throws Exception {
        Visitor visitor = new Visitor(port);
        String mat = visitor.trip("Skerry ring") + "/mat";
        visitor.get(mat);
        Histogram micros = new Histogram(3);
        for (int i = 0; i < REQUESTS; i++) {
            long start = System.nanoTime();
            visitor.get(mat);
            micros.recordValue((System.nanoTime() - start) / 1000);
        }
        return micros;
    }
}
