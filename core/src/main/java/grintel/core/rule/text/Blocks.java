package grintel.core.rule.text;

import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** The block quotations of the text; centred verse has a form of its own and is left out. */
final class Blocks {
    private Blocks() {}

    /**
     * A block of one paragraph or several.
     *
     * @param paragraphs at least one
     */
    record Block(List<Paragraph> paragraphs) {
        Paragraph first() {
            return paragraphs.get(0);
        }

        Paragraph last() {
            return paragraphs.get(paragraphs.size() - 1);
        }

        /** Its lines as hard breaks and the ends of paragraphs part them. */
        List<String> lines() {
            return paragraphs.stream()
                    .flatMap(paragraph -> paragraph.text().strip().lines())
                    .toList();
        }

        String words() {
            return String.join(" ", paragraphs.stream().map(Paragraph::text).toList());
        }
    }

    static List<Block> of(Examination exam) {
        List<Block> out = new ArrayList<>();
        List<Paragraph> open = new ArrayList<>();
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            PartKind kind = exam.kind(paragraph);
            if (kind == PartKind.BLANK && !open.isEmpty()) {
                continue;
            }
            boolean quoted = kind == PartKind.BLOCK_QUOTATION
                    && paragraph.format().get(ParagraphProperties.ALIGNMENT) != ParagraphProperties.Alignment.CENTRE;
            if (quoted) {
                open.add(paragraph);
            } else if (!open.isEmpty()) {
                out.add(new Block(List.copyOf(open)));
                open.clear();
            }
        }
        if (!open.isEmpty()) {
            out.add(new Block(List.copyOf(open)));
        }
        return out;
    }
}
