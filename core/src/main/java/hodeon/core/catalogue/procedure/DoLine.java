package hodeon.core.catalogue.procedure;

import java.util.Optional;

/**
 * One thing to do now, in few words.
 *
 * @param capability id of what of the kit it needs
 * @param without what to do in its place when the kit has nothing for it
 */
public record DoLine(String words, Optional<String> capability, Optional<String> without) {}
