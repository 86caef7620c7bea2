package hodeon.app.check;

import hodeon.app.stock.ledger.Stock;
import java.util.List;
import java.util.UUID;

/** What a list says belongs in a kit; the kits answer. */
public interface Belonging {

    /** @param place the kit or the module in it where the supply belongs */
    record Listed(UUID place, String supply) {}

    List<Listed> in(UUID household, UUID kit, Stock there);
}
