package hodeon.core.kit;

import com.google.ortools.Loader;

/** Loads the solver's native library once, on first use: it unpacks itself to the temporary folder. */
final class Solver {

    private static final class Loaded {
        static {
            Loader.loadNativeLibraries();
        }

        static void touch() {}
    }

    private Solver() {}

    static void load() {
        Loaded.touch();
    }
}
