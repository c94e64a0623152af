package grintel.core.edit;

import grintel.core.edit.WordLedger.Line;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Does to the words of a ledger what an edit says it does to words; edits of looks do nothing. */
final class WordEditor implements EditVisitor {
    private final WordLedger ledger;
    private int fresh;

    WordEditor(WordLedger ledger) {
        this.ledger = ledger;
    }

    /** Whether an edit may change words, or which of them are seen. */
    static boolean touchesWords(Edit edit) {
        boolean onlyLooks =
                edit instanceof Edit.SetProperty set && set.property() != SectionProperties.FIRST_PAGE_DIFFERS
                        || edit instanceof Edit.CreateStyle
                        || edit instanceof Edit.ApplyStyle
                        || edit instanceof Edit.ApplyCharacterStyle
                        || edit instanceof Edit.FollowStyle
                        || edit instanceof Edit.SetApart
                        || edit instanceof Edit.SetColumns
                        || edit instanceof Edit.ChangePicture
                        || edit instanceof Edit.RemoveComment
                        || edit instanceof Edit.SetFileProperty;
        return !onlyLooks;
    }

    /** The paragraphs whose words edits change, add to or take away, each once. */
    static Set<ParagraphAddress> touched(List<Edit> edits) {
        Set<ParagraphAddress> out = new LinkedHashSet<>();
        for (Edit edit : edits) {
            if (edit instanceof Edit.ReplaceText replace) {
                out.add(replace.range().paragraph());
            } else if (edit instanceof Edit.MoveText move) {
                out.add(move.range().paragraph());
            } else if (edit instanceof Edit.InsertNote note) {
                out.add(note.paragraph());
            } else if (edit instanceof Edit.InsertParagraph insert) {
                out.add(insert.at().paragraph());
            } else if (edit instanceof Edit.InsertBlocks insert) {
                out.add(insert.at().paragraph());
            } else if (edit instanceof Edit.RemoveParagraph remove) {
                out.add(remove.paragraph());
            } else if (edit instanceof Edit.SplitParagraph split) {
                out.add(split.paragraph());
            } else if (edit instanceof Edit.JoinParagraphs join) {
                out.add(join.first());
                out.add(new ParagraphAddress(join.first().story(), join.first().index() + 1));
            }
        }
        return out;
    }

    // ---- looks

    @Override
    public void setProperty(Edit.SetProperty edit) {
        if (edit.property() == SectionProperties.FIRST_PAGE_DIFFERS && edit.target() instanceof Target.OfSection of) {
            ledger.sections().get(of.section()).firstPageDiffers = Boolean.TRUE.equals(edit.value());
        }
    }

    @Override
    public void createStyle(Edit.CreateStyle edit) {}

    @Override
    public void applyStyle(Edit.ApplyStyle edit) {}

    @Override
    public void applyCharacterStyle(Edit.ApplyCharacterStyle edit) {}

    @Override
    public void followStyle(Edit.FollowStyle edit) {}

    /** Numbers that a list writes are no characters of the paper. */
    @Override
    public void defineLevel(Edit.DefineLevel edit) {}

    /** Sections that come in between take their headers from those before. */
    @Override
    public void setApart(Edit.SetApart edit) {}

    @Override
    public void setColumns(Edit.SetColumns edit) {}

    @Override
    public void changePicture(Edit.ChangePicture edit) {}

    @Override
    public void setFileProperty(Edit.SetFileProperty edit) {}

    // ---- characters

    @Override
    public void replaceText(Edit.ReplaceText edit) {
        String letters = letters(edit.range().paragraph());
        set(
                edit.range().paragraph(),
                letters.substring(0, edit.range().from())
                        + letters(edit.content())
                        + letters.substring(edit.range().to()));
    }

    private static String letters(List<Piece> pieces) {
        StringBuilder out = new StringBuilder();
        for (Piece piece : pieces) {
            out.append(piece instanceof Piece.Value ? "#" : Piece.characters(List.of(piece)));
        }
        return out.toString();
    }

    @Override
    public void moveText(Edit.MoveText edit) {
        int from = edit.range().from();
        int to = edit.range().to();
        StringBuilder letters = new StringBuilder(letters(edit.range().paragraph()));
        String moved = letters.substring(from, to);
        letters.delete(from, to);
        letters.insert(edit.to() > from ? edit.to() - moved.length() : edit.to(), moved);
        set(edit.range().paragraph(), letters.toString());
    }

    @Override
    public void insertNote(Edit.InsertNote edit) {
        Story note = new Story(edit.kind(), "fresh " + fresh++);
        List<Line> lines = new ArrayList<>();
        for (NewParagraph paragraph : edit.content()) {
            lines.add(new Line(new ParagraphAddress(note, lines.size()), paragraph.characters()));
        }
        ledger.write(note, lines);
        String letters = letters(edit.paragraph());
        set(edit.paragraph(), letters.substring(0, edit.at()) + ledger.newNote(note) + letters.substring(edit.at()));
    }

