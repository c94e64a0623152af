package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.formats.xml.XmlElement;

/** Sets what a file says of itself (ISO 29500-2 §11). */
final class FilePropertyEditor {
    private static final String CORE = "http://schemas.openxmlformats.org/package/2006/metadata/core-properties";
    private static final String RELATION =
            "http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties";
    private static final String TYPE = "application/vnd.openxmlformats-package.core-properties+xml";
    private static final String PART = "docProps/core.xml";

    private FilePropertyEditor() {}

    static void set(DocxTree tree, StyleEditor styles, Edit.SetFileProperty edit) {
        switch (edit.property()) {
            case TITLE -> set(tree, "title", edit.value());
            case AUTHOR -> set(tree, "creator", edit.value());
            case LANGUAGE -> styles.setLanguage(edit.value());
        }
    }

    private static void set(DocxTree tree, String name, String value) {
        String part = tree.packageTarget("core-properties");
        if (part == null) {
            part = PART;
            tree.add(
                    part,
                    "<cp:coreProperties xmlns:cp=\"" + CORE + "\" xmlns:dc=\"" + Ns.DC + "\"></cp:coreProperties>",
                    TYPE);
            tree.addRelationship("", RELATION, part, false);
            tree.addPackagePart("core-properties", part);
        }
        XmlElement root = tree.document(part).root();
        XmlElement element = root.child(Ns.DC, name);
        if (element == null) {
            element = root.append(root.foreign(Ns.DC, "dc", name));
        }
        element.setText(value);
        tree.change(part);
    }
}
