package grintel.bench.kill;

import grintel.bench.WebClient;
import grintel.formats.demo.UntidyEssay;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.Lock;

/** One student who goes on changing papers, and remembers how each stood when the last change was acknowledged. */
final class Writer implements Runnable {
    private static final int MOST_PAPERS = 4;

    private final WebClient client;
    private final Random random;
    private final Lock running;
    private final AtomicInteger acknowledged;
    private final Map<String, Integer> revisions = new HashMap<>();

    /** Papers with a change whose answer never came: it was made, will be made, or neither. */
    private final Set<String> uncertain = new HashSet<>();

    /** Papers brought of which the same holds. */
    private int maybeBrought;

    private volatile boolean goesOn = true;

    /** @param running held while the application is up and nobody is looking at what is there */
    Writer(String address, long seed, Lock running, AtomicInteger acknowledged) {
        this.client = new WebClient(address, (status, ahead) -> {});
        this.random = new Random(seed);
        this.running = running;
        this.acknowledged = acknowledged;
    }

    void signUp() throws IOException, InterruptedException {
        client.signUp();
    }

    void end() {
        goesOn = false;
    }

    @Override
    public void run() {
        while (goesOn) {
            running.lock();
            try {
                changeSomething();
                acknowledged.incrementAndGet();
            } catch (IOException e) {
                // Refused, as there was nothing to undo, or the application was killed in the midst of it; what became
                // of it is looked at later.
            } catch (InterruptedException e) {
                return;
            } finally {
                running.unlock();
            }
        }
    }

    private void changeSomething() throws IOException, InterruptedException {
        List<String> papers = new ArrayList<>(revisions.keySet());
        if (papers.isEmpty() || papers.size() < MOST_PAPERS && random.nextInt(4) == 0) {
            maybeBrought++;
            String brought = client.bring(UntidyEssay.write());
            maybeBrought--;
            revisions.put(brought, 0);
            return;
        }
        String paper = papers.get(random.nextInt(papers.size()));
        uncertain.add(paper);
        switch (random.nextInt(5)) {
            case 0 -> client.change(paper, "/put-right", ",\"station\":\"sheet\",\"wordsConfirmed\":false");
            case 1 -> client.change(paper, "/put-right", ",\"wordsConfirmed\":true");
            case 2 -> client.change(paper, "/undo", "");
            case 3 -> client.change(paper, "/redo", "");
            default -> client.change(paper, "/proofs", "");
        }
        // What was asked for before was meant for an earlier state, and cannot be made any more.
        revisions.put(paper, revision(paper));
        uncertain.remove(paper);
    }

    private int revision(String paper) throws IOException, InterruptedException {
        return client.read(paper).path("revision").asInt(0);
    }

    /** What of the acknowledged is not there, in words; none is as it should be. */
    List<String> losses() throws IOException, InterruptedException {
        List<String> out = new ArrayList<>();
        int there = client.read("api/papers").path("papers").size();
        if (there < revisions.size() || there > revisions.size() + maybeBrought) {
            out.add(there + " papers where " + revisions.size() + " were acknowledged");
        }
        for (Map.Entry<String, Integer> each : revisions.entrySet()) {
            int stands = revision(each.getKey());
            if (stands < each.getValue() || stands > each.getValue() && !uncertain.contains(each.getKey())) {
                out.add(each.getKey() + " stands at " + stands + " and not at " + each.getValue());
            }
            client.ready(each.getKey() + "/layout");
        }
        return out;
    }
}
