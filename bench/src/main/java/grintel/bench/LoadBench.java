package grintel.bench;

import grintel.formats.demo.UntidyEssay;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;

/** Many students at the running application at once, each doing the whole job. */
final class LoadBench {
    private static final int SOME = 10;
    private static final int WARMING = 8;
    private static final int MANY = 200;

    private final String address;
    private final AtomicInteger refused = new AtomicInteger();
    private final AtomicInteger failed = new AtomicInteger();
    private final AtomicInteger mostAhead = new AtomicInteger();

    private LoadBench(String address) {
        this.address = address;
    }

    /** The first rounds are not told: a server that was just started runs most of its code slowly. */
    static void run(PrintStream out, String address) throws InterruptedException {
        PrintStream nobody = new PrintStream(OutputStream.nullOutputStream(), false, StandardCharsets.UTF_8);
        for (int i = 0; i < WARMING; i++) {
            new LoadBench(address).run(nobody, SOME);
        }
        for (int students : new int[] {SOME, MANY}) {
            new LoadBench(address).run(out, students);
        }
    }

    private void run(PrintStream out, int students) throws InterruptedException {
        ExecutorService crowd = Executors.newFixedThreadPool(students);
        List<Double> seconds = new ArrayList<>();
        int lost = 0;
        try {
            Callable<Double> whole = () -> {
                long start = System.nanoTime();
                doTheJob();
                return (System.nanoTime() - start) / 1e9;
            };
            for (Future<Double> each : crowd.invokeAll(Collections.nCopies(students, whole))) {
                try {
                    seconds.add(each.get());
                } catch (ExecutionException e) {
                    lost++;
                    out.println(e.getCause());
                }
            }
        } finally {
            crowd.shutdownNow();
        }
        Collections.sort(seconds);
        out.printf(
                Locale.ROOT,
                "%d students at once (account, bring, open, put right, download): %d done, in %.1f s (median) to %.1f s;"
                        + " %d answers of 5xx, %d of 429; %d at most waited before one%n",
                students,
                students - lost,
                seconds.isEmpty() ? 0 : seconds.get(seconds.size() / 2),
                seconds.isEmpty() ? 0 : seconds.get(seconds.size() - 1),
                failed.get(),
                refused.get(),
                mostAhead.get());
    }

    private void doTheJob() throws IOException, InterruptedException {
        WebClient student = new WebClient(address, this::seen);
        student.signUp();
        String paper = student.bring(UntidyEssay.write());
        student.ready(paper + "/layout");
        student.ready(paper + "/readings");
        student.change(paper, "/put-right", ",\"wordsConfirmed\":true");
        student.ready(paper + "/layout");
        int proof = student.change(paper, "/proofs", "").path("number").asInt(0);
        if (student.get(paper + "/proofs/" + proof + "/file").body()[0] != 'P') {
            throw new IOException("No file came back");
        }
    }

    private void seen(int status, int ahead) {
        mostAhead.accumulateAndGet(ahead, Math::max);
        if (status == WebClient.TOO_MANY) {
            refused.incrementAndGet();
        } else if (status >= 500) {
            failed.incrementAndGet();
        }
    }
}
