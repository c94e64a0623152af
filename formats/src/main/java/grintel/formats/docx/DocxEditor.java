package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.core.edit.MarginalContent;
import grintel.core.edit.Target;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Property;
import grintel.core.paper.Story;
import grintel.formats.UnreadableFileException;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Makes edits to a .docx itself. Parts no edit names are copied as they are packed. */
final class DocxEditor {
    private final OpcPackage opc;
    private final String mainPart;
    private final boolean strict;
    private final PropertyWriter properties;
    private final Map<String, XmlDocument> documents = new HashMap<>();
    private final Map<Story, List<XmlElement>> paragraphs = new HashMap<>();
    private final Map<XmlElement, List<XmlElement>> runs = new HashMap<>();
    private final Set<String> changed = new LinkedHashSet<>();
    private final List<XmlElement> sections = new ArrayList<>();

    private DocxEditor(OpcPackage opc) {
        this.opc = opc;
        this.mainPart = opc.mainPart();
        XmlElement root = document(mainPart).root();
        this.strict = "strict".equals(root.attribute("conformance"));
        this.properties = new PropertyWriter(strict);
        sections.addAll(DocxReader.sectionMarks(body()));
        XmlElement last = body().child("sectPr");
        if (last != null) {
            sections.add(last);
        }
    }

    /** The file with the edits made. */
    static byte[] apply(byte[] file, List<Edit> edits) {
        try (OpcPackage opc = OpcPackage.open(file)) {
            return new DocxEditor(opc).apply(edits);
        }
    }

    private byte[] apply(List<Edit> edits) {
        // Addresses are those before any edit, so what they name is looked up before anything moves.
        for (Edit edit : edits) {
            lookUp(edit);
        }
        for (Edit edit : edits) {
            if (edit instanceof Edit.SetProperty set) {
                setProperty(set);
            } else if (edit instanceof Edit.WriteMarginal write) {
                writeMarginal(write.section(), write.kind(), write.variant(), write.content());
            } else if (edit instanceof Edit.InheritMarginal inherit) {
                inheritMarginal(inherit);
            } else if (edit instanceof Edit.SetSetting set) {
                setSetting(set);
            }
        }
        edits.stream()
                .filter(Edit.ReplaceSpace.class::isInstance)
                .map(Edit.ReplaceSpace.class::cast)
                .sorted(Comparator.comparingInt(Edit.ReplaceSpace::from).reversed())
                .forEach(this::replaceSpace);
        for (Edit edit : edits) {
            if (edit instanceof Edit.RemoveBlankParagraph remove) {
                removeBlank(remove.paragraph());
            }
        }
        Map<String, byte[]> changes = new LinkedHashMap<>();
        for (String part : changed) {
            changes.put(part, document(part).toBytes());
        }
        return opc.archive().with(changes);
    }

    // ---- finding things

    private XmlDocument document(String part) {
        XmlDocument known = documents.get(part);
        if (known == null) {
            known = opc.part(part);
            if (known == null) {
                throw new UnreadableFileException("The file is damaged: its part " + part + " is missing.");
            }
            documents.put(part, known);
        }
        return known;
    }

    private XmlElement body() {
        XmlElement body = document(mainPart).root().child("body");
        if (body == null) {
            throw new UnreadableFileException("The file is damaged: it holds no body of text.");
        }
        return body;
    }

    private void lookUp(Edit edit) {
        if (edit instanceof Edit.SetProperty set) {
            if (set.target() instanceof Target.OfParagraph target) {
                paragraph(target.paragraph());
            } else if (set.target() instanceof Target.OfMark target) {
                paragraph(target.paragraph());
            } else if (set.target() instanceof Target.OfRun target) {
                run(target.paragraph(), target.run());
            }
        } else if (edit instanceof Edit.ReplaceSpace space) {
            run(space.paragraph(), space.run());
        } else if (edit instanceof Edit.RemoveBlankParagraph remove) {
            paragraph(remove.paragraph());
        }
    }

