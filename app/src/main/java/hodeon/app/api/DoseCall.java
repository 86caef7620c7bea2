package hodeon.app.api;

import hodeon.app.dose.DoseNow;
import hodeon.app.dose.ObjectionWords;
import hodeon.app.shell.DeviceZone;
import hodeon.app.shell.FindingWords;
import hodeon.core.catalogue.Tag;
import hodeon.core.medication.Caution;
import hodeon.core.medication.Direction;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.medication.gate.DoseGate;
import hodeon.core.medication.gate.DoseTally;
import hodeon.core.medication.gate.DoseVerdict;
import hodeon.core.medication.gate.GivenDose;
import hodeon.core.medication.gate.NextDose;
import hodeon.core.medication.gate.Objection;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * {@code POST /api/v1/doses/sheet} and {@code /doses/clock}: the answers of the pages for a person, products and a history that
 * come with the call. Nothing is kept.
 */
final class DoseCall {

    private final JsonFields body;
    private final Formulary formulary;
    private final ZoneId zone;
    private final Instant at;
    private final DoseGate gate;
    private final List<Product> products;

    record SheetAnswer(List<ProductAnswer> products) {}

    /** @param dose how much; missing where none is said, and then {@code refused} says why */
    record ProductAnswer(
            String product,
            String name,
            @Nullable DoseSaid dose,
            @Nullable RefusedSaid refused,
            List<CautionSaid> cautions,
            List<String> working) {}

    record DoseSaid(
            String unit,
            BigDecimal least,
            BigDecimal most,
            @Nullable BigDecimal first,
            String milligrams,
            long minutesApart,
            @Nullable Integer timesADay,
            @Nullable BigDecimal mostInADay,
            @Nullable Integer askAfterDays,
            List<String> directed,
            String says) {}

    record RefusedSaid(String why, String reason, String remedy) {}

    record CautionSaid(String kind, String level, String because, String says, String source) {}

    record ClockAnswer(
            List<MayAnswer> products,
            List<TallyAnswer> lastDay,
            @Nullable VerdictAnswer verdict) {}

    record MayAnswer(
            String product,
            boolean fine,
            String says,
            @Nullable BigDecimal now,
            @Nullable LaterSaid soonest,
            @Nullable String fullFrom,
            List<CautionSaid> cautions) {}

    record LaterSaid(String at, BigDecimal units) {}

    /** @param room missing where no most is said, or nothing at all */
    record TallyAnswer(
            String of,
            String name,
            String unit,
            BigDecimal taken,
            @Nullable BigDecimal room,
            boolean limited) {}

    record VerdictAnswer(String verdict, List<ObjectionSaid> objections, List<CautionSaid> toAsk) {}

    record ObjectionSaid(String kind, String says) {}

    DoseCall(JsonFields body, Formulary known, Tradition usual, Instant now) {
        this.body = body;
        this.formulary = new DoseProducts(body, known).formulary();
        this.zone =
                body.read("zone", ZoneOffset.UTC, DeviceZone::named, "is a time zone like Europe/Oslo", "Correct it");
        this.at = body.has("at") ? moment(body, "at") : now;
        Tradition tradition = body.optionalText("tradition")
                .flatMap(t -> DosePerson.constant(t, Tradition.class))
                .orElse(usual);
        Patient patient =
                new DosePerson(body.object("person"), formulary, at.atZone(zone).toLocalDate()).read();
        this.products = products();
        this.gate = new DoseGate(formulary, tradition, patient, history(), zone);
    }

    SheetAnswer sheet() {
        NotValid.unlessNone(body.faults());
        return new SheetAnswer(
                products.stream().map(p -> answer(gate.answer(p, at))).toList());
    }

    ClockAnswer clock() {
        Optional<VerdictAnswer> verdict =
                body.has("dose") ? Optional.of(verdict(body.object("dose"))) : Optional.empty();
        NotValid.unlessNone(body.faults());
        List<TallyAnswer> tallies =
                gate.tallies(Optional.empty(), at).stream().map(this::tally).toList();
        return new ClockAnswer(products.stream().map(this::may).toList(), tallies, verdict.orElse(null));
    }

    private MayAnswer may(Product product) {
        DoseNow said = DoseNow.of(gate, product, at, zone);
        Optional<NextDose> next = gate.next(product, at);
        return new MayAnswer(
                product.id(),
                said.fine(),
                said.says(),
                next.map(NextDose::now).orElse(null),
                next.flatMap(NextDose::soonest)
                        .map(l -> new LaterSaid(offset(l.at()), l.units()))
                        .orElse(null),
                next.flatMap(NextDose::full).map(this::offset).orElse(null),
                cautions(gate.answer(product, at).cautions()));
    }

