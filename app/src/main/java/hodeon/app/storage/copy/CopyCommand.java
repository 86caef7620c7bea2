package hodeon.app.storage.copy;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;

/** {@code ./hodeon backup FILE} and {@code ./hodeon restore FILE}, without starting the house. */
public final class CopyCommand {

    private CopyCommand() {}

    /** Whether the house was asked for a copy and not for a start. */
    public static boolean asked(String... arguments) {
        return arguments.length == 3 && List.of("backup", "restore", "check").contains(arguments[0]);
    }

    /** @return 0, or 1 when it could not be done and why was told */
    public static int run(PrintStream says, String... arguments) {
        Path file = Path.of(arguments[1]);
        Path data = Path.of(arguments[2]);
        try {
            switch (arguments[0]) {
                case "backup" ->
                    says.println("Copied and checked: " + file + ", "
                            + CopyFile.make(data, file).says() + ".\nThe key " + data.resolve("hodeon.key")
                            + " is not in it: keep a copy of the key elsewhere.");
                case "check" ->
                    says.println("The copy is sound: " + CopyFile.check(file).says() + ".");
                default -> {
                    String aside = CopyFile.restore(file, data);
                    says.println("Restored into " + data + "."
                            + (aside.isEmpty() ? "" : " What was there lies in " + aside + ".")
                            + "\nPut the key of that copy at " + data.resolve("hodeon.key") + ", if it is not there.");
                }
            }
            return 0;
        } catch (CopyFile.Unfit why) {
            says.println(why.getMessage());
            return 1;
        }
    }
}
