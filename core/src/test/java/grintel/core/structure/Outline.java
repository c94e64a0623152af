package grintel.core.structure;

import grintel.core.approved.Approved;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.typeset.Typesetter;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What a paper is taken for, in lines: each paragraph with its evidence, the parts as they hold each other, the facts. */
final class Outline {
    private static final int LONGEST_QUOTE = 40;

    private Outline() {}

    /** Recognises a paper's parts and has what was seen of them approved. */
    static Parts seen(Paper paper, Corrections corrections) {
        Parts parts = of(paper, corrections);
        Approved.see(told(paper, parts));
        return parts;
    }

    /** Recognises a paper's parts. */
    static Parts of(Paper paper, Corrections corrections) {
        return Parts.recognise(paper, Typesetter.typeset(paper, WorkLimits.within(20)), corrections);
    }

    private static String told(Paper paper, Parts parts) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < parts.size(); i++) {
            out.append(paragraph(paper, parts, i)).append('\n');
        }
        parts.root().children().forEach(part -> tree(part, "  ", out));
        PaperFacts facts = parts.facts();
        out.append(parts.hasTitlePage() ? "a title page; title “" : "title “")
                .append(facts.title())
                .append("” subtitle “")
                .append(facts.subtitle());
        out.append("” by ").append(facts.authors());
        if (!facts.lines().isEmpty()) {
            out.append(' ').append(new EnumMap<>(facts.lines()));
        }
        return out.toString();
    }

    private static String paragraph(Paper paper, Parts parts, int index) {
        String text = paper.paragraphs().get(index).text().replace('\n', '⏎');
        String quote = text.length() > LONGEST_QUOTE ? text.substring(0, LONGEST_QUOTE) + "…" : text;
        int level = parts.headingLevel(index);
        List<Claim> evidence = parts.evidence(index);
        return String.format(
                Locale.ROOT,
                "%d %s%s%s %.2f “%s”%s%s%s: %s",
                index,
                parts.kind(index),
                parts.alsoNames(index).isEmpty() ? "" : " and " + parts.alsoNames(index),
                level > 0 ? " " + level : "",
                parts.doubt(index),
                quote,
                parts.isOnTitlePage(index) ? ", title page" : "",
                parts.isInText(index) ? "" : ", not of the text",
                parts.isInAppendix(index) ? ", appendix" : "",
                evidence.stream()
                        .map(claim -> String.format(
                                Locale.ROOT, "%s %.2f, %s", claim.kind(), claim.weight(), claim.because()))
                        .collect(Collectors.joining("; ")));
    }

    /** Paragraphs that hold nothing are told already. */
    private static void tree(Part part, String indent, StringBuilder out) {
        if (part.children().isEmpty() && part.range() == null && part.first() == part.last()) {
            return;
        }
        out.append(indent).append(part.kind()).append(part.level() > 0 ? " " + part.level() : "");
        out.append(' ').append(part.first()).append('–').append(part.last());
        if (part.range() != null) {
            out.append(" at ")
                    .append(part.range().from())
                    .append('–')
                    .append(part.range().to());
        }
        out.append('\n');
        part.children().forEach(child -> tree(child, indent + "  ", out));
    }
}
