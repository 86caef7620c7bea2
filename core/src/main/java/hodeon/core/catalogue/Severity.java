package hodeon.core.catalogue;

import java.util.List;

/** How bad a problem is, 1 to 5. */
public final class Severity {

    public static final int WORST = 5;

    private static final List<String> LABELS = List.of(
            "nuisance", "slows the party", "ends the outing for one", "limb, organ, later health", "threatens life");

    private Severity() {}

    /** In words; {@code severity} is 1 to {@value #WORST}. */
    public static String label(int severity) {
        return LABELS.get(severity - 1);
    }
}