    private TallyAnswer tally(DoseTally tally) {
        return new TallyAnswer(
                tally.of(),
                tally.name(),
                tally.ingredient()
                        ? "mg"
                        : formulary
                                .product(tally.of())
                                .map(p -> p.form().unit())
                                .orElse("unit"),
                tally.taken(),
                tally.room().orElse(null),
                tally.limited());
    }

    private VerdictAnswer verdict(JsonFields dose) {
        Optional<Product> product = product(dose, "product");
        BigDecimal units = units(dose);
        Instant when = dose.has("at") ? moment(dose, "at") : at;
        NotValid.unlessNone(body.faults());
        return switch (gate.judge(product.orElseThrow(), units, when, at)) {
            case DoseVerdict.Allowed allowed -> new VerdictAnswer("allowed", List.of(), cautions(allowed.toAsk()));
            case DoseVerdict.Stopped stopped ->
                new VerdictAnswer(
                        "stopped",
                        stopped.objections().stream().map(this::objection).toList(),
                        List.of());
            case DoseVerdict.Refused refused ->
                new VerdictAnswer("refused", List.of(objection(refused.objection())), List.of());
        };
    }

    private ObjectionSaid objection(Objection objection) {
        return new ObjectionSaid(Tag.idOf(objection.kind()), new ObjectionWords(zone).say(objection));
    }

    private static ProductAnswer answer(DoseAnswer answer) {
        Product product = answer.product();
        return switch (answer) {
            case DoseAnswer.Refused refused ->
                new ProductAnswer(
                        product.id(),
                        product.name(),
                        null,
                        new RefusedSaid(
                                Tag.idOf(refused.why()),
                                FindingWords.say(refused.whyNot()),
                                FindingWords.remedy(refused.whyNot())),
                        cautions(refused.cautions()),
                        List.of());
            case DoseAnswer.Give give ->
                new ProductAnswer(
                        product.id(),
                        product.name(),
                        dose(give),
                        null,
                        cautions(give.cautions()),
                        give.working().stream().map(FindingWords::say).toList());
        };
    }

    private static DoseSaid dose(DoseAnswer.Give give) {
        var dosing = give.dosing();
        return new DoseSaid(
                give.product().form().unit(),
                give.least(),
                give.most(),
                dosing.first().orElse(null),
                give.milligrams(),
                dosing.apart().toMinutes(),
                dosing.times().isPresent() ? dosing.times().getAsInt() : null,
                dosing.inADay().orElse(null),
                dosing.days().isPresent() ? dosing.days().getAsInt() : null,
                give.directed().stream().map(Direction::who).toList(),
                give.amount() + ", " + give.often());
    }

    private static List<CautionSaid> cautions(List<Caution> cautions) {
        return cautions.stream()
                .map(c -> new CautionSaid(
                        Tag.idOf(c.kind()),
                        Tag.idOf(c.level()),
                        FindingWords.say(c.because()),
                        FindingWords.say(c.warning()),
                        c.source()))
                .toList();
    }

    private String offset(Instant instant) {
        return OffsetDateTime.ofInstant(instant, zone).toString();
    }

    private List<Product> products() {
        List<Product> found = new ArrayList<>();
        for (String id : body.texts("products")) {
            formulary
                    .product(id)
                    .ifPresentOrElse(
                            found::add,
                            () -> body.fault(
                                    "products",
                                    "are ids of products under Medicines, or described in the body",
                                    "Correct “" + id + "”"));
        }
        return found;
    }

    private List<GivenDose> history() {
        List<GivenDose> given = new ArrayList<>();
        for (JsonFields row : body.objects("history")) {
            if (!row.has("at")) {
                row.fault("at", "is when it was given", "Send it");
            }
            Instant when = moment(row, "at");
            BigDecimal units = units(row);
            product(row, "product").ifPresent(p -> given.add(GivenDose.of(when, p, units)));
        }
        return given;
    }

    private Optional<Product> product(JsonFields row, String field) {
        Optional<Product> product = row.has(field) ? formulary.product(row.text(field)) : Optional.empty();
        if (product.isEmpty()) {
            row.fault(field, "is the id of a product under Medicines, or described in the body", "Correct it");
        }
        return product;
    }

    private static BigDecimal units(JsonFields row) {
        return row.decimal("units").orElse(BigDecimal.ONE);
    }

    private static Instant moment(JsonFields row, String field) {
        return row.read(
                field,
                Instant.EPOCH,
                DoseCall::offsetMoment,
                "is a moment with its offset, like 2026-11-27T14:05:00+01:00",
                "Correct it");
    }

    private static Optional<Instant> offsetMoment(String text) {
        try {
            return Optional.of(OffsetDateTime.parse(text).toInstant());
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
