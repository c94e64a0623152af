package grintel.bench.fuzz;

import grintel.core.check.Examiner;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.edit.EditRefusedException;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.TooLargeException;
import grintel.core.limit.WorkLimits;
import grintel.core.structure.Corrections;
import grintel.formats.UnreadableFileException;
import grintel.formats.docx.DocxFile;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.w3c.dom.Document;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/**
 * Brings many damaged papers through reading, checking and putting right. What must never happen: a crash, work that goes
 * on beyond its bound, or letters of the text that are others afterwards where only looks were to be put right; the last
 * is seen in the parts themselves, without our own reader.
 */
public final class Fuzz {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    private static final int SECONDS = 10;
    private static final int THREADS = 2;
    private static final int MANY_MINUTES = 600;
    private static final List<String> WORDS = List.of("word/document.xml", "word/footnotes.xml", "word/endnotes.xml");

    private final Path kept;
    private final List<byte[]> seeds = new ArrayList<>(Seeds.all());
    private final List<Brief> briefs = new ArrayList<>();
    private final Map<Outcome, AtomicInteger> outcomes = new EnumMap<>(Outcome.class);

    private Fuzz(Path kept) {
        this.kept = kept;
        for (Guide guide : Guides.all()) {
            briefs.add(Brief.of(guide, null, Facts.of("Solvane", "Lamps")));
        }
        for (Outcome outcome : Outcome.values()) {
            outcomes.put(outcome, new AtomicInteger());
        }
    }

    /** Takes how many papers, where to keep those that fail, and further files to damage. */
    public static void main(String[] args) throws Exception {
        int count = Integer.parseInt(args[0]);
        Fuzz fuzz = new Fuzz(Path.of(args[1]));
        for (int i = 2; i < args.length; i++) {
            fuzz.seeds.add(Files.readAllBytes(Path.of(args[i])));
        }
        System.exit(fuzz.run(count) ? 0 : 1);
    }

    private boolean run(int count) throws InterruptedException {
        long start = System.nanoTime();
        ExecutorService threads = Executors.newFixedThreadPool(THREADS);
        for (int i = 0; i < count; i++) {
            int seed = i;
            threads.execute(() -> one(seed));
        }
        threads.shutdown();
        boolean ended = threads.awaitTermination(MANY_MINUTES, TimeUnit.MINUTES);
        OUT.printf(
                "%,d damaged papers from %d sound ones, in %,d s:%n",
                count, seeds.size(), (System.nanoTime() - start) / 1_000_000_000L);
        outcomes.forEach((outcome, number) -> OUT.printf("  %-62s %,9d%n", outcome.words, number.get()));
        return ended && failures() == 0;
    }

    private int failures() {
        return outcomes.entrySet().stream()
                .filter(each -> each.getKey().failure)
                .mapToInt(each -> each.getValue().get())
                .sum();
    }

    private void one(int seed) {
        Random random = new Random(seed);
        byte[] paper = new byte[0];
        Outcome outcome;
        long start = System.nanoTime();
        try {
            paper = new Damage(random).of(seeds.get(random.nextInt(seeds.size())));
            outcome = judge(paper, briefs.get(random.nextInt(briefs.size())), random.nextBoolean());
        } catch (IOException | RuntimeException | StackOverflowError | OutOfMemoryError e) {
            outcome = Outcome.CRASHED;
            OUT.printf("seed %d: %s%n", seed, e);
            for (StackTraceElement each : e.getStackTrace()) {
                if (each.getClassName().startsWith("grintel.")) {
                    OUT.printf("    %s%n", each);
                    break;
                }
            }
        }
        if (System.nanoTime() - start > 2L * SECONDS * 1_000_000_000L) {
            outcome = Outcome.HUNG;
        }
        count(seed, outcome, paper);
    }

    private void count(int seed, Outcome outcome, byte[] paper) {
        Objects.requireNonNull(outcomes.get(outcome)).incrementAndGet();
        if (outcome.failure) {
            OUT.printf("seed %d: %s%n", seed, outcome.words);
            try {
                Files.createDirectories(kept);
                Files.write(kept.resolve(seed + ".docx"), paper);
            } catch (IOException e) {
                OUT.println(e);
            }
        }
    }

    private static Outcome judge(byte[] paper, Brief brief, boolean looksOnly) {
        WorkLimits limits = WorkLimits.within(SECONDS);
        FixClass furthest = looksOnly ? FixClass.LOOKS : FixClass.APPARATUS;
        try {
            DocxFile file = limits.bound(() -> DocxFile.read(paper));
            Report before = Examiner.examine(file.paper(), brief, limits);
            PutRight.Result<DocxFile> mended =
                    PutRight.run(file, before, Corrections.NONE, PutRight.Choice.upTo(furthest), limits);
            String letters = looksOnly ? letters(paper) : "";
            if (!letters.isEmpty() && !letters.equals(letters(mended.file().bytes()))) {
                return Outcome.CHANGED;
            }
            return mended.done().isEmpty() ? Outcome.NOTHING_TO_DO : Outcome.MENDED;
        } catch (UnreadableFileException e) {
            return Outcome.UNREADABLE;
        } catch (TooLargeException e) {
            return Outcome.TOO_LARGE;
        } catch (EditRefusedException | PutRight.WordsChangedException e) {
            return Outcome.REFUSED;
        }
    }

    /** All letters of the text and the notes, as another reader finds them; empty where that cannot open the file. */
    private static String letters(byte[] file) {
        StringBuilder out = new StringBuilder();
        try (ZipFile zip = ZipFile.builder().setByteArray(file).get()) {
            for (String name : WORDS) {
                ZipArchiveEntry entry = zip.getEntry(name);
                Document document = entry == null
                        ? null
                        : Damage.parse(zip.getInputStream(entry).readAllBytes());
                NodeList texts = document == null ? null : document.getElementsByTagNameNS("*", "t");
                for (int i = 0; texts != null && i < texts.getLength(); i++) {
                    if (isOutermost(texts.item(i))) {
                        addLetters(texts.item(i).getTextContent(), out);
                    }
                }
            }
        } catch (IOException e) {
            return "";
        }
        return out.toString();
    }

    private static boolean isOutermost(Node text) {
        for (Node each = text.getParentNode(); each != null; each = each.getParentNode()) {
            if ("t".equals(each.getLocalName())) {
                return false;
            }
        }
        return true;
    }

    private static void addLetters(String text, StringBuilder out) {
        text.chars().filter(c -> !isSpace(c)).forEach(c -> out.append((char) c));
    }

    private static boolean isSpace(int c) {
        return Character.isWhitespace(c) || Character.isSpaceChar(c);
    }

    /** What became of a paper. */
    private enum Outcome {
        UNREADABLE(false, "refused as unreadable, in a sentence"),
        TOO_LARGE(false, "refused as beyond the bounds of size or time"),
        REFUSED(false, "checked; putting right refused, nothing changed"),
        NOTHING_TO_DO(false, "checked; nothing there that may be put right"),
        MENDED(false, "checked and put right"),
        CRASHED(true, "crashed"),
        HUNG(true, "went on beyond the bound"),
        CHANGED(true, "letters changed where only looks were to be");

        private final boolean failure;
        private final String words;

        Outcome(boolean failure, String words) {
            this.failure = failure;
            this.words = words;
        }
    }
}
