package hodeon.core.medication.formulary;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.formulary.Rule.Substance;
import hodeon.core.medication.formulary.Rule.With;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.RescueMedicine;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What stands in the files comes out as it stands there. Read anew for each test, from a formulary of two ingredients. */
class FormularyReaderTest {

    private static final String INGREDIENTS = """
            [alpha]
            name = Alpha
            also = alphine
            class = anti-inflammatory blood-thinner
            ceiling = 1000 every 4h day 4000
            ceiling = 1330 every 8h day 3990
            ceiling-kg = once 15 day 60
            [beta]
            name = Beta
            class = sedating
            """;
    private static final String PRODUCTS = """
            [alpha-tablet]
            name = Alpha 500 mg
            form = tablet
            holds = alpha 500
            step = 0.5
            from = 6y
            slow = yes
            supply = alpha-box
            per-piece = 2
            [both-syrup]
            name = Both
            form = syrup
            holds = alpha 24
            holds = beta 1
            prescribed = yes
            [beta-gel]
            name = Beta gel
            form = gel
            holds = beta 10
            """;
    private static final String LABELS = """
            [alpha british]
            band = age 12y- dose 500-1000 every 4h times 4
            source = a label
            [both-syrup north-american]
            measure = units
            band = age 2y-12y dose 5 every 6h
            source = another
            """;
    private static final String CAUTIONS = """
            [thin]
            taken = alpha class:sedating
            with = class:blood-thinner condition:asthma allergy:nsaid under:12y over:65 lighter:40
            route = swallowed
            level = ask
            apart = 4h
            says = Ask.
            source = s1
            [syrup]
            taken = product:both-syrup
            with = everybody
            level = know
            says = Shake it.
            source = s2
            [beta-other]
            taken = beta
            with = alpha
            level = never
            says = Never.
            source = s3
            """;
    private static final String RESCUE = """
            [auto-injector]
            how = Press.
            again = After five minutes.
            source = s4
            reviewed = 2026-01-02
            """;

    private Formulary read;

    @BeforeEach
    void reads() {
        FormularyReader.Reading reading = FormularyReader.read(INGREDIENTS, PRODUCTS, LABELS, CAUTIONS, RESCUE);
        assertThat(reading.faults()).isEmpty();
        read = reading.formulary();
    }

    private static Dose mg(String milligrams) {
        return Dose.ofMilligrams(new BigDecimal(milligrams));
    }

    @Test
    void anIngredientWithItsNamesClassesAndCeilings() {
        assertThat(read.ingredients()).map(Ingredient::id).containsExactly("alpha", "beta");
        Ingredient alpha = read.ingredient("alpha").orElseThrow();
        assertThat(alpha.name()).isEqualTo("Alpha");
        assertThat(alpha.otherNames()).containsExactly("alphine");
        assertThat(alpha.classes()).containsExactlyInAnyOrder(DrugClass.ANTI_INFLAMMATORY, DrugClass.BLOOD_THINNER);
        assertThat(alpha.is(DrugClass.SEDATING)).isFalse();
        assertThat(read.ingredientNamed("alphine")).contains(alpha);

        Ceilings most = read.ceilings("alpha");
        assertThat(most.once()).contains(mg("1330"));
        assertThat(most.day()).contains(mg("4000"));
        assertThat(most.once(Duration.ofHours(4))).contains(mg("1000"));
        assertThat(most.once(Duration.ofHours(3))).isEmpty();
        assertThat(most.apart(mg("1000"))).isEqualTo(Duration.ofHours(4));
        assertThat(most.apart(mg("1001"))).isEqualTo(Duration.ofHours(8));
        assertThat(most.apart(mg("9999"))).isEqualTo(Duration.ofHours(8));
        assertThat(most.onceFor(new BigDecimal("10"))).contains(mg("150"));
        assertThat(most.dayFor(new BigDecimal("10"))).contains(mg("600"));
        assertThat(read.ceilings("beta")).isEqualTo(Ceilings.NONE);
        assertThat(Ceilings.NONE.apart(mg("1"))).isZero();
        assertThat(Ceilings.NONE.dayFor(BigDecimal.TEN)).isEmpty();
    }

    @Test
    void aProductWithAllThatItsPackSays() {
        Product tablet = read.product("alpha-tablet").orElseThrow();
        assertThat(tablet)
                .isEqualTo(new Product(
                        "alpha-tablet",
                        "Alpha 500 mg",
                        MedicineForm.TABLET,
                        Map.of("alpha", mg("500")),
                        new BigDecimal("0.5"),
                        new Age(72),
                        true,
                        Optional.of("alpha-box"),
                        new BigDecimal("2"),
                        false));
        assertThat(read.inSupply("alpha-box")).contains(tablet);
        Product syrup = read.product("both-syrup").orElseThrow();
        assertThat(syrup.prescribed()).isTrue();
        assertThat(syrup.slowRelease()).isFalse();
        assertThat(syrup.step()).isEqualByComparingTo("1");
        assertThat(syrup.from()).isEqualTo(new Age(0));
        assertThat(syrup.supply()).isEmpty();
        assertThat(read.ingredientsOf(syrup)).map(Ingredient::id).containsExactly("alpha", "beta");
        assertThat(read.nameOf("alpha")).isEqualTo("Alpha");
        assertThat(read.nameOf(Formulary.ownId("Grandmother's drops"))).isEqualTo("grandmother s drops");
        assertThat(read.nameOf("gone")).isEqualTo("gone");
    }

