package hodeon.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The packaged application unpacked, as {@code ./hodeon} starts it. One start beside the first tests writes down the classes it
 * loads; later starts read them from there and need half the time.
 */
final class Unpacked {

    private static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();
    private static final Path FOLDER = unpack();
    private static final Path CLASSES = FOLDER.resolve("classes.jsa");
    private static final Process WRITING = writeDownClasses();

    private Unpacked() {}

    static Process start(String... arguments) throws IOException {
        boolean written = !WRITING.isAlive() && Files.exists(CLASSES);
        return run(Redirect.PIPE, written ? List.of("-XX:SharedArchiveFile=" + CLASSES) : List.of(), arguments);
    }

    private static Path unpack() {
        try {
            Path folder = App.temporary("hodeon-unpacked");
            Process unpacking = new ProcessBuilder(
                            JAVA,
                            "-Djarmode=tools",
                            "-jar",
                            System.getProperty("hodeon.jar"),
                            "extract",
                            "--force",
                            "--destination",
                            folder.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(Files.createTempFile("hodeon", ".log").toFile())
                    .start();
            if (unpacking.waitFor() != 0) {
                throw new IllegalStateException("The application could not be unpacked.");
            }
            return folder;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Process writeDownClasses() {
        try {
            return run(
                    Redirect.DISCARD,
                    List.of("-XX:ArchiveClassesAtExit=" + CLASSES),
                    "--server.port=0",
                    "--hodeon.data=" + App.temporary("hodeon-classes"),
                    "--spring.context.exit=onRefresh");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Process run(Redirect output, List<String> options, String... arguments) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                JAVA, "--enable-native-access=ALL-UNNAMED", "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1", "-Xmx512m"));
        command.addAll(options);
        command.addAll(List.of("-jar", FOLDER.resolve("hodeon-exec.jar").toString()));
        Stream.of(arguments).forEach(command::add);
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(output)
                .start();
        Runtime.getRuntime().addShutdownHook(new Thread(process::destroyForcibly));
        return process;
    }
}
