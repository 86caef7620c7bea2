package hodeon.app.kits;

import hodeon.app.check.FoundLast;
import hodeon.app.stock.MissingThings;
import java.util.Map;
import java.util.Optional;

/** What is said of things that are not there. */
final class LastSeen {

    private LastSeen() {}

    /** “missing since 2026-10-30, noticed by Sef”, or to whom it is lent. */
    static String since(MissingThings.Missing gone, Map<String, FoundLast.Lent> lent) {
        return Optional.ofNullable(lent.get(gone.lot() + " " + gone.place()))
                .map(l -> "lent" + (l.to().isEmpty() ? "" : " to " + l.to()) + " since " + l.on())
                .orElseGet(() ->
                        "missing since " + gone.since() + (gone.who().isEmpty() ? "" : ", noticed by " + gone.who()));
    }
}
