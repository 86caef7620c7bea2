package hodeon.app.journal;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrailOfferTest {

    private static final Catalogue SHIPPED = CatalogueReader.shipped(Drivers.vocabulary());

    private static TrailOffer offer(String problem, String... kit) {
        List<Supply> supplies =
                Stream.of(kit).map(s -> SHIPPED.supply(s).orElseThrow()).toList();
        return TrailOffer.of(SHIPPED.problem(problem).orElseThrow(), supplies);
    }

    @Test
    void whatIsMadeForADecisiveStepIsFilledInAndTheRestIsOffered() {
        TrailOffer blister = offer("blister", "hydrocolloid-pad", "antiseptic-wipe", "shears", "loperamide");
        assertThat(blister.usual()).containsEntry("hydrocolloid-pad", 1);
        assertThat(blister.offered()).contains("antiseptic-wipe").doesNotContain("loperamide");
        assertThat(blister.pieces()).contains("hydrocolloid-pad=1").contains("antiseptic-wipe=0");
    }

    @Test
    void whatServesAgainAndAgainIsNotUsedUp() {
        assertThat(offer("tick", "fine-tweezers").usual()).isEmpty();
        assertThat(offer("tick", "fine-tweezers").offered()).containsExactly("fine-tweezers");
    }

    @Test
    void aKitThatHoldsNothingForItOffersNothing() {
        assertThat(offer("blister").pieces()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "severe-limb-bleeding, tourniquet",
        "tick, tick",
        "small-burn, burn",
        "large-burn, burn",
        "sunburn, burn",
        "blister, ''",
    })
    void whatMustBeToldLaterIsAsked(String problem, String asks) {
        assertThat(offer(problem).asks()).isEqualTo(asks);
    }
}
