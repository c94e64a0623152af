package grintel.core.random;

import grintel.core.edit.Edit;
import grintel.core.edit.EditSet;
import grintel.core.edit.MarginalContent;
import grintel.core.edit.NewImage;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.NewTable;
import grintel.core.edit.Piece;
import grintel.core.edit.Position;
import grintel.core.edit.Target;
import grintel.core.paper.Block;
import grintel.core.paper.Blocks;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.RowProperties;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.Table;
import grintel.core.paper.TableProperties;
import grintel.core.paper.TextRange;
import grintel.core.paper.Width;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** Edits of every kind, made by chance for a paper at hand. */
public final class RandomEdits {
    private static final NewImage DOT = NewImage.drawn(
            Base64.getDecoder()
                    .decode(
                            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=="),
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"1\" height=\"1\"/>".getBytes(StandardCharsets.UTF_8),
            new Inline.Picture.Pixels(1, 1));

    private final Paper paper;
    private final Random random;

    private RandomEdits(Paper paper, Random random) {
        this.paper = paper;
        this.random = random;
    }

    /** The kinds of edit there are. */
    public static List<Class<?>> kinds() {
        return List.of(Edit.class.getPermittedSubclasses());
    }

    /** Some edits of a kind that can be made together; fewer, or none, where the paper leaves no room for more. */
    public static List<Edit> of(Class<?> kind, Paper paper, Random random, int count) {
        RandomEdits edits = new RandomEdits(paper, random);
        EditSet out = new EditSet();
        for (int tries = 0; tries < 40 * count && out.edits().size() < count; tries++) {
            Edit edit = edits.make(kind.getSimpleName());
            if (edit != null) {
                out.add(List.of(edit));
            }
        }
        return out.edits();
    }

    private @Nullable Edit make(String kind) {
        return switch (kind) {
            case "SetProperty" -> setProperty();
            case "CreateStyle" -> {
                String id = "Made" + random.nextInt(50);
                yield paper.styles().find(id) != null
                        ? null
                        : new Edit.CreateStyle(Style.of(
                                id,
                                "Made up",
                                Style.Kind.PARAGRAPH,
                                "Normal",
                                false,
                                RandomValues.some(ParagraphProperties.ALL, 0.2, random),
                                RandomValues.some(CharacterProperties.ALL, 0.2, random)));
            }
            case "ApplyStyle" -> new Edit.ApplyStyle(any().address(), random.nextBoolean() ? "Body" : "Head");
            case "ApplyCharacterStyle" -> {
                TextRange range = range(any(), 1);
                yield range == null
                        ? null
                        : new Edit.ApplyCharacterStyle(range, random.nextBoolean() ? "Strong" : null);
            }
            case "FollowStyle" -> new Edit.FollowStyle("Body", random.nextBoolean() ? "Head" : "Normal");
            case "DefineLevel" ->
                new Edit.DefineLevel(
                        1 + random.nextInt(2), random.nextInt(3), NumberFormat.UPPER_ROMAN, "(%1)", "space");
            case "ReplaceText" -> replaceText();
            case "MoveText" -> moveText();
            case "InsertParagraph" -> {
                Paragraph beside = text();
                yield new Edit.InsertParagraph(
                        new Position(beside.address(), random.nextInt(3) > 0 || beside.endsSection()), fresh());
            }
            case "InsertBlocks" -> {
                Paragraph beside = text();
                NewTable.Cell cell = new NewTable.Cell(
                        PropertySet.of(CellProperties.WIDTH, Width.twips(1200)), List.of(fresh(), fresh()));
                yield new Edit.InsertBlocks(
                        new Position(beside.address(), random.nextBoolean() || beside.endsSection()),
                        List.of(
                                fresh(),
                                pictured(),
                                new NewTable(
                                        PropertySet.of(TableProperties.FIXED, true),
                                        List.of(1200, 1200),
                                        List.of(
                                                new NewTable.Row(PropertySet.empty(), List.of(cell, cell)),
                                                new NewTable.Row(
                                                        PropertySet.of(RowProperties.REPEATS, true),
                                                        List.of(cell, cell)))),
                                fresh()));
            }
            case "RemoveParagraph" -> removable();
            case "MoveParagraphs" -> move();
            case "SplitParagraph" -> split();
            case "JoinParagraphs" -> join();
            case "SetApart" -> setApart();
            case "SetColumns" -> {
                Table table = table();
                yield table == null ? null : new Edit.SetColumns(table.address(), List.of(1000, 2000, 1500));
            }
            case "ChangePicture" -> picture();
            case "InsertNote" -> {
                Paragraph paragraph = text();
                Story.Kind note = random.nextBoolean() ? Story.Kind.FOOTNOTE : Story.Kind.ENDNOTE;
                yield new Edit.InsertNote(
                        paragraph.address(), random.nextInt(paragraph.range().to() + 1), note, List.of(fresh()));
            }
            case "ChangeNoteKind" ->
                paper.notes().isEmpty()
                        ? null
                        : new Edit.ChangeNoteKind(
                                RandomValues.pick(paper.notes(), random).story());
            case "WriteMarginal" -> new Edit.WriteMarginal(section(), marginalKind(), variant(), content());
            case "InheritMarginal" -> new Edit.InheritMarginal(section(), marginalKind(), variant());
            case "SettleChanges" -> {
                Paragraph paragraph = any();
                yield paragraph.markRevision() == Revision.DELETED ? null : new Edit.SettleChanges(paragraph.address());
            }
            case "RemoveComment" ->
                paper.comments().isEmpty()
                        ? null
                        : new Edit.RemoveComment(
                                RandomValues.pick(paper.comments(), random).id());
            case "SetSetting" ->
                new Edit.SetSetting(
                        random.nextBoolean() ? Edit.Setting.EVEN_PAGES_DIFFER : Edit.Setting.HYPHENATION,
                        random.nextBoolean());
            case "SetFileProperty" ->
                new Edit.SetFileProperty(
                        Edit.FileProperty.values()[random.nextInt(3)], random.nextBoolean() ? "fr-FR" : "en-US");
            default -> throw new IllegalArgumentException("No edits are made up of kind " + kind);
        };
    }

    // ---- things to edit

    private Paragraph text() {
        return RandomValues.pick(paper.paragraphs(), random);
    }

    /** A paragraph of the text, a note or a header. */
    private Paragraph any() {
        List<Paragraph> others = new ArrayList<>(paper.noteParagraphs());
        others.addAll(paper.marginalParagraphs());
        return others.isEmpty() || random.nextInt(3) > 0 ? text() : RandomValues.pick(others, random);
    }

    private @Nullable TextRange range(Paragraph paragraph, int least) {
        int length = paragraph.range().to();
        if (length < least) {
            return null;
        }
        int from = random.nextInt(length - least + 1);
        int to = Math.min(length, from + least + random.nextInt(12));
        return new TextRange(paragraph.address(), from, to);
    }

    private @Nullable Table table() {
        List<Table> tables = paper.tables();
        return tables.isEmpty() ? null : RandomValues.pick(tables, random);
    }

    private int section() {
        return random.nextInt(paper.sections().size());
    }

    private Story.Kind marginalKind() {
        return random.nextBoolean() ? Story.Kind.HEADER : Story.Kind.FOOTER;
    }

    private Marginals.Variant variant() {
        return Marginals.Variant.values()[random.nextInt(3)];
    }

    private NewParagraph fresh() {
        return new NewParagraph(
                random.nextBoolean() ? "Body" : null,
                RandomValues.some(ParagraphProperties.ALL, 0.05, random),
                List.of(
                        new NewParagraph.NewRun(new Piece.Words("brought in "), PropertySet.empty()),
                        new NewParagraph.NewRun(
                                new Piece.Words("by an edit"), PropertySet.of(CharacterProperties.ITALIC, true))));
    }

    private NewParagraph pictured() {
        Piece picture = new Piece.Picture(DOT, 914_400, 457_200 + random.nextInt(1000), "A dot, \"drawn\" & <small>");
        return new NewParagraph(
                null, PropertySet.empty(), List.of(new NewParagraph.NewRun(picture, PropertySet.empty())));
    }

    private MarginalContent content() {
        List<Piece> number = List.of(new Piece.Value(Inline.Field.Kind.PAGE));
        List<Piece> words = random.nextBoolean() ? List.of(new Piece.Words("Solvane ")) : List.of();
        return new MarginalContent(words, random.nextBoolean() ? words : List.of(), number, 9000, "Arial", 22);
    }

    // ---- edits

    private @Nullable Edit setProperty() {
        Table table = table();
        return switch (random.nextInt(table == null ? 6 : 9)) {
            case 0 -> set(new Target.OfParagraph(any().address()), ParagraphProperties.ALL);
            case 1 -> set(new Target.OfMark(any().address()), CharacterProperties.ALL);
            case 2 -> {
                TextRange range = range(any(), 1);
                yield range == null ? null : set(new Target.OfRange(range), CharacterProperties.ALL);
            }
            case 3 -> set(new Target.OfSection(section()), SectionProperties.ALL);
            case 4 ->
                random.nextBoolean()
                        ? set(new Target.OfStyle("Body"), ParagraphProperties.ALL)
                        : set(new Target.OfStyle("Normal"), CharacterProperties.ALL);
            case 5 ->
                set(
                        new Target.OfListLevel(1 + random.nextInt(2), random.nextInt(3)),
                        List.of(ParagraphProperties.INDENT_LEFT, ParagraphProperties.INDENT_FIRST_LINE));
            case 6 -> set(new Target.OfTable(table.address()), TableProperties.ALL);
            case 7 ->
                set(
                        new Target.OfRow(
                                table.address(), random.nextInt(table.rows().size())),
                        RowProperties.ALL);
            default ->
                set(
                        new Target.OfCell(
                                table.address(), random.nextInt(table.rows().size()), random.nextInt(3)),
                        CellProperties.ALL.stream()
                                .filter(each -> !each.name().contains("inside"))
                                .toList());
        };
    }

    private Edit set(Target target, List<Property<?>> family) {
        Property<?> property = RandomValues.pick(family, random);
        return new Edit.SetProperty(
                target, property, random.nextInt(3) == 0 ? null : RandomValues.of(property, random));
    }

    private @Nullable Edit replaceText() {
        Paragraph paragraph = any();
        TextRange range = range(paragraph, random.nextInt(2));
        if (range == null || !isReplaceable(paragraph, range.from(), range.to())) {
            return null;
        }
        List<Piece> content = new ArrayList<>();
        if (random.nextInt(3) > 0) {
            content.add(new Piece.Words(random.nextBoolean() ? "new words" : " "));
        }
        if (random.nextInt(4) == 0) {
            content.add(
                    random.nextBoolean()
                            ? new Piece.Value(Inline.Field.Kind.PAGE)
                            : random.nextBoolean() ? new Piece.Tab() : new Piece.Break(Inline.Break.Kind.LINE));
        }
        return new Edit.ReplaceText(range, content);
    }

    private static boolean isReplaceable(Paragraph paragraph, int from, int to) {
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            boolean touched = at < to && from < at + inline.length();
            boolean characters = inline instanceof Inline.Text
                    || inline instanceof Inline.Tab
                    || inline instanceof Inline.Break
                    || inline instanceof Inline.Field;
            if (touched && !characters) {
                return false;
            }
            at += inline.length();
        }
        return true;
    }

