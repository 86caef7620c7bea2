package hodeon.core.catalogue;

/**
 * What does a thing without any kit: the tap of a house, ice from its freezer, or hands that learned to improvise it.
 *
 * @param where it is at hand where this holds
 * @param tier how well; {@link Tier#MADE} leaves a kit nothing to add
 * @param with what does it, as read after “use ”
 */
public record AtHand(Tag where, Tier tier, String with) {

    public boolean suffices() {
        return tier == Tier.MADE;
    }
}