    /** The part a story stands in. */
    private String partOf(Story story) {
        String found = switch (story.kind()) {
            case TEXT -> mainPart;
            case HEADER, FOOTER -> story.id();
            case FOOTNOTE -> opc.target(mainPart, "footnotes");
            case ENDNOTE -> opc.target(mainPart, "endnotes");
            case TEXT_BOX -> null;
        };
        if (found == null) {
            throw new IllegalArgumentException("No edit can be made to " + story);
        }
        return found;
    }

    private XmlElement container(Story story) {
        XmlElement root = document(partOf(story)).root();
        if (story.kind() == Story.Kind.TEXT) {
            return body();
        }
        if (story.kind().isNote()) {
            for (XmlElement note : root.elements()) {
                if (story.id().equals(note.attribute("id"))) {
                    return note;
                }
            }
            throw new IllegalArgumentException("There is no " + story);
        }
        return root;
    }

    private XmlElement paragraph(ParagraphAddress address) {
        return paragraphs
                .computeIfAbsent(address.story(), story -> Structure.paragraphs(container(story)))
                .get(address.index());
    }

    private XmlElement run(ParagraphAddress address, int number) {
        return runs.computeIfAbsent(paragraph(address), Structure::runs).get(number);
    }

    /** The properties of a section; the last section of a file that says none of its own gets them here. */
    private XmlElement section(int index) {
        if (index == sections.size()) {
            sections.add(body().append(XmlElement.like(body(), "sectPr")));
        }
        return sections.get(index);
    }

    private void touch(Story story) {
        changed.add(partOf(story));
    }

    // ---- formatting

    private void setProperty(Edit.SetProperty set) {
        Property<?> property = set.property();
        Target target = set.target();
        if (target instanceof Target.OfParagraph of) {
            write(paragraph(of.paragraph()), "pPr", null, property, set.value());
            touch(of.paragraph().story());
        } else if (target instanceof Target.OfMark of) {
            write(paragraph(of.paragraph()), "pPr", "rPr", property, set.value());
            touch(of.paragraph().story());
        } else if (target instanceof Target.OfRun of) {
            write(run(of.paragraph(), of.run()), "rPr", null, property, set.value());
            touch(of.paragraph().story());
        } else if (target instanceof Target.OfSection of) {
            properties.write(section(of.section()), property, set.value());
            changed.add(mainPart);
        } else if (target instanceof Target.OfStyle of) {
            setInStyles(of.id(), property, set.value());
        }
    }

    /** Writes into the properties of an element, which come and go with what they say. */
    private void write(
            XmlElement element, String outer, @Nullable String inner, Property<?> property, @Nullable Object value) {
        XmlElement container = element.child(outer);
        if (container == null) {
            if (value == null) {
                return;
            }
            container = element.prepend(XmlElement.like(element, outer));
        }
        XmlElement target = container;
        if (inner != null) {
            XmlElement nested = container.child(inner);
            if (nested == null && value == null) {
                return;
            }
            target = nested != null
                    ? nested
                    : container.insertInOrder(XmlElement.like(container, inner), SchemaOrder.PARAGRAPH);
        }
        properties.write(target, property, value);
        if (target.isEmpty()) {
            target.remove();
        }
        if (container.isEmpty()) {
            container.remove();
        }
    }

    private void setInStyles(String id, Property<?> property, @Nullable Object value) {
        String part = opc.target(mainPart, "styles");
        if (part == null) {
            throw new IllegalArgumentException("The file has no styles");
        }
        XmlElement root = document(part).root();
        String name = property.family() == Property.Family.PARAGRAPH ? "pPr" : "rPr";
        XmlElement holder = style(root, id);
        XmlElement container = holder.child(name);
        if (container == null) {
            container = holder.insertInOrder(XmlElement.like(holder, name), SchemaOrder.STYLE);
        }
        properties.write(container, property, value);
        changed.add(part);
    }

    private static XmlElement style(XmlElement root, String id) {
        for (XmlElement style : root.children("style")) {
            if (id.equals(style.attribute("styleId"))) {
                return style;
            }
        }
        throw new IllegalArgumentException("The file has no style " + id);
    }

