package hodeon.app.kits;

import hodeon.app.check.FoundLast;
import hodeon.app.stock.MissingThings;
import hodeon.app.stock.ledger.Stock;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What is known of things that are not there: since when, to whom they are lent, who took of them last. */
@Component
class LastSeen {

    private final FoundLast found;
    private final MissingThings missing;

    LastSeen(FoundLast found, MissingThings missing) {
        this.found = found;
        this.missing = missing;
    }

    /** To whom things of a kit are lent. */
    Map<String, FoundLast.Lent> lent(UUID household, UUID kit) {
        return found.lent(household, kit);
    }

    /** “missing since 2026-10-30, noticed by Sef”, or to whom it is lent. */
    static String since(MissingThings.Missing gone, Map<String, FoundLast.Lent> lent) {
        return Optional.ofNullable(lent.get(gone.lot() + " " + gone.place()))
                .map(l -> "lent" + (l.to().isEmpty() ? "" : " to " + l.to()) + " since " + l.on())
                .orElseGet(() ->
                        "missing since " + gone.since() + (gone.who().isEmpty() ? "" : ", noticed by " + gone.who()));
    }

    /** “last taken on 2026-11-02, at the kit” by supply id, of what was used up from a kit. */
    Map<String, String> taken(UUID household, Stock here) {
        return missing.taken(household, here);
    }

    /** How full devices were found, by lot. */
    Map<UUID, FoundLast.Charged> charged(UUID household, UUID kit) {
        return found.charged(household, kit);
    }
}
