package grintel.core.edit;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Property;
import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Edits that can be made together. Two clash only where they touch the same thing and want it otherwise: one property
 * of the same or overlapping characters, overlapping characters, a paragraph that is moved, parted or taken out.
 */
public final class EditSet {
    private final Set<Edit> edits = new LinkedHashSet<>();
    private final Map<Object, Edit> slots = new HashMap<>();
    private final Map<ParagraphAddress, List<Span>> texts = new HashMap<>();
    private final Map<ParagraphAddress, Map<Property<?>, List<Span>>> ranges = new HashMap<>();
    private final Map<ParagraphAddress, Edit> structures = new HashMap<>();

    /** Adds these edits, all or, where one clashes with an edit that is in already, none; gives whether they were added. */
    public boolean add(Collection<? extends Edit> wanted) {
        Set<Edit> fresh = new LinkedHashSet<>();
        for (Edit edit : wanted) {
            WorkLimits.goOn();
            if (!edits.contains(edit)) {
                fresh.add(edit);
            }
        }
        for (Edit edit : fresh) {
            WorkLimits.goOn();
            Clash clash = new Clash(edit);
            edit.accept(clash);
            if (clash.found) {
                return false;
            }
        }
        for (Edit edit : fresh) {
            Edit together = together(edit);
            together.accept(new Entry(together));
            edits.add(together);
        }
        return true;
    }

    /** An edit, or the one that does what it and an edit that is in already do, which goes out for it. */
    private Edit together(Edit edit) {
        if (edit instanceof Edit.WriteMarginal write
                && slots.get(slotOf(write)) instanceof Edit.WriteMarginal other
                && !write.equals(other)) {
            Edit both = other.with(write);
            if (both != null) {
                edits.remove(other);
                return both;
            }
        }
        return edit;
    }

    private static Object slotOf(Edit.WriteMarginal edit) {
        return List.of(edit.section(), edit.kind(), edit.variant());
    }

    /** The edits in the order in which they were added, each once. */
    public List<Edit> edits() {
        return List.copyOf(edits);
    }

    public boolean isEmpty() {
        return edits.isEmpty();
    }

    /** Characters an edit touches; a place between characters where the two are the same. */
    private record Span(int from, int to, Edit edit) {
        boolean touches(int otherFrom, int otherTo) {
            return from == to || otherFrom == otherTo
                    ? from == otherFrom && to == otherTo
                            || from < otherFrom && otherFrom < to
                            || otherFrom < from && from < otherTo
                    : from < otherTo && otherFrom < to;
        }
    }

    /** Tells a subclass what an edit touches. */
    private abstract static class Touch implements EditVisitor {
        abstract void slot(Object slot);

        abstract void text(ParagraphAddress paragraph, int from, int to);

        abstract void range(TextRange range, Property<?> property, @Nullable Object value);

        /** @param whole whether the characters inside must be left alone as well */
        abstract void structure(List<ParagraphAddress> paragraphs, boolean whole);

        @Override
        public void setProperty(Edit.SetProperty edit) {
            if (edit.target() instanceof Target.OfRange of) {
                range(of.range(), edit.property(), edit.value());
            } else {
                slot(List.of(edit.target(), edit.property()));
            }
        }

        @Override
        public void createStyle(Edit.CreateStyle edit) {
            slot(List.of("style", edit.style().id()));
        }

        @Override
        public void applyStyle(Edit.ApplyStyle edit) {
            slot(List.of("applied", edit.paragraph()));
        }

        @Override
        public void applyCharacterStyle(Edit.ApplyCharacterStyle edit) {
            text(edit.range().paragraph(), edit.range().from(), edit.range().to());
        }

        @Override
        public void followStyle(Edit.FollowStyle edit) {
            slot(List.of("next", edit.style()));
        }

        @Override
        public void defineLevel(Edit.DefineLevel edit) {
            slot(List.of("level", edit.list(), edit.level()));
        }

        @Override
        public void replaceText(Edit.ReplaceText edit) {
            text(edit.range().paragraph(), edit.range().from(), edit.range().to());
        }

        @Override
        public void moveText(Edit.MoveText edit) {
            text(
                    edit.range().paragraph(),
                    Math.min(edit.range().from(), edit.to()),
                    Math.max(edit.range().to(), edit.to()));
        }

        @Override
        public void insertParagraph(Edit.InsertParagraph edit) {
            slot(edit.at());
        }

        @Override
        public void insertBlocks(Edit.InsertBlocks edit) {
            slot(edit.at());
        }

        @Override
        public void removeParagraph(Edit.RemoveParagraph edit) {
            structure(List.of(edit.paragraph()), true);
        }