    // ---- white space and blank paragraphs

    private void replaceSpace(Edit.ReplaceSpace edit) {
        SpaceEditor.replace(run(edit.paragraph(), edit.run()), edit.from(), edit.to(), edit.replacement());
        touch(edit.paragraph().story());
    }

    private void removeBlank(ParagraphAddress address) {
        XmlElement paragraph = paragraph(address);
        XmlElement format = paragraph.child("pPr");
        if (format != null && format.child("sectPr") != null) {
            throw new IllegalArgumentException("A paragraph that ends a section is not blank");
        }
        moveAnchors(paragraph, address);
        paragraph.remove();
        touch(address.story());
    }

    /** Bookmarks and the ends of comments that stand in a blank paragraph go on in the next one. */
    private void moveAnchors(XmlElement paragraph, ParagraphAddress address) {
        List<XmlElement> all = paragraphs.getOrDefault(address.story(), List.of());
        XmlElement next = address.index() + 1 < all.size() ? all.get(address.index() + 1) : null;
        if (next == null) {
            return;
        }
        XmlElement format = next.child("pPr");
        XmlElement after = format;
        for (XmlElement child : paragraph.elements()) {
            boolean goes = child.is(Ns.W, "pPr") || child.is(Ns.W, "proofErr") || isBlankRun(child);
            if (!goes) {
                child.remove();
                after = after == null ? next.prepend(child) : next.insertAfter(child, after);
            }
        }
    }

    private static boolean isBlankRun(XmlElement element) {
        if (!element.is(Ns.W, "r")) {
            return false;
        }
        for (XmlElement child : element.elements()) {
            boolean blank = child.is(Ns.W, "rPr")
                    || child.is(Ns.W, "lastRenderedPageBreak")
                    || RunReader.characters(child) != null
                            && String.valueOf(RunReader.characters(child)).isBlank();
            if (!blank) {
                return false;
            }
        }
        return true;
    }

    // ---- headers and footers

    private void writeMarginal(int section, Story.Kind kind, Marginals.Variant variant, MarginalContent content) {
        String name = kind == Story.Kind.HEADER ? "header" : "footer";
        XmlElement properties = section(section);
        XmlElement reference = reference(properties, name, variant);
        String part = reference == null ? null : partOf(reference);
        if (part == null || isShared(name, part)) {
            part = addPart(name);
            String id = addRelationship(name, part);
            if (reference == null) {
                reference = XmlElement.like(properties, name + "Reference");
                reference.setAttribute("type", typeOf(variant));
                properties.prepend(reference);
            }
            setRelationshipId(reference, id);
            changed.add(mainPart);
        }
        XmlDocument document = documents.get(part);
        if (document == null) {
            document = document(part);
        }
        String style =
                MarginalWriter.styleFor(StylesReader.read(stylesPart(), new PropertyReader(ThemeFaces.NONE)), kind);
        new MarginalWriter(strict).write(document.root(), content, style);
        changed.add(part);
    }

    private @Nullable XmlDocument stylesPart() {
        String part = opc.target(mainPart, "styles");
        return part == null ? null : document(part);
    }

    private static @Nullable XmlElement reference(XmlElement properties, String name, Marginals.Variant variant) {
        for (XmlElement each : properties.children(name + "Reference")) {
            if (DocxReader.variant(each) == variant) {
                return each;
            }
        }
        return null;
    }

    private @Nullable String partOf(XmlElement reference) {
        OpcPackage.Relationship target = opc.relationship(mainPart, reference.attribute(Ns.R, "id"));
        return target == null || target.external() || opc.part(target.target()) == null ? null : target.target();
    }

    private boolean isShared(String name, String part) {
        int uses = 0;
        for (XmlElement section : sections) {
            for (XmlElement each : section.children(name + "Reference")) {
                uses += part.equals(partOf(each)) ? 1 : 0;
            }
        }
        return uses > 1;
    }

