package grintel.cli;

import grintel.cli.Problems.UsageException;
import grintel.formats.archive.Archive;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** Reads and writes the files a command names. */
final class PaperFiles {
    private PaperFiles() {}

    static Path path(String name) {
        try {
            return Path.of(name);
        } catch (InvalidPathException e) {
            throw new UsageException(name + ": this is no file name.");
        }
    }

    /** The content of a paper. */
    static byte[] read(String name) {
        Path path = path(name);
        try {
            refuseOtherThanFiles(name, path);
            if (Files.size(path) > Archive.LARGEST_FILE) {
                throw new UsageException(
                        name + ": the file is larger than 25 MB. Make its pictures smaller and save it again.");
            }
            return Files.readAllBytes(path);
        } catch (IOException e) {
            throw new UsageException(
                    Files.exists(path) ? name + ": the file cannot be read." : name + ": there is no such file.");
        }
    }

    /** A pipe or a device could go on for ever. */
    private static void refuseOtherThanFiles(String name, Path path) {
        if (Files.isDirectory(path)) {
            throw new UsageException(name + ": this is a folder, not a file.");
        }
        if (Files.exists(path) && !Files.isRegularFile(path)) {
            throw new UsageException(name + ": this is a pipe or a device, not a file.");
        }
    }

    /** The content of a file of text in UTF-8. */
    static String readText(String name) {
        Path path = path(name);
        try {
            refuseOtherThanFiles(name, path);
            return Files.readString(path);
        } catch (CharacterCodingException e) {
            throw new UsageException(name + ": the file is not text in UTF-8.");
        } catch (IOException e) {
            throw new UsageException(name + ": there is no such file, or it cannot be read.");
        }
    }

    /** Whether two names mean one file. */
    static boolean isSame(String one, String other) {
        Path first = path(one);
        Path second = path(other);
        try {
            return Files.exists(second) && Files.isSameFile(first, second);
        } catch (IOException e) {
            return first.toAbsolutePath()
                    .normalize()
                    .equals(second.toAbsolutePath().normalize());
        }
    }

    /** Writes a file whole or not at all: a finished copy takes the place of what was there. */
    static void write(String name, byte[] content) {
        Path target = path(name).toAbsolutePath();
        Path parent = target.getParent();
        try {
            if (parent == null || Files.isDirectory(target)) {
                throw new UsageException(name + ": this is a folder, not a file.");
            }
            Path draft = Files.createTempFile(parent, ".grintel-", ".part");
            try {
                Files.write(draft, content);
                move(draft, target);
            } finally {
                Files.deleteIfExists(draft);
            }
        } catch (IOException e) {
            throw new UsageException(name + ": the file cannot be written.");
        }
    }

    private static void move(Path draft, Path target) throws IOException {
        try {
            Files.move(draft, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(draft, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
