package grintel.formats.xml;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** An element that can be changed; it is written as it came where nothing in it was. */
public final class XmlElement implements XmlNode {
    private final String source;
    private final String namespace;
    private final String prefix;
    private final String name;
    private final List<XmlAttribute> attributes;
    private final List<XmlNode> children = new ArrayList<>(2);
    private Map<String, String> declared = Map.of();
    private @Nullable XmlElement parent;
    private int start = -1;
    private int contentStart = -1;
    private int contentEnd = -1;
    private int end = -1;
    private boolean changed;
    private @Nullable String startTag;

    XmlElement(
            String source,
            @Nullable XmlElement parent,
            String namespace,
            String prefix,
            String name,
            List<XmlAttribute> attributes) {
        this.source = source;
        this.parent = parent;
        this.namespace = namespace;
        this.prefix = prefix;
        this.name = name;
        this.attributes = attributes;
    }

    /** A new element under the prefix of an element that will be its neighbour or parent. */
    public static XmlElement like(XmlElement kin, String name) {
        XmlElement element = new XmlElement("", null, kin.namespace, kin.prefix, name, new ArrayList<>(2));
        element.changed = true;
        return element;
    }

    /** A new element of the same name and attributes, without what stands inside. */
    public XmlElement shell() {
        XmlElement shell = new XmlElement("", null, namespace, prefix, name, new ArrayList<>(attributes));
        shell.changed = true;
        shell.declared = declared;
        String tag = startTag();
        shell.startTag = tag.endsWith("/>") ? tag : tag.substring(0, tag.length() - 1) + "/>";
        return shell;
    }

    /** A copy of this element with all that stands inside; comments are left out. */
    public XmlElement copy() {
        XmlElement copy = shell();
        for (XmlNode node : children) {
            if (node instanceof XmlElement element) {
                copy.append(element.copy());
            } else if (node instanceof XmlText text) {
                XmlText letters = new XmlText("", 0, 0, "");
                letters.setText(text.text());
                copy.children.add(letters);
            }
        }
        return copy;
    }

    /** A new element of another namespace, to stand inside this one; declares the namespace where none here does. */
    public XmlElement foreign(String itsNamespace, String preferred, String itsName) {
        String known = prefixOf(itsNamespace);
        String used = known == null ? preferred : known;
        XmlElement element = new XmlElement("", null, itsNamespace, used, itsName, new ArrayList<>(2));
        element.changed = true;
        if (known == null) {
            element.setAttribute("", "xmlns", preferred, itsNamespace);
        }
        return element;
    }

    void declare(Map<String, String> canonicalByPrefix) {
        declared = canonicalByPrefix;
    }

    void span(int newStart, int newContentStart) {
        start = newStart;
        contentStart = newContentStart;
    }

    void close(int newContentEnd, int newEnd) {
        contentEnd = newContentEnd;
        end = newEnd;
    }

    List<XmlNode> nodes() {
        return children;
    }

    /** Canonical URI of the namespace. */
    public String namespace() {
        return namespace;
    }

    public String name() {
        return name;
    }

    public @Nullable XmlElement parent() {
        return parent;
    }

    /** The element it stands in, of one that is known to stand in one. */
    public XmlElement holder() {
        if (parent == null) {
            throw new IllegalStateException("<" + name + "> was taken out already");
        }
        return parent;
    }

    public boolean is(String itsNamespace, String itsName) {
        return name.equals(itsName) && namespace.equals(itsNamespace);
    }

    /** The element children in order. */
    public List<XmlElement> elements() {
        List<XmlElement> out = new ArrayList<>(children.size());
        for (XmlNode node : children) {
            if (node instanceof XmlElement element) {
                out.add(element);
            }
        }
        return out;
    }

    /** The first child of the element's own namespace with this name, or null. */
    public @Nullable XmlElement child(String itsName) {
        return child(namespace, itsName);
    }

    /** The first child of this name, or null. */
    public @Nullable XmlElement child(String itsNamespace, String itsName) {
        for (XmlNode node : children) {
            if (node instanceof XmlElement element && element.is(itsNamespace, itsName)) {
                return element;
            }
        }
        return null;
    }

    /** The children of the element's own namespace with this name. */
    public List<XmlElement> children(String itsName) {
        return elements().stream().filter(e -> e.is(namespace, itsName)).toList();
    }

    /** An attribute of the element's own namespace, or of none; null where there is none of the name. */
    public @Nullable String attribute(String itsName) {
        String plain = null;
        for (XmlAttribute attribute : attributes) {
            if (attribute.name().equals(itsName)) {
                if (attribute.namespace().equals(namespace)) {
                    return attribute.value();
                }
                if (attribute.namespace().isEmpty()) {
                    plain = attribute.value();
                }
            }
        }
        return plain;
    }

    /** An attribute of another namespace, or null. */
    public @Nullable String attribute(String itsNamespace, String itsName) {
        for (XmlAttribute attribute : attributes) {
            if (attribute.name().equals(itsName) && attribute.namespace().equals(itsNamespace)) {
                return attribute.value();
            }
        }
        return null;
    }

    /** Whether it has any attribute. */
    public boolean hasAttributes() {
        return !attributes.isEmpty();
    }

    /** Whether it has no element inside. */
    public boolean isEmpty() {
        return children.stream().noneMatch(XmlElement.class::isInstance);
    }