    private @Nullable Edit moveText() {
        Paragraph paragraph = text();
        // Characters of a link, or of a tracked change, stay where they are.
        boolean plain = paragraph.inlines().stream()
                .allMatch(inline -> !inline.run().linked() && inline.run().revision() == Revision.NONE);
        TextRange range = range(paragraph, 1);
        if (range == null || !plain) {
            return null;
        }
        int length = paragraph.range().to() - (range.to() - range.from());
        int to = random.nextInt(length + 1);
        return new Edit.MoveText(range, to <= range.from() ? to : to + range.to() - range.from());
    }

    private boolean isPlain(Paragraph paragraph) {
        return !paragraph.endsSection()
                && paragraph.inlines().stream()
                        .allMatch(inline -> inline instanceof Inline.Text
                                || inline instanceof Inline.Edge edge && edge.kind() != Inline.Edge.Kind.COMMENT);
    }

    private @Nullable Edit removable() {
        Paragraph paragraph = text();
        return isPlain(paragraph) && hasNeighbour(paragraph) ? new Edit.RemoveParagraph(paragraph.address()) : null;
    }

    private boolean hasNeighbour(Paragraph paragraph) {
        int index = paragraph.address().index();
        List<Paragraph> all = paper.paragraphs();
        return !paragraph.inTable()
                && index > 0
                && index + 1 < all.size()
                && !all.get(index + 1).inTable();
    }

