package hodeon.app.kits;

import hodeon.app.check.FoundLast;
import hodeon.app.shell.Wording;
import hodeon.app.stock.MissingThings;
import java.util.Map;
import java.util.Optional;

/** What is said of things that are not there. */
final class LastSeen {

    private LastSeen() {}

    /** “missing since 2026-10-30, noticed by Sef”, or to whom it is lent. */
    static String since(MissingThings.Missing gone, Map<String, FoundLast.Lent> lent) {
        return Optional.ofNullable(lent.get(gone.lot() + " " + gone.place()))
                .map(l -> Wording.says(
                        "lastSeen.lentSince",
                        (l.to().isEmpty() ? "" : " " + Wording.says("lastSeen.to", l.to())),
                        l.on()))
                .orElseGet(() -> Wording.says(
                        "lastSeen.missingSince",
                        gone.since(),
                        (gone.who().isEmpty() ? "" : Wording.says("lastSeen.noticedBy", gone.who()))));
    }
}
