package grintel.core.edit;

import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TextRange;

/** What carries a formatting property. */
public sealed interface Target {
    /** Hands this target to the visitor's method for its kind. */
    void accept(Visitor visitor);

    /** A style by its id. */
    record OfStyle(String id) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.style(this);
        }
    }

    /** A level of a list by the list's number. */
    record OfListLevel(int list, int level) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.listLevel(this);
        }
    }

    /** A paragraph itself. */
    record OfParagraph(ParagraphAddress paragraph) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.paragraph(this);
        }
    }

    /** The mark at a paragraph's end. */
    record OfMark(ParagraphAddress paragraph) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.mark(this);
        }
    }

    /** Characters of a paragraph. */
    record OfRange(TextRange range) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.range(this);
        }
    }

    /** A section by its index. */
    record OfSection(int section) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.section(this);
        }
    }

    record OfTable(TableAddress table) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.table(this);
        }
    }

    /** A row of a table, counted from 0. */
    record OfRow(TableAddress table, int row) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.row(this);
        }
    }

    /** A cell, counted from 0 in its row. */
    record OfCell(TableAddress table, int row, int cell) implements Target {
        @Override
        public void accept(Visitor visitor) {
            visitor.cell(this);
        }
    }

    /** Does something about each kind of target. */
    interface Visitor {
        void style(OfStyle target);

        void listLevel(OfListLevel target);

        void paragraph(OfParagraph target);

        void mark(OfMark target);

        void range(OfRange target);

        void section(OfSection target);

        void table(OfTable target);

        void row(OfRow target);

        void cell(OfCell target);
    }
}