    /** The prefix of a namespace in scope here, or null where none is declared. */
    public @Nullable String prefixOf(String itsNamespace) {
        for (XmlElement at = this; at != null; at = at.parent) {
            for (Map.Entry<String, String> declaration : at.declared.entrySet()) {
                if (declaration.getValue().equals(itsNamespace)
                        && !declaration.getKey().isEmpty()) {
                    return declaration.getKey();
                }
            }
        }
        return null;
    }

    /** All characters below this element. */
    public String text() {
        StringBuilder out = new StringBuilder();
        collectText(out);
        return out.toString();
    }

    private void collectText(StringBuilder out) {
        for (XmlNode node : children) {
            if (node instanceof XmlText text) {
                out.append(text.text());
            } else if (node instanceof XmlElement element) {
                element.collectText(out);
            }
        }
    }

    // ---- changes

    /** Sets an attribute under the element's own prefix, or takes it away with null. */
    public void setAttribute(String itsName, @Nullable String value) {
        setAttribute(namespace, prefix, itsName, value);
    }

    /** Sets an attribute of a namespace whose prefix is in scope here. */
    public void setAttribute(String itsNamespace, String itsPrefix, String itsName, @Nullable String value) {
        for (int i = 0; i < attributes.size(); i++) {
            XmlAttribute attribute = attributes.get(i);
            boolean same = attribute.name().equals(itsName)
                    && (attribute.namespace().equals(itsNamespace)
                            || attribute.namespace().isEmpty() && itsNamespace.equals(namespace));
            if (same) {
                if (attribute.value().equals(value)) {
                    return;
                }
                startTag = StartTag.with(startTag(), attribute.prefix(), itsName, value);
                if (value == null) {
                    attributes.remove(i);
                } else {
                    attributes.set(i, new XmlAttribute(attribute.namespace(), attribute.prefix(), itsName, value));
                }
                markChanged();
                return;
            }
        }
        if (value != null) {
            startTag = StartTag.with(startTag(), itsPrefix, itsName, value);
            attributes.add(new XmlAttribute(itsNamespace, itsPrefix, itsName, value));
            markChanged();
        }
    }

    /** Replaces everything inside by these characters. */
    public void setText(String text) {
        children.clear();
        XmlText node = new XmlText("", 0, 0, "");
        node.setText(text);
        children.add(node);
        markChanged();
    }

    /** Adds a child at the end. */
    public XmlElement append(XmlElement child) {
        return insert(children.size(), child);
    }

    /** Adds a child before all others. */
    public XmlElement prepend(XmlElement child) {
        return insert(0, child);
    }

    /** Adds a child before one that is there. */
    public XmlElement insertBefore(XmlElement child, XmlElement next) {
        return insert(indexOf(next), child);
    }

    /** Adds a child after one that is there. */
    public XmlElement insertAfter(XmlElement child, XmlElement previous) {
        return insert(indexOf(previous) + 1, child);
    }

    /**
     * Adds a child where the order of a schema wants it: before the first child whose name comes later in the order.
     * Children the order does not name are passed over.
     */
    public XmlElement insertInOrder(XmlElement child, List<String> order) {
        int rank = order.indexOf(child.name);
        for (XmlElement each : elements()) {
            if (each.namespace.equals(namespace) && order.indexOf(each.name) > rank) {
                return insertBefore(child, each);
            }
        }
        return append(child);
    }

    /** Takes this element out of its parent. */
    public void remove() {
        XmlElement from = parent;
        if (from != null) {
            from.children.remove(from.indexOf(this));
            from.markChanged();
            parent = null;
        }
    }

    private XmlElement insert(int at, XmlElement child) {
        child.parent = this;
        children.add(at, child);
        markChanged();
        return child;
    }

    private int indexOf(XmlElement child) {
        for (int i = 0; i < children.size(); i++) {
            if (isSame(children.get(i), child)) {
                return i;
            }
        }
        throw new IllegalArgumentException("<" + child.name + "> is no child of <" + name + ">");
    }

    /** Whether two are the same node of a document. */
    @SuppressWarnings("ReferenceEquality") // nodes are things, not values
    public static boolean isSame(@Nullable XmlNode one, @Nullable XmlNode other) {
        return one == other;
    }

    private void markChanged() {
        for (XmlElement at = this; at != null && !at.changed; at = at.parent) {
            at.changed = true;
        }
    }

    // ---- writing

    /** This element as it would be written. */
    public String toXml() {
        StringBuilder out = new StringBuilder();
        write(out);
        return out.toString();
    }

    @Override
    public void write(StringBuilder out) {
        if (!changed) {
            out.append(source, start, end);
            return;
        }
        String tag = startTag();
        boolean closed = tag.endsWith("/>");
        if (children.isEmpty()) {
            out.append(closed ? tag : tag.substring(0, tag.length() - 1) + "/>");
            return;
        }
        out.append(closed ? tag.substring(0, tag.length() - 2) + ">" : tag);
        for (XmlNode node : children) {
            node.write(out);
        }
        if (!closed && contentEnd >= 0) {
            out.append(source, contentEnd, end);
        } else {
            out.append("</").append(qualifiedName()).append('>');
        }
    }

    private String startTag() {
        if (startTag == null) {
            startTag = start >= 0 ? source.substring(start, contentStart) : "<" + qualifiedName() + "/>";
        }
        return startTag;
    }

    private String qualifiedName() {
        return prefix.isEmpty() ? name : prefix + ":" + name;
    }
}
