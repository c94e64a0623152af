package grintel.core.compose;

import grintel.core.compose.Content.Appendix;
import grintel.core.compose.Content.Heading;
import grintel.core.compose.Content.Line;
import grintel.core.compose.Content.Listing;
import grintel.core.compose.Content.Piece;
import grintel.core.compose.Content.Quotation;
import grintel.core.compose.Content.Text;
import grintel.core.guide.Facts;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Lengths;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import grintel.core.typeset.Typesetter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Text without looks of its own, taken apart into the parts of a paper. */
public final class LooseText {
    private static final PropertySet NOTHING = PropertySet.empty();
    private static final int BULLETS = 1;
    private static final int NUMBERS = 2;

    private LooseText() {}

    /** What the text itself said of a block where it came from. */
    public enum Hint {
        NONE(0),
        TITLE(0),
        HEADING_1(1),
        HEADING_2(2),
        HEADING_3(3),
        HEADING_4(4),
        HEADING_5(5),
        QUOTATION(0),
        ITEM(0),
        NUMBERED_ITEM(0);

        private final int level;

        Hint(int level) {
            this.level = level;
        }
    }

    /** A paragraph of loose text. */
    public record Block(Hint hint, Line line) {}

    /**
     * What a block is taken for.
     *
     * @param level of a heading, else 0
     */
    public record Taken(PartKind kind, int level) {}

    /**
     * What was understood of a text.
     *
     * @param taken one for each block
     * @param facts what its opening says of the paper
     */
    public record Understood(List<Taken> taken, Facts facts) {}

    /**
     * Takes a text apart.
     *
     * @throws grintel.core.limit.TooLargeException when it is beyond the limits
     */
    public static Understood understand(List<Block> blocks, WorkLimits limits) {
        return limits.bound(() -> {
            Paper paper = paper(blocks);
            Parts parts = Parts.recognise(paper, Typesetter.typeset(paper, limits));
            List<Taken> taken = new ArrayList<>();
            for (int i = 0; i < blocks.size(); i++) {
                PartKind kind = settled(parts.kind(i), blocks.get(i).hint());
                taken.add(new Taken(kind, kind == PartKind.HEADING ? Math.max(1, parts.headingLevel(i)) : 0));
            }
            return new Understood(taken, FoundFacts.of(parts.facts()));
        });
    }

    /** What a text says of a block by its mark-up counts where its words tell nothing else. */
    private static PartKind settled(PartKind kind, Hint hint) {
        if (kind != PartKind.PARAGRAPH && kind != PartKind.CONTINUATION && kind != PartKind.UNKNOWN) {
            return kind;
        }
        return switch (hint) {
            case QUOTATION -> PartKind.BLOCK_QUOTATION;
            case ITEM, NUMBERED_ITEM -> PartKind.LIST_ITEM;
            default -> PartKind.PARAGRAPH;
        };
    }

