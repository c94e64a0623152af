package grintel.core.typeset;

import grintel.core.paper.Block;
import grintel.core.paper.EmbeddedText;
import grintel.core.paper.Frame;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Table;
import java.util.ArrayList;
import java.util.List;

/**
 * Tells what stands one below the other. Paragraphs of which nothing shows are left out, those that read on into the
 * next are one text with it, and those in a frame are tied to the text that the frame stands at.
 */
final class Stacker {
    private final boolean looksForFrames;
    private final List<Stacked> out = new ArrayList<>();
    private final List<Paragraph> chain = new ArrayList<>();
    private final List<Stacked.Framed> frames = new ArrayList<>();

    /** @param looksForFrames whether frames take paragraphs out; inside a frame they no longer do */
    Stacker(boolean looksForFrames) {
        this.looksForFrames = looksForFrames;
    }

    List<Stacked> stack(List<? extends Block> blocks) {
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                add(paragraph);
            } else if (block instanceof Table table) {
                endText();
                endFrames();
                out.add(new Stacked.Grid(table));
            } else if (block instanceof EmbeddedText text) {
                endText();
                text.paragraphs().forEach(this::add);
                endText();
            }
        }
        endText();
        endFrames();
        return out;
    }

    private void add(Paragraph paragraph) {
        Frame frame = looksForFrames ? paragraph.format().get(ParagraphProperties.FRAME) : Frame.NONE;
        if (frame.isFrame()) {
            endText();
            Stacked.Framed last = frames.isEmpty() ? null : frames.get(frames.size() - 1);
            if (last != null && last.frame().equals(frame)) {
                last.paragraphs().add(paragraph);
            } else {
                frames.add(new Stacked.Framed(frame, new ArrayList<>(List.of(paragraph))));
            }
            return;
        }
        chain.add(paragraph);
        if (!paragraph.runsOn()) {
            addText();
        }
    }

    /** A chain that leads nowhere stands as it is, where anything of it shows. */
    private void endText() {
        if (!chain.isEmpty() && !chain.stream().allMatch(Paragraph::isHidden)) {
            addText();
        }
        chain.clear();
    }

    private void endFrames() {
        if (!frames.isEmpty()) {
            out.add(new Stacked.Loose(List.copyOf(frames)));
            frames.clear();
        }
    }

    private void addText() {
        out.add(new Stacked.Text(chain.get(chain.size() - 1), List.copyOf(chain), List.copyOf(frames)));
        chain.clear();
        frames.clear();
    }
}
