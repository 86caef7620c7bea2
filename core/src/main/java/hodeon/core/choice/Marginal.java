package hodeon.core.choice;

/**
 * What one piece more or less changes, in worth, 0 or more each.
 *
 * @param oneMore what one more piece adds
 * @param oneLess what one piece fewer loses; 0 if there is none
 * @param none what leaving all pieces out loses
 */
public record Marginal(double oneMore, double oneLess, double none) {}