    private @Nullable Edit move() {
        Paragraph first = text();
        Paragraph to = text();
        if (first.inTable() || first.endsSection() || first.equals(to) || to.endsSection() || to.inTable()) {
            return null;
        }
        return new Edit.MoveParagraphs(first.address(), 1, new Position(to.address(), random.nextBoolean()));
    }

    private @Nullable Edit split() {
        Paragraph paragraph = text();
        PropertySet rest = random.nextBoolean()
                ? PropertySet.empty()
                : PropertySet.of(ParagraphProperties.INDENT_LEFT, 20 * random.nextInt(100));
        return new Edit.SplitParagraph(
                paragraph.address(), random.nextInt(paragraph.range().to() + 1), rest);
    }

    private @Nullable Edit join() {
        Paragraph first = text();
        int next = first.address().index() + 1;
        if (first.endsSection()
                || !hasNeighbour(first)
                || next >= paper.paragraphs().size()) {
            return null;
        }
        return new Edit.JoinParagraphs(ParagraphAddress.text(first.address().index()), random.nextBoolean() ? " " : "");
    }

    private @Nullable Edit setApart() {
        List<Block> blocks = RandomValues.pick(paper.sections(), random).blocks();
        int from = random.nextInt(blocks.size());
        int to = Math.min(blocks.size(), from + 1 + random.nextInt(4));
        List<Paragraph> apart = Blocks.paragraphs(blocks.subList(from, to));
        PropertySet sheet =
                RandomValues.some(SectionProperties.ALL, 0.3, random).with(SectionProperties.FIRST_PAGE_DIFFERS, null);
        return apart.isEmpty()
                ? null
                : new Edit.SetApart(
                        apart.get(0).address(), apart.get(apart.size() - 1).address(), sheet);
    }

    private @Nullable Edit picture() {
        Paragraph paragraph = any();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Picture) {
                return new Edit.ChangePicture(
                        paragraph.address(),
                        at,
                        random.nextBoolean() ? new Edit.ChangePicture.Size(1_000_000, 500_000) : null,
                        random.nextBoolean() ? "another <description>" : null,
                        random.nextBoolean());
            }
            at += inline.length();
        }
        return null;
    }
}
