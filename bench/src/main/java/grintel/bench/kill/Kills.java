package grintel.bench.kill;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.ReentrantReadWriteLock;

/** Kills server or database in the midst of the work of some students, many times, and counts what was lost. */
public final class Kills {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    private static final int WRITERS = 4;
    private static final int LONGEST_LIFE = 5000;

    private final String script;
    private final Path state;
    private final Random random = new Random(11);
    private final ReentrantReadWriteLock up = new ReentrantReadWriteLock(true);

    private Kills(String script, Path state) {
        this.script = script;
        this.state = state;
    }

    /** Takes how often to kill, the project's script, and the directory in which it keeps what runs. */
    public static void main(String[] args) throws Exception {
        System.exit(new Kills(args[1], Path.of(args[2])).run(Integer.parseInt(args[0])) ? 0 : 1);
    }

    private boolean run(int count) throws IOException, InterruptedException {
        script("start");
        String address = "http://127.0.0.1:"
                + Files.readString(state.resolve("server.port")).strip() + "/";
        AtomicInteger acknowledged = new AtomicInteger();
        List<Writer> writers = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            Writer writer = new Writer(address, i, up.readLock(), acknowledged);
            writer.signUp();
            writers.add(writer);
        }
        ExecutorService crowd = Executors.newFixedThreadPool(WRITERS);
        writers.forEach(crowd::execute);
        List<String> losses = new ArrayList<>();
        int ofServer = 0;
        for (int i = 0; i < count; i++) {
            Thread.sleep(1000 + random.nextInt(LONGEST_LIFE));
            boolean server = random.nextInt(3) > 0;
            ofServer += server ? 1 : 0;
            kill(server);
            // Nobody changes anything while it is looked at what is there.
            up.writeLock().lock();
            try {
                script("start");
                for (Writer writer : writers) {
                    losses.addAll(writer.losses());
                }
            } finally {
                up.writeLock().unlock();
            }
        }
        writers.forEach(Writer::end);
        crowd.shutdown();
        losses.forEach(OUT::println);
        OUT.printf(
                "%d times killed, %d of them the server and %d the database; %,d changes acknowledged, %d lost or half%n",
                count, ofServer, count - ofServer, acknowledged.get(), losses.size());
        script("stop");
        return losses.isEmpty();
    }

    private void kill(boolean server) throws IOException, InterruptedException {
        String pid;
        if (server) {
            pid = Files.readString(state.resolve("server.pid")).strip();
        } else {
            pid = Files.readAllLines(Path.of(
                            Files.readString(state.resolve("database.pid-file")).strip()))
                    .get(0)
                    .strip();
        }
        new ProcessBuilder("kill", "-9", pid).inheritIO().start().waitFor();
    }

    private void script(String command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(script, command)
                .redirectErrorStream(true)
                .redirectOutput(state.resolve("kills.log").toFile())
                .start();
        if (process.waitFor() != 0) {
            throw new IOException("./grintel " + command + ": " + Files.readString(state.resolve("kills.log")));
        }
    }
}
