package grintel.formats.docx;

import grintel.core.edit.EditRefusedException;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Story;
import grintel.core.paper.TableAddress;
import grintel.formats.UnreadableFileException;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The mark-up of a .docx while it is edited: finds what addresses name, adds parts, and knows which parts were changed. */
final class DocxTree {
    private static final String TYPES = "application/vnd.openxmlformats-officedocument.wordprocessingml.";
    private static final String TRANSITIONAL = "http://schemas.openxmlformats.org/";

    private final OpcPackage opc;
    private final String mainPart;
    private final boolean strict;
    private final Map<String, XmlDocument> documents = new HashMap<>();
    /** Parts that came in and are no mark-up. */
    private final Map<String, byte[]> images = new LinkedHashMap<>();

    private int lastDrawing;
    private final Map<String, String> addedKinds = new HashMap<>();
    private final Set<String> changed = new LinkedHashSet<>();
    private final Map<Story, List<XmlElement>> paragraphs = new HashMap<>();
    private final Map<Story, List<XmlElement>> tables = new HashMap<>();
    private final List<XmlElement> sections = new ArrayList<>();
    /** What stories are called that edits made, by what the edits call them. */
    private final Map<Story, Story> made = new HashMap<>();

    DocxTree(OpcPackage opc) {
        this.opc = opc;
        this.mainPart = opc.mainPart();
        this.strict = "strict".equals(document(mainPart).root().attribute("conformance"));
        findSections();
    }

    /** The file as bytes; parts that were not changed are copied as they are packed. */
    byte[] bytes() {
        Map<String, byte[]> changes = new LinkedHashMap<>(images);
        for (String part : changed) {
            changes.put(part, document(part).toBytes());
        }
        return opc.archive().with(changes);
    }

    boolean isStrict() {
        return strict;
    }

    String mainPart() {
        return mainPart;
    }

    // ---- parts

    XmlDocument document(String part) {
        XmlDocument known = documents.get(part);
        if (known != null) {
            return known;
        }
        XmlDocument found = opc.part(part);
        if (found == null) {
            throw new UnreadableFileException("The file is damaged: its part " + part + " is missing.");
        }
        documents.put(part, found);
        return found;
    }

    /** Notes that a part was changed. */
    void change(String part) {
        changed.add(part);
    }

    void touch(Story story) {
        change(partOf(story));
    }

    /** Name of the part of a kind that the text refers to, or null. */
    @Nullable
    String related(String kind) {
        String added = addedKinds.get(kind);
        return added != null ? added : opc.target(mainPart, kind);
    }

    /** The root of the part of a kind that the text refers to; made from this mark-up where there is none. */
    XmlElement relatedRoot(String kind, String root, String content) {
        String part = related(kind);
        if (part == null) {
            part = addPart(kind, kind, root, content, kind);
            addRelationship(mainPart, kind, part);
            addedKinds.put(kind, part);
        }
        change(part);
        return document(part).root();
    }

    /**
     * Adds a part to those beside the text; the text does not refer to it yet.
     *
     * @param type the last word of its content type
     * @return its name
     */
    String addPart(String kind, String file, String root, String content, String type) {
        String folder = mainPart.substring(0, mainPart.lastIndexOf('/') + 1);
        String part = folder + file + (kind.equals("header") || kind.equals("footer") ? "1.xml" : ".xml");
        for (int number = 2; exists(part); number++) {
            part = folder + file + number + ".xml";
        }
        String namespace = strict ? Ns.STRICT + "wordprocessingml/main" : Ns.W;
        String relations = strict ? Ns.STRICT + "officeDocument/relationships" : Ns.R;
        add(
                part,
                "<w:" + root + " xmlns:w=\"" + namespace + "\" xmlns:r=\"" + relations + "\">" + content + "</w:" + root
                        + ">",
                TYPES + type + "+xml");
        return part;
    }

    private boolean exists(String part) {
        return documents.containsKey(part) || opc.archive().names().contains(part);
    }

    /** Adds a part of this mark-up and content type. */
    void add(String part, String xml, String contentType) {
        String declared = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n" + xml;
        documents.put(part, XmlDocument.parse(part, declared.getBytes(StandardCharsets.UTF_8), Ns.CANONICAL));
        change(part);
        declare(part, contentType);
    }

    /** Adds an image, which is the same wherever it has the same name, and gives the text's reference to it. */
    String addImage(String part, byte[] bytes, String contentType) {
        if (!images.containsKey(part) && !opc.archive().names().contains(part)) {
            images.put(part, bytes);
            declare(part, contentType);
        }
        String kind = strict ? Ns.STRICT + "officeDocument/relationships/image" : PartWriter.KINDS + "image";
        return addRelationship(mainPart, kind, "/" + part, false);
    }

    /** A number no drawing of the text has yet. */
    int nextDrawing() {
        lastDrawing = 1 + Math.max(lastDrawing, Search.highest(body(), Ns.WP, "docPr", "id"));
        return lastDrawing;
    }

    private void declare(String part, String contentType) {
        XmlElement types = document(OpcPackage.CONTENT_TYPES_PART).root();
        XmlElement override = types.append(XmlElement.like(types, "Override"));
        override.setAttribute("PartName", "/" + part);
        override.setAttribute("ContentType", contentType);
        change(OpcPackage.CONTENT_TYPES_PART);
    }

    /** Makes a part, or the package for the empty name, refer to another and gives the reference's id. */
    String addRelationship(String from, String kind, String part) {
        String type = (strict ? Ns.STRICT : TRANSITIONAL) + "officeDocument/"
                + (strict ? "relationships/" : "2006/relationships/") + kind;
        String target = part.substring(part.lastIndexOf('/') + 1);
        return addRelationship(from, type, from.isEmpty() ? part : target, false);
    }

