package hodeon.app.stock.enter;

import hodeon.app.shell.Texts;
import java.util.Optional;
import org.springframework.web.bind.annotation.BindParam;

/** What came, as typed or read off a pack; {@link ArrivalReader} says what each has to be. */
public record ArrivalForm(
        String place,
        String supply,
        String pieces,
        String unit,
        String product,
        String article,
        String lot,
        String serial,
        String until,
        String opened,
        String decanted,
        String received,
        String price,
        @BindParam("store-below") String storeBelow,
        String condition) {

    public static final ArrivalForm EMPTY = ArrivalForm.at("");

    public ArrivalForm {
        place = Texts.given(place);
        supply = Texts.given(supply);
        pieces = Texts.given(pieces);
        unit = Texts.given(unit);
        product = Texts.given(product);
        article = Texts.given(article);
        lot = Texts.given(lot);
        serial = Texts.given(serial);
        until = Texts.given(until);
        opened = Texts.given(opened);
        decanted = Texts.given(decanted);
        received = Texts.given(received);
        price = Texts.given(price);
        storeBelow = Texts.given(storeBelow);
        condition = Texts.given(condition);
    }

    static ArrivalForm at(String place) {
        return new ArrivalForm(place, "", "", "", "", "", "", "", "", "", "", "", "", "", "");
    }

    ArrivalForm of(String otherSupply) {
        return new ArrivalForm(
                place,
                otherSupply,
                pieces,
                unit,
                product,
                article,
                lot,
                serial,
                until,
                opened,
                decanted,
                received,
                price,
                storeBelow,
                condition);
    }

    /** With what a code says, where it says it. */
    ArrivalForm with(ReadCode code) {
        return new ArrivalForm(
                place,
                code.supply().orElse(supply),
                code.pieces().orElse(pieces),
                unit,
                code.product().orElse(product),
                code.article().orElse(article),
                code.lot().orElse(lot),
                code.serial().orElse(serial),
                code.until().orElse(until),
                opened,
                decanted,
                received,
                code.price().orElse(price),
                storeBelow,
                condition);
    }

    /** What a pack's code says, and what is remembered of its article. @param told what to know of the code */
    public record ReadCode(
            Optional<String> supply,
            Optional<String> pieces,
            Optional<String> product,
            Optional<String> article,
            Optional<String> lot,
            Optional<String> serial,
            Optional<String> until,
            Optional<String> price,
            String told) {

        static final ReadCode NOTHING = new ReadCode(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "");
    }

    /** By the names of {@link ArrivalReader#FIELDS}. */
    String cell(String field) {
        return switch (field) {
            case "place" -> place;
            case "supply" -> supply;
            case "pieces" -> pieces;
            case "unit" -> unit;
            case "product" -> product;
            case "article" -> article;
            case "lot" -> lot;
            case "serial" -> serial;
            case "until" -> until;
            case "opened" -> opened;
            case "decanted" -> decanted;
            case "received" -> received;
            case "price" -> price;
            case "store-below" -> storeBelow;
            case "condition" -> condition;
            default -> throw new IllegalArgumentException("no field " + field);
        };
    }
}
