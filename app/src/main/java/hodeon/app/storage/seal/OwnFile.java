package hodeon.app.storage.seal;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;
import java.util.stream.Stream;

/** Files that nobody but their owner may read, in a folder that nobody else may open. */
public final class OwnFile {

    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");

    private OwnFile() {}

    /** Written beside its place, flushed to the disk and renamed: there whole, or not at all. */
    public static void write(Path file, String text) {
        try {
            Path folder = file.toAbsolutePath().getParent();
            Files.createDirectories(folder);
            Path beside = Files.createTempFile(folder, "own", ".new", PosixFilePermissions.asFileAttribute(FILE));
            try (FileChannel channel = FileChannel.open(beside, Set.of(StandardOpenOption.WRITE))) {
                channel.write(ByteBuffer.wrap(text.getBytes(StandardCharsets.UTF_8)));
                channel.force(true);
            }
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static void remove(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The folder and every file in it belong to their owner alone from now on; what others could read before, they cannot now. */
    public static void guard(Path folder) {
        try {
            Files.createDirectories(folder);
            if (!Files.getFileStore(folder).supportsFileAttributeView("posix")) {
                return;
            }
            Files.setPosixFilePermissions(folder, FOLDER);
            try (Stream<Path> files = Files.walk(folder)) {
                for (Path file : files.toList()) {
                    Files.setPosixFilePermissions(file, Files.isDirectory(file) ? FOLDER : FILE);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
