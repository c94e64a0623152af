/**
 * Office Open XML text documents (ISO 29500), transitional and strict. {@code DocxReader} makes a paper of a file,
 * {@code DocxEditor} applies edits to the file itself; both find paragraphs and runs through the same walkers, so that
 * an address means the same element to either. Parts that no edit names are not even parsed when a file is mended.
 */
@NullMarked
package grintel.formats.docx;

import org.jspecify.annotations.NullMarked;
