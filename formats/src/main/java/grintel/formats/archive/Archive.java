package grintel.formats.archive;

import grintel.formats.UnreadableFileException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;
import org.jspecify.annotations.Nullable;

/** A zip archive in memory. Each entry is unpacked when it is first asked for. */
public final class Archive implements AutoCloseable {
    /** The largest file, in bytes. */
    public static final int LARGEST_FILE = 25 * 1024 * 1024;

    /** Of deflation: a level more takes more than twice the time for a few per cent of the size. */
    private static final int LEVEL = 5;

    private static final long LARGEST_UNPACKED = 250L * 1024 * 1024;
    private static final long LARGEST_ENTRY = 100L * 1024 * 1024;
    private static final int MOST_ENTRIES = 5000;
    private static final int HIGHEST_RATIO = 200;
    private static final long RATIO_COUNTS_FROM = 64L * 1024 * 1024;
    private static final String AGAIN = " Save the paper again from the program it was written in.";

    private final ZipFile zip;
    private final Map<String, ZipArchiveEntry> entries = new LinkedHashMap<>();
    private final Map<String, byte[]> unpacked = new HashMap<>();
    private long total;

    private Archive(ZipFile zip) {
        this.zip = zip;
    }

    /**
     * Opens an archive.
     *
     * @throws UnreadableFileException when it is no zip archive, is damaged, encrypted or beyond the bounds
     */
    public static Archive open(byte[] bytes) {
        if (bytes.length > LARGEST_FILE) {
            throw new UnreadableFileException(
                    "The file is larger than 25 MB. Make its pictures smaller and save it again.");
        }
        try {
            ZipFile zip = ZipFile.builder()
                    .setSeekableByteChannel(new SeekableInMemoryByteChannel(bytes))
                    .get();
            Archive archive = new Archive(zip);
            archive.takeEntries();
            return archive;
        } catch (IOException | IllegalArgumentException e) {
            throw damaged(e);
        }
    }

    private void takeEntries() throws IOException {
        for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
            if (entries.size() >= MOST_ENTRIES) {
                throw new UnreadableFileException("The file holds more than 5,000 parts." + AGAIN);
            }
            if (entry.getGeneralPurposeBit().usesEncryption()) {
                throw new UnreadableFileException(
                        "The file is encrypted. Take the password away where it was written, then bring it again.");
            }
            if (entries.putIfAbsent(entry.getName(), entry) != null) {
                throw new UnreadableFileException(
                        "The file is damaged: it holds the part " + entry.getName() + " twice." + AGAIN);
            }
        }
        if (entries.isEmpty()) {
            throw new UnreadableFileException("The file is empty." + AGAIN);
        }
    }

    public Set<String> names() {
        return entries.keySet();
    }

    /** The content of an entry, or null where there is none of the name; names differ by more than case (OPC §6.2.2). */
    public byte @Nullable [] get(String name) {
        String found = find(name);
        if (found == null) {
            return null;
        }
        byte[] known = unpacked.get(found);
        if (known != null) {
            return known;
        }
        ZipArchiveEntry entry = entries.get(found);
        if (entry == null) {
            return null;
        }
        byte[] content = unpack(entry);
        unpacked.put(found, content);
        return content;
    }

    private @Nullable String find(String name) {
        if (entries.containsKey(name)) {
            return name;
        }
        String lower = name.toLowerCase(Locale.ROOT);
        for (String each : entries.keySet()) {
            if (each.toLowerCase(Locale.ROOT).equals(lower)) {
                return each;
            }
        }
        return null;
    }

    private byte[] unpack(ZipArchiveEntry entry) {
        long packed = Math.max(1, entry.getCompressedSize());
        try (InputStream in = zip.getInputStream(entry)) {
            if (in == null) {
                throw new IOException("no content");
            }
            ByteArrayOutputStream out =
                    new ByteArrayOutputStream((int) Math.max(1024, Math.min(entry.getSize(), 4L << 20)));
            byte[] buffer = new byte[32 * 1024];
            long size = 0;
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                size += read;
                total += read;
                if (size > LARGEST_ENTRY || total > LARGEST_UNPACKED) {
                    throw new UnreadableFileException(
                            "The file unpacks to more than is allowed (100 MB a part, 250 MB in all)." + AGAIN);
                }
                if (size > RATIO_COUNTS_FROM && size / packed > HIGHEST_RATIO) {
                    throw new UnreadableFileException(
                            "The file unpacks to more than 200 times its size; no paper does." + AGAIN);
                }
                out.write(buffer, 0, read);
            }
            return out.toByteArray();
        } catch (IOException | IllegalArgumentException e) {
            throw damaged(e);
        }
    }

    /**
     * The archive with some entries replaced or added; all others are copied as they are packed, in their order.
     *
     * @param changes new content by name; names not in the archive come last
     */
    public byte[] with(Map<String, byte[]> changes) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipArchiveOutputStream out = new ZipArchiveOutputStream(bytes)) {
            out.setLevel(LEVEL);
            List<String> added = new ArrayList<>(changes.keySet());
            for (ZipArchiveEntry entry : entries.values()) {
                byte[] content = changes.get(entry.getName());
                if (content == null) {
                    try (InputStream raw = zip.getRawInputStream(entry)) {
                        out.addRawArchiveEntry(entry, raw);
                    }
                } else {
                    added.remove(entry.getName());
                    write(out, entry.getName(), content, entry.getTime());
                }
            }
            for (String name : added) {
                byte[] content = changes.get(name);
                if (content != null) {
                    write(out, name, content, 0);
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw damaged(e);
        }
        return bytes.toByteArray();
    }

    private static void write(ZipArchiveOutputStream out, String name, byte[] content, long time) throws IOException {
        ZipArchiveEntry entry = new ZipArchiveEntry(name);
        entry.setMethod(ZipEntry.DEFLATED);
        if (time > 0) {
            entry.setTime(time);
        }
        out.putArchiveEntry(entry);
        out.write(content);
        out.closeArchiveEntry();
    }

    private static UnreadableFileException damaged(Exception cause) {
        return new UnreadableFileException("The file is damaged or no .docx: it cannot be unpacked." + AGAIN, cause);
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw damaged(e);
        }
    }
}
