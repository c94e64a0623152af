package grintel.server.brief;

import grintel.core.compose.Content.Line;
import grintel.core.compose.Content.Span;
import grintel.core.compose.LooseText;
import grintel.core.compose.LooseText.Block;
import grintel.core.compose.LooseText.Hint;
import grintel.core.compose.LooseText.Taken;
import grintel.core.limit.WorkLimits;
import grintel.core.structure.PartKind;
import grintel.server.problem.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Text without looks, as it is sent to be taken apart or set.
 *
 * @param taken what each block is; missing where that is still to be found out
 */
public record LooseChoice(
        @Nullable List<BlockChoice> blocks, @Nullable List<TakenChoice> taken) {
    private static final int MOST_BLOCKS = 50_000;
    private static final int TIME_LIMIT = 20;

    /** What each block is taken for, and what the text says of the paper. */
    public UnderstoodView understood() {
        LooseText.Understood understood = LooseText.understand(read(), WorkLimits.within(TIME_LIMIT));
        return new UnderstoodView(
                understood.taken().stream()
                        .map(taken -> new TakenChoice(id(taken.kind()), taken.level()))
                        .toList(),
                understood.facts().values(),
                understood.facts().authors().stream()
                        .map(BriefChoice.AuthorChoice::of)
                        .toList());
    }

    /** The blocks. */
    public List<Block> read() {
        List<BlockChoice> all = Objects.requireNonNullElse(blocks, List.of());
        if (all.isEmpty()) {
            throw Problem.badRequest("There is no text. Paste some, or choose a file that holds some.");
        }
        if (all.size() > MOST_BLOCKS) {
            throw Problem.tooLarge("A text has at most 50,000 paragraphs here.");
        }
        return all.stream().map(BlockChoice::read).toList();
    }

    /** What each block is, as somebody settled it. */
    public List<Taken> settled() {
        List<TakenChoice> all = Objects.requireNonNullElse(taken, List.of());
        if (all.size()
                != Objects.requireNonNullElse(blocks, List.<BlockChoice>of()).size()) {
            throw Problem.badRequest("For each paragraph of the text it must be said what it is.");
        }
        return all.stream().map(TakenChoice::read).toList();
    }

    private static String id(PartKind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** A paragraph, and what the text itself said of it. */
    public record BlockChoice(
            @Nullable String hint, @Nullable List<SpanChoice> spans) {
        Block read() {
            List<Span> all = new ArrayList<>();
            for (SpanChoice span : Objects.requireNonNullElse(spans, List.<SpanChoice>of())) {
                all.add(new Span(Objects.requireNonNullElse(span.words(), ""), span.italic(), span.bold(), null));
            }
            String said = Objects.requireNonNullElse(hint, "none");
            Hint found = Arrays.stream(Hint.values())
                    .filter(each -> each.name()
                            .toLowerCase(Locale.ROOT)
                            .replace('_', '-')
                            .equals(said))
                    .findFirst()
                    .orElse(Hint.NONE);
            return new Block(found, new Line(all));
        }
    }

    /** Words of one look. */
    public record SpanChoice(@Nullable String words, boolean italic, boolean bold) {}

    /** What a block is: a part by its id, and the level of a heading. */
    public record TakenChoice(String kind, int level) {
        Taken read() {
            PartKind found = Arrays.stream(PartKind.values())
                    .filter(each -> id(each).equals(kind))
                    .findFirst()
                    .orElseThrow(() -> Problem.badRequest("There is no part of a paper called so."));
            return new Taken(found, Math.max(1, Math.min(level, 5)));
        }
    }

    /**
     * What was understood of a text.
     *
     * @param more facts by name
     */
    public record UnderstoodView(
            List<TakenChoice> taken, Map<String, String> more, List<BriefChoice.AuthorChoice> authors) {}
}
