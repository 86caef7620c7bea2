package hodeon.app.readiness;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "price_offer")
class OfferRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    String supplyId = "";
    String name = "";
    int pieces = 1;
    long priceHundredths;

    /** Where it is sold; empty if the list does not say. */
    String shop = "";
}