    private static String typeOf(Marginals.Variant variant) {
        return switch (variant) {
            case DEFAULT -> "default";
            case FIRST -> "first";
            case EVEN -> "even";
        };
    }

    private static void setRelationshipId(XmlElement reference, String id) {
        String prefix = reference.prefixOf(Ns.R);
        if (prefix == null) {
            reference.setAttribute("", "xmlns", "r", Ns.R);
            prefix = "r";
        }
        reference.setAttribute(Ns.R, prefix, "id", id);
    }

    private void inheritMarginal(Edit.InheritMarginal inherit) {
        String name = inherit.kind() == Story.Kind.HEADER ? "header" : "footer";
        XmlElement reference = reference(section(inherit.section()), name, inherit.variant());
        if (reference != null) {
            reference.remove();
            changed.add(mainPart);
        }
    }

    /** A new part for a header or footer, without content; its name is given back. */
    private String addPart(String name) {
        String folder = mainPart.contains("/") ? mainPart.substring(0, mainPart.lastIndexOf('/') + 1) : "";
        int number = 1;
        while (opc.archive().names().contains(folder + name + number + ".xml")
                || documents.containsKey(folder + name + number + ".xml")) {
            number++;
        }
        String part = folder + name + number + ".xml";
        String root = name.equals("header") ? "hdr" : "ftr";
        String namespace = strict ? "http://purl.oclc.org/ooxml/wordprocessingml/main" : Ns.W;
        String xml = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n<w:" + root + " xmlns:w=\""
                + namespace + "\"></w:" + root + ">";
        documents.put(part, XmlDocument.parse(part, xml.getBytes(StandardCharsets.UTF_8), Ns.CANONICAL));
        XmlElement types = document(OpcPackage.CONTENT_TYPES_PART).root();
        XmlElement override = types.append(XmlElement.like(types, "Override"));
        override.setAttribute("PartName", "/" + part);
        override.setAttribute(
                "ContentType", "application/vnd.openxmlformats-officedocument.wordprocessingml." + name + "+xml");
        changed.add(OpcPackage.CONTENT_TYPES_PART);
        return part;
    }

    private String addRelationship(String name, String part) {
        String relationships = OpcPackage.relationshipsPart(mainPart);
        if (opc.part(relationships) == null && !documents.containsKey(relationships)) {
            String xml = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n<Relationships xmlns=\""
                    + Ns.RELATIONSHIPS + "\"></Relationships>";
            documents.put(
                    relationships,
                    XmlDocument.parse(relationships, xml.getBytes(StandardCharsets.UTF_8), Ns.CANONICAL));
        }
        XmlElement root = document(relationships).root();
        Set<String> taken = new LinkedHashSet<>();
        root.elements().forEach(each -> taken.add(String.valueOf(each.attribute("Id"))));
        int number = taken.size() + 1;
        while (taken.contains("rId" + number)) {
            number++;
        }
        String kinds = strict
                ? "http://purl.oclc.org/ooxml/officeDocument/relationships/"
                : "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
        XmlElement relationship = root.append(XmlElement.like(root, "Relationship"));
        relationship.setAttribute("Id", "rId" + number);
        relationship.setAttribute("Type", kinds + name);
        relationship.setAttribute("Target", part.substring(part.lastIndexOf('/') + 1));
        changed.add(relationships);
        return "rId" + number;
    }

    // ---- settings

    private void setSetting(Edit.SetSetting set) {
        String part = opc.target(mainPart, "settings");
        if (part == null) {
            if (set.on()) {
                throw new IllegalArgumentException("The file has no settings to turn " + set.setting() + " on in");
            }
            return;
        }
        String name = switch (set.setting()) {
            case EVEN_PAGES_DIFFER -> "evenAndOddHeaders";
            case HYPHENATION -> "autoHyphenation";
        };
        XmlElement root = document(part).root();
        XmlElement element = root.child(name);
        if (set.on() && element == null) {
            root.append(XmlElement.like(root, name));
        } else if (!set.on() && element != null) {
            element.remove();
        }
        changed.add(part);
    }
}