        @Override
        public void moveParagraphs(Edit.MoveParagraphs edit) {
            List<ParagraphAddress> moved = new ArrayList<>();
            for (int i = 0; i < edit.count(); i++) {
                moved.add(
                        new ParagraphAddress(edit.first().story(), edit.first().index() + i));
            }
            structure(moved, false);
        }

        @Override
        public void splitParagraph(Edit.SplitParagraph edit) {
            structure(List.of(edit.paragraph()), true);
        }

        @Override
        public void joinParagraphs(Edit.JoinParagraphs edit) {
            ParagraphAddress first = edit.first();
            structure(List.of(first, new ParagraphAddress(first.story(), first.index() + 1)), true);
        }

        /** Its neighbours are told as well: which of them hold the ends of sections must not change meanwhile. */
        @Override
        public void setApart(Edit.SetApart edit) {
            List<ParagraphAddress> apart = new ArrayList<>();
            for (int i = edit.first().index() - 1; i <= edit.last().index() + 1; i++) {
                apart.add(ParagraphAddress.text(i));
            }
            structure(apart, false);
        }

        @Override
        public void setColumns(Edit.SetColumns edit) {
            slot(List.of("columns", edit.table()));
        }

        @Override
        public void changePicture(Edit.ChangePicture edit) {
            text(edit.paragraph(), edit.at(), edit.at() + 1);
        }

        @Override
        public void insertNote(Edit.InsertNote edit) {
            text(edit.paragraph(), edit.at(), edit.at());
        }

        @Override
        public void changeNoteKind(Edit.ChangeNoteKind edit) {
            slot(List.of("note", edit.note()));
        }

        @Override
        public void writeMarginal(Edit.WriteMarginal edit) {
            slot(slotOf(edit));
        }

        @Override
        public void inheritMarginal(Edit.InheritMarginal edit) {
            slot(List.of(edit.section(), edit.kind(), edit.variant()));
        }

        @Override
        public void settleChanges(Edit.SettleChanges edit) {
            structure(List.of(edit.paragraph()), true);
        }

        @Override
        public void removeComment(Edit.RemoveComment edit) {
            slot(List.of("comment", edit.id()));
        }

        @Override
        public void setSetting(Edit.SetSetting edit) {
            slot(edit.setting());
        }

        @Override
        public void setFileProperty(Edit.SetFileProperty edit) {
            slot(edit.property());
        }
    }

    /** Tells whether an edit clashes with one that is in already. */
    private final class Clash extends Touch {
        private final Edit edit;
        private boolean found;

        Clash(Edit edit) {
            this.edit = edit;
        }

        @Override
        void slot(Object slot) {
            Edit other = slots.get(slot);
            found |= other != null && !other.equals(edit) && !canBeOne(other, edit);
        }

        private static boolean canBeOne(Edit one, Edit other) {
            return one instanceof Edit.WriteMarginal first
                    && other instanceof Edit.WriteMarginal second
                    && first.with(second) != null;
        }

        @Override
        void text(ParagraphAddress paragraph, int from, int to) {
            Edit structure = structures.get(paragraph);
            found |= structure != null && !(structure instanceof Edit.MoveParagraphs)
                    || texts.getOrDefault(paragraph, List.of()).stream().anyMatch(each -> each.touches(from, to));
        }

        @Override
        void range(TextRange range, Property<?> property, @Nullable Object value) {
            found |= ranges.getOrDefault(range.paragraph(), Map.of()).getOrDefault(property, List.of()).stream()
                    .anyMatch(each -> each.touches(range.from(), range.to())
                            && each.edit instanceof Edit.SetProperty set
                            && !Objects.equals(set.value(), value));
        }

        @Override
        void structure(List<ParagraphAddress> paragraphs, boolean whole) {
            found |= paragraphs.stream().anyMatch(structures::containsKey)
                    || whole && !Collections.disjoint(texts.keySet(), paragraphs);
        }
    }

    /** Notes what an edit touches. */
    private final class Entry extends Touch {
        private final Edit edit;

        Entry(Edit edit) {
            this.edit = edit;
        }

        @Override
        void slot(Object slot) {
            slots.put(slot, edit);
        }

        @Override
        void text(ParagraphAddress paragraph, int from, int to) {
            texts.computeIfAbsent(paragraph, key -> new ArrayList<>()).add(new Span(from, to, edit));
        }

        @Override
        void range(TextRange range, Property<?> property, @Nullable Object value) {
            ranges.computeIfAbsent(range.paragraph(), key -> new HashMap<>())
                    .computeIfAbsent(property, key -> new ArrayList<>())
                    .add(new Span(range.from(), range.to(), edit));
        }

        @Override
        void structure(List<ParagraphAddress> paragraphs, boolean whole) {
            paragraphs.forEach(each -> structures.put(each, edit));
        }
    }
}
