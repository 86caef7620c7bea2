package hodeon.app.kits;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.party.Outgrowing;
import hodeon.core.party.Person;
import hodeon.core.party.SizeClass;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What lies in a kit and comes in sizes of children, with the day on which each child of those it is for outgrows it. */
final class Outgrown {

    private Outgrown() {}

    static List<String> of(UUID kit, Stock here, StoredTrip use, LocalDate today) {
        List<String> told = new ArrayList<>();
        if (use.trip().standing().filter(u -> !u.visitors().none()).isPresent()) {
            return told; // Whoever comes by is always somebody else.
        }
        here.inKit(kit).stream()
                .map(h -> Optional.ofNullable(here.supplies().get(h.lot().supply())))
                .flatMap(Optional::stream)
                .distinct()
                .filter(s -> !s.sizes().isEmpty())
                .forEach(supply -> {
                    Set<SizeClass> fits = fits(supply);
                    for (Person person : use.trip().party().people()) {
                        Outgrowing.day(fits, person.age(), today)
                                .ifPresent(day -> told.add(Wording.says(
                                        "outgrown.outgrowsItAbout",
                                        supply.name(),
                                        person.name(),
                                        YearMonth.from(day))));
                    }
                    if (!fits.contains(SizeClass.ADULT)
                            && use.trip().party().people().stream().noneMatch(p -> fits.contains(p.size()))) {
                        told.add(Wording.says("outgrown.nobodyItIsForIsOfThis", supply.name()));
                    }
                });
        return told;
    }

    private static Set<SizeClass> fits(Supply supply) {
        return Stream.of(SizeClass.values())
                .filter(size -> supply.sizes().contains(Tag.of("size", size)))
                .collect(Collectors.toSet());
    }
}