    String addRelationship(String from, String type, String target, boolean external) {
        String relationships = OpcPackage.relationshipsPart(from);
        if (!documents.containsKey(relationships) && opc.part(relationships) == null) {
            String xml = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n<Relationships xmlns=\""
                    + Ns.RELATIONSHIPS + "\"></Relationships>";
            documents.put(
                    relationships,
                    XmlDocument.parse(relationships, xml.getBytes(StandardCharsets.UTF_8), Ns.CANONICAL));
        }
        XmlElement root = document(relationships).root();
        Set<String> taken = new HashSet<>();
        root.elements().forEach(each -> taken.add(String.valueOf(each.attribute("Id"))));
        int number = taken.size() + 1;
        while (taken.contains("rId" + number)) {
            number++;
        }
        XmlElement relationship = root.append(XmlElement.like(root, "Relationship"));
        relationship.setAttribute("Id", "rId" + number);
        relationship.setAttribute("Type", type);
        relationship.setAttribute("Target", target);
        if (external) {
            relationship.setAttribute("TargetMode", "External");
        }
        change(relationships);
        return "rId" + number;
    }

    /** Lets a part refer to what another refers to, under the same ids. */
    void copyRelationships(String from, String to) {
        for (OpcPackage.Relationship each : opc.relationships(from)) {
            String relationships = OpcPackage.relationshipsPart(to);
            addRelationship(to, each.type(), each.external() ? each.target() : "/" + each.target(), each.external());
            List<XmlElement> made = document(relationships).root().elements();
            made.get(made.size() - 1).setAttribute("Id", each.id());
        }
    }

    /** The part a reference of the text leads to, or null. */
    @Nullable
    String target(@Nullable String id) {
        XmlDocument added = documents.get(OpcPackage.relationshipsPart(mainPart));
        if (added != null && id != null) {
            for (XmlElement each : added.root().elements()) {
                String target = each.attribute("Target");
                if (id.equals(each.attribute("Id")) && target != null) {
                    return "External".equals(each.attribute("TargetMode"))
                            ? null
                            : OpcPackage.resolve(mainPart, target);
                }
            }
        }
        OpcPackage.Relationship found = opc.relationship(mainPart, id);
        return found == null || found.external() ? null : found.target();
    }

    @Nullable
    String packageTarget(String kind) {
        String added = addedKinds.get(kind);
        return added != null ? added : opc.target("", kind);
    }

    void addPackagePart(String kind, String part) {
        addedKinds.put(kind, part);
    }

    // ---- stories

    XmlElement body() {
        XmlElement body = document(mainPart).root().child("body");
        if (body == null) {
            throw new UnreadableFileException("The file is damaged: it holds no body of text.");
        }
        return body;
    }

    /** The properties of all sections in order. */
    List<XmlElement> sections() {
        return sections;
    }

    /** The properties of a section; the last section of a file that says none of its own gets them here. */
    XmlElement section(int index) {
        if (index == sections.size()) {
            sections.add(lastSection());
        }
        return sections.get(index);
    }

    /** What the last section says; made where it says nothing. */
    XmlElement lastSection() {
        XmlElement last = body().child("sectPr");
        return last == null ? body().append(XmlElement.like(body(), "sectPr")) : last;
    }

    private void findSections() {
        sections.clear();
        sections.addAll(DocxReader.sectionMarks(body()));
        XmlElement last = body().child("sectPr");
        if (last != null) {
            sections.add(last);
        }
    }

    /** Notes under which name a story really stands that an edit made. */
    void called(Story byEdits, Story story) {
        made.put(byEdits, story);
    }

    /** A story under the name it really has. */
    Story real(Story story) {
        return made.getOrDefault(story, story);
    }

    /** The part a story stands in. */
    String partOf(Story story) {
        String found = switch (story.kind()) {
            case TEXT -> mainPart;
            case HEADER, FOOTER -> real(story).id();
            case FOOTNOTE -> related("footnotes");
            case ENDNOTE -> related("endnotes");
            case TEXT_BOX -> null;
        };
        if (found == null) {
            throw new EditRefusedException("No edit can be made to a box of text.");
        }
        return found;
    }

    XmlElement container(Story story) {
        XmlElement root = document(partOf(story)).root();
        if (story.kind() == Story.Kind.TEXT) {
            return body();
        }
        if (story.kind().isNote()) {
            for (XmlElement note : root.elements()) {
                if (real(story).id().equals(note.attribute("id"))) {
                    return note;
                }
            }
            throw new EditRefusedException("The file has no such note.");
        }
        return root;
    }

    /** The paragraphs of a story as they stood when the edits at hand began. */
    List<XmlElement> paragraphs(Story story) {
        return paragraphs.computeIfAbsent(story, key -> Structure.paragraphs(container(key)));
    }

    XmlElement paragraph(ParagraphAddress address) {
        List<XmlElement> all = paragraphs(address.story());
        if (address.index() < 0 || address.index() >= all.size()) {
            throw new EditRefusedException("The file has no paragraph " + address.index() + ".");
        }
        return all.get(address.index());
    }

    XmlElement table(TableAddress address) {
        List<XmlElement> all = tables.computeIfAbsent(address.story(), key -> Structure.tables(container(key)));
        if (address.index() >= all.size()) {
            throw new EditRefusedException("The file has no table " + address.index() + ".");
        }
        return all.get(address.index());
    }

    /** Forgets where things stood: the edits at hand are made. */
    void settle() {
        paragraphs.clear();
        tables.clear();
        findSections();
    }
}