    /** A note keeps its place and its words, whatever kind it is. */
    @Override
    public void changeNoteKind(Edit.ChangeNoteKind edit) {}

    private String letters(ParagraphAddress address) {
        return ledger.line(address).letters();
    }

    private void set(ParagraphAddress address, String letters) {
        ledger.replace(address, ledger.line(address).with(letters));
    }

    // ---- paragraphs

    @Override
    public void insertParagraph(Edit.InsertParagraph edit) {
        ParagraphAddress beside = edit.at().paragraph();
        insert(
                beside,
                edit.at().before() ? 0 : 1,
                letters(edit.paragraph().runs().stream()
                        .map(NewParagraph.NewRun::piece)
                        .toList()));
    }

    @Override
    public void insertBlocks(Edit.InsertBlocks edit) {
        ParagraphAddress beside = edit.at().paragraph();
        List<NewParagraph> paragraphs = edit.blocks().stream()
                .flatMap(block -> block.paragraphs().stream())
                .toList();
        // Each goes right before the paragraph, or right after it and before those that went there already.
        int count = paragraphs.size();
        for (int i = 0; i < count; i++) {
            NewParagraph each = paragraphs.get(edit.at().before() ? i : count - 1 - i);
            List<Piece> pieces =
                    each.runs().stream().map(NewParagraph.NewRun::piece).toList();
            insert(beside, edit.at().before() ? 0 : 1, letters(pieces));
        }
    }

    private void insert(ParagraphAddress beside, int after, String letters) {
        List<Line> lines = ledger.lines(beside.story());
        ParagraphAddress address = new ParagraphAddress(beside.story(), -1 - fresh++);
        lines.add(WordLedger.indexOf(lines, beside) + after, new Line(address, letters, beside));
    }

    @Override
    public void removeParagraph(Edit.RemoveParagraph edit) {
        List<Line> lines = ledger.lines(edit.paragraph().story());
        lines.remove(WordLedger.indexOf(lines, edit.paragraph()));
    }

    @Override
    public void moveParagraphs(Edit.MoveParagraphs edit) {
        List<Line> lines = ledger.lines(edit.first().story());
        List<Line> moved = new ArrayList<>();
        for (int i = 0; i < edit.count(); i++) {
            ParagraphAddress each =
                    new ParagraphAddress(edit.first().story(), edit.first().index() + i);
            moved.add(lines.remove(WordLedger.indexOf(lines, each)));
        }
        int at = WordLedger.indexOf(lines, edit.to().paragraph()) + (edit.to().before() ? 0 : 1);
        lines.addAll(at, moved);
    }

    @Override
    public void splitParagraph(Edit.SplitParagraph edit) {
        Line line = ledger.line(edit.paragraph());
        ledger.replace(edit.paragraph(), new Line(line.address(), line.letters().substring(0, edit.at()), line.from()));
        insert(edit.paragraph(), 1, line.letters().substring(edit.at()));
    }

    @Override
    public void joinParagraphs(Edit.JoinParagraphs edit) {
        List<Line> lines = ledger.lines(edit.first().story());
        int at = WordLedger.indexOf(lines, edit.first());
        Line first = lines.get(at);
        Line next = lines.remove(at + 1);
        lines.set(at, new Line(first.address(), first.letters() + edit.between() + next.letters(), first.from()));
    }

    // ---- headers

    @Override
    public void writeMarginal(Edit.WriteMarginal edit) {
        WordLedger.SectionHeads heads = ledger.sections().get(edit.section());
        Story was = heads.own(edit.kind()).get(edit.variant());
        Story story = new Story(edit.kind(), "fresh " + fresh++);
        List<Line> lines = new ArrayList<>();
        lines.add(
                new Line(new ParagraphAddress(story, 0), letters(edit.content().line())));
        if (was != null) {
            for (Line line : ledger.lines(was)) {
                String rest = line.letters().replace(Paragraph.OBJECT, ' ').strip();
                if (rest.isEmpty() && line.letters().indexOf(Paragraph.OBJECT) >= 0) {
                    lines.add(line);
                }
            }
        }
        ledger.write(story, lines);
        heads.own(edit.kind()).put(edit.variant(), story);
    }

    @Override
    public void inheritMarginal(Edit.InheritMarginal edit) {
        ledger.sections().get(edit.section()).own(edit.kind()).remove(edit.variant());
    }

    @Override
    public void settleChanges(Edit.SettleChanges edit) {
        ledger.settle(edit.paragraph());
    }

    @Override
    public void removeComment(Edit.RemoveComment edit) {}

    @Override
    public void setSetting(Edit.SetSetting edit) {
        if (edit.setting() == Edit.Setting.EVEN_PAGES_DIFFER) {
            ledger.setEvenPagesDiffer(edit.on());
        }
    }
}
