package grintel.formats.docx;

import grintel.core.edit.NewParagraph;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.formats.xml.XmlElement;

/** Writes paragraphs that edits bring. */
final class NewParagraphWriter {
    private final PropertyWriter properties;

    NewParagraphWriter(PropertyWriter properties) {
        this.properties = properties;
    }

    /** @param kin an element among which it will stand */
    XmlElement write(XmlElement kin, NewParagraph paragraph) {
        XmlElement element = XmlElement.like(kin, "p");
        XmlElement format = element.append(XmlElement.like(kin, "pPr"));
        if (paragraph.style() != null) {
            format.append(XmlElement.like(kin, "pStyle")).setAttribute("val", paragraph.style());
        }
        properties.writeAll(format, ParagraphProperties.ALL, paragraph.direct());
        PropertyHolder.dropIfEmpty(format);
        for (NewParagraph.NewRun run : paragraph.runs()) {
            XmlElement type = XmlElement.like(kin, "rPr");
            properties.writeAll(type, CharacterProperties.ALL, run.direct());
            RunWriter.of(kin, run.piece(), type.isEmpty() ? null : type).forEach(element::append);
        }
        return element;
    }
}