    @Test
    void aLabelOfAnIngredientInMilligramsAndOfAProductInUnits() {
        assertThat(read.labels()).hasSize(2);
        Product tablet = read.product("alpha-tablet").orElseThrow();
        Label alpha = read.label(tablet, Tradition.BRITISH).orElseThrow();
        assertThat(alpha.measure()).isEqualTo(Label.Measure.MILLIGRAMS);
        assertThat(alpha.youngestMonths()).isEqualTo(144);
        assertThat(alpha.source()).isEqualTo("a label");
        assertThat(read.label(tablet, Tradition.NORTH_AMERICAN)).isEmpty();
        Product syrup = read.product("both-syrup").orElseThrow();
        assertThat(read.label(syrup, Tradition.NORTH_AMERICAN).orElseThrow().measure())
                .isEqualTo(Label.Measure.UNITS);
        // What holds two ingredients has no label of one of them.
        assertThat(read.label(syrup, Tradition.BRITISH)).isEmpty();
    }

    @Test
    void aCautionWithEverythingItNames() {
        assertThat(read.rules().getFirst())
                .isEqualTo(new Rule(
                        "thin",
                        List.of(new Substance.Named("alpha"), new Substance.OfClass(DrugClass.SEDATING)),
                        List.of(
                                new With.Taking(new Substance.OfClass(DrugClass.BLOOD_THINNER)),
                                new With.Having(Condition.ASTHMA),
                                new With.ReactingTo(Allergy.NSAID),
                                new With.YoungerThan(new Age(144)),
                                new With.OlderThan(65),
                                new With.LighterThan(40)),
                        Optional.of(Rule.Route.SWALLOWED),
                        Rule.Level.ASK,
                        Optional.of(Duration.ofHours(4)),
                        "Ask.",
                        "s1"));
        Rule syrup = read.rules().get(1);
        assertThat(syrup.taken()).containsExactly(new Substance.OfProduct("both-syrup"));
        assertThat(syrup.with()).containsExactly(new With.Everybody());
        assertThat(syrup.route()).isEmpty();
        assertThat(syrup.apart()).isEmpty();
        assertThat(syrup.about(read.product("both-syrup").orElseThrow())).isTrue();
        assertThat(syrup.about(read.product("alpha-tablet").orElseThrow())).isFalse();
        assertThat(syrup.about(read.ingredient("alpha").orElseThrow())).isFalse();
        assertThat(read.rules().get(2).with()).containsExactly(new With.Taking(new Substance.Named("alpha")));
        assertThat(Rule.Route.of(read.product("beta-gel").orElseThrow())).isEqualTo(Rule.Route.ON_THE_SPOT);
        assertThat(Rule.Route.of(read.product("alpha-tablet").orElseThrow())).isEqualTo(Rule.Route.SWALLOWED);
    }

    @Test
    void whatCanSayAnythingOfAProductIsFoundInTheListsOrder() {
        assertThat(read.rulesTouching(read.product("alpha-tablet").orElseThrow()))
                .map(Rule::id)
                .containsExactly("thin", "beta-other");
        assertThat(read.rulesTouching(read.product("both-syrup").orElseThrow()))
                .map(Rule::id)
                .containsExactly("thin", "syrup", "beta-other");
        Product own = new Product(
                "own-gamma",
                "Gamma",
                MedicineForm.TABLET,
                Map.of("own-gamma", mg("5")),
                BigDecimal.ONE,
                new Age(0),
                false,
                Optional.empty(),
                BigDecimal.ONE,
                false);
        Formulary with = read.with(
                List.of(Ingredient.ofHousehold("own-gamma", "Gamma", Set.of(DrugClass.SEDATING))),
                List.of(own),
                List.of());
        assertThat(with.rulesTouching(own)).map(Rule::id).containsExactly("thin");
        assertThat(with.product("alpha-tablet")).isPresent();
        assertThat(with.ingredients()).hasSize(3);
    }

    @Test
    void howRescueMedicineIsUsed() {
        assertThat(read.rescue(RescueMedicine.AUTO_INJECTOR))
                .contains(new RescueUse(
                        RescueMedicine.AUTO_INJECTOR, "Press.", "After five minutes.", "s4", LocalDate.of(2026, 1, 2)));
        assertThat(read.rescue(RescueMedicine.RELIEVER_INHALER)).isEmpty();
    }

    @Test
    void whatIsNothingOrOfNothingIsAFault() {
        assertThat(FormularyReader.read(
                                INGREDIENTS,
                                "[p]\nname = p\nform = tablet\n[q]\nname = q\nform = tablet\nholds = alpha 1 2",
                                "[alpha british]\nmeasure = drops\nband = age 2y- dose 5 every 4h\nsource = s\n[beta british]\nsource = s\n[alpha british us]\nband = age 2y- dose 5 every 4h\nsource = s",
                                "[r]\nwith = everybody\nlevel = know\nsays = x\nsource = y\n[t]\ntaken = product:none\nwith = everybody\nlevel = know\napart = soon\nsays = x\nsource = y",
                                RESCUE)
                        .faults())
                .map(f -> f.file() + ":" + f.line())
                .containsExactlyInAnyOrder(
                        "products.txt:1",
                        "products.txt:4",
                        "products.txt:7",
                        "labels.txt:2",
                        "labels.txt:5",
                        "labels.txt:7",
                        "cautions.txt:1",
                        "cautions.txt:6",
                        "cautions.txt:7",
                        "cautions.txt:10");
    }

    @Test
    void whatShipsIsReadWithoutAFault() {
        Formulary shipped = FormularyReader.shipped();
        assertThat(shipped.labels()).isNotEmpty();
        assertThat(shipped.rules()).isNotEmpty();
        assertThat(shipped.rescue(RescueMedicine.AUTO_INJECTOR)).isPresent();
    }
}