    /** The text as a plain paper in which only what it said itself has a look. */
    private static Paper paper(List<Block> blocks) {
        PaperBuilder out = new PaperBuilder();
        PropertySet type = PropertySet.of(CharacterProperties.FACE, "Times New Roman")
                .with(CharacterProperties.FACE_HIGH_ANSI, "Times New Roman")
                .with(CharacterProperties.SIZE, 24);
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, NOTHING, type);
        out.style("Title", "Title", Style.Kind.PARAGRAPH, "Normal", NOTHING, NOTHING);
        for (int level = 1; level <= 5; level++) {
            out.style("H" + level, "heading " + level, Style.Kind.PARAGRAPH, "Normal", NOTHING, NOTHING);
        }
        out.list(BULLETS, PieceWriter.definition(BULLETS, false)).list(NUMBERS, PieceWriter.definition(NUMBERS, true));
        for (Block block : blocks) {
            out.paragraph(line -> {
                switch (block.hint()) {
                    case TITLE -> line.style("Title");
                    case QUOTATION -> line.set(ParagraphProperties.INDENT_LEFT, Lengths.inches(0.5));
                    case ITEM -> line.set(ParagraphProperties.NUMBERING_ID, BULLETS);
                    case NUMBERED_ITEM -> line.set(ParagraphProperties.NUMBERING_ID, NUMBERS);
                    case HEADING_1, HEADING_2, HEADING_3, HEADING_4, HEADING_5 -> line.style("H" + block.hint().level);
                    case NONE -> {}
                }
                Words.add(line, block.line());
            });
        }
        return out.build();
    }

    /**
     * The words of a paper that blocks make up once it is settled what each is. Lines of the opening are left out: the
     * facts of the brief say them.
     *
     * @param taken one for each block
     */
    public static Content content(List<Block> blocks, List<Taken> taken) {
        return new Sorter().sort(blocks, taken);
    }

    /** Puts blocks into the places of a paper, one after the other. */
    private static final class Sorter {
        private final List<Line> summary = new ArrayList<>();
        private final List<String> keywords = new ArrayList<>();
        private final List<Line> note = new ArrayList<>();
        private final List<Line> sources = new ArrayList<>();
        private final List<Appendix> appendices = new ArrayList<>();
        private final List<Piece> text = new ArrayList<>();
        private List<Piece> pieces = text;
        private String appendixTitle = "";

        Content sort(List<Block> blocks, List<Taken> taken) {
            for (int i = 0; i < blocks.size(); i++) {
                put(blocks.get(i), taken.get(i));
            }
            endAppendix();
            return new Content(summary, keywords, note, text, sources, appendices);
        }

        private void put(Block block, Taken taken) {
            Line line = block.line();
            PartKind kind = taken.kind();
            if (line.words().isBlank() || kind.isOfOpening()) {
                return;
            }
            switch (kind) {
                case ABSTRACT_LABEL, AUTHOR_NOTE_LABEL -> {}
                case ABSTRACT_TEXT -> summary.add(line);
                case AUTHOR_NOTE_TEXT -> note.add(line);
                case KEYWORDS -> keywords.addAll(keywordsIn(line.words()));
                case HEADING -> pieces.add(new Heading(taken.level(), line));
                case BLOCK_QUOTATION -> quote(line);
                case LIST_ITEM -> item(line, block.hint() == Hint.NUMBERED_ITEM);
                case SOURCES_LABEL -> endAppendix();
                case ENTRY -> sources.add(line);
                case APPENDIX_LABEL -> beginAppendix();
                case APPENDIX_TITLE -> appendixTitle = line.words();
                default -> pieces.add(new Text(line));
            }
        }

        private void quote(Line line) {
            List<Line> all = new ArrayList<>();
            if (last() instanceof Quotation before) {
                all.addAll(before.paragraphs());
                pieces.remove(pieces.size() - 1);
            }
            all.add(line);
            pieces.add(new Quotation(all));
        }

        private void item(Line line, boolean numbered) {
            List<Line> all = new ArrayList<>();
            if (last() instanceof Listing before && before.numbered() == numbered) {
                all.addAll(before.items());
                pieces.remove(pieces.size() - 1);
            }
            all.add(line);
            pieces.add(new Listing(numbered, all));
        }

        private Piece last() {
            return pieces.isEmpty() ? Text.of("") : pieces.get(pieces.size() - 1);
        }

        private void beginAppendix() {
            endAppendix();
            pieces = new ArrayList<>();
        }

        private void endAppendix() {
            if (pieces != text) {
                appendices.add(new Appendix(appendixTitle, pieces));
                appendixTitle = "";
                pieces = text;
            }
        }

        private static List<String> keywordsIn(String line) {
            String words =
                    line.replaceFirst("(?i)^\\s*key\\s?words\\s*:?", "").strip().replaceAll("\\.$", "");
            return Arrays.stream(words.split("[,;]"))
                    .map(String::strip)
                    .filter(word -> !word.isEmpty())
                    .toList();
        }
    }
}
