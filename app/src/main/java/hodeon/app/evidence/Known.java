package hodeon.app.evidence;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.need.Learning;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a household knows: the shipped reference data under its own supplies and rates, moved by its own log. Two are equal
 * when they come from the same household and the same rows, so that it is a quick key for answers computed from it.
 *
 * @param signature of the rows
 * @param before without the log
 * @param catalogue with the log
 * @param learning what the log moved
 * @param ownSupplies ids of supplies that are the household's own
 * @param ownRates ids of problems with a rate of the household's own
 */
public record Known(
        UUID householdId,
        String signature,
        Catalogue before,
        Catalogue catalogue,
        Learning learning,
        Set<String> ownSupplies,
        Set<String> ownRates) {

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Known known
                && known.householdId.equals(householdId)
                && known.signature.equals(signature);
    }

    @Override
    public int hashCode() {
        return Objects.hash(householdId, signature);
    }
}
