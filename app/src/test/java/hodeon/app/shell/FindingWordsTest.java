package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.Finding;
import hodeon.core.medication.finding.MixUp;
import hodeon.core.medication.finding.MoreThanUsual;
import hodeon.core.medication.finding.OverCeiling;
import hodeon.core.medication.finding.Reckoning;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Label.Measure;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Age;
import hodeon.core.party.Condition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.ResourceBundle;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FindingWordsTest {

    private static final Pattern COMPONENT = Pattern.compile("\\{(\\d+)");
    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

    /** Every record that a finding may be. */
    static Stream<Class<?>> kinds() {
        return leaves(Finding.class);
    }

    private static Stream<Class<?>> leaves(Class<?> type) {
        return type.isRecord()
                ? Stream.of(type)
                : Stream.of(type.getPermittedSubclasses()).flatMap(FindingWordsTest::leaves);
    }

    /** A sentence that leaves out what it is about would be as wrong as none. */
    @ParameterizedTest
    @MethodSource("kinds")
    void theSentenceOfEachNamesAllItsComponents(Class<?> kind) {
        String sentence = ResourceBundle.getBundle("words").getString(FindingWords.key(kind));
        TreeSet<Integer> named = COMPONENT
                .matcher(sentence)
                .results()
                .map((MatchResult m) -> Integer.valueOf(m.group(1)))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(named)
                .containsExactlyElementsOf(IntStream.range(0, kind.getRecordComponents().length)
                        .boxed()
                        .toList());
    }

    static Stream<List<Object>> saidSo() {
        OverCeiling near = new OverCeiling.TooNear(Duration.ofMinutes(90), "paracetamol", Duration.ofHours(4));
        return Stream.of(
                List.of(new Because.Everybody(), ""),
                List.of(new Because.Also(new Because.Had("ibuprofen")), "also had ibuprofen within a day"),
                List.of(new Because.Having(Condition.ASTHMA), "asthma"),
                List.of(new Because.MassAtAge(new BigDecimal("29.0"), Age.ofYears(9)), "29 kg at 9 years"),
                List.of(
                        new WhyNot.OwnEntry(near),
                        "Your own entry cannot be right: 90 min between two doses of paracetamol is less than the 4 h"
                                + " that always have to lie between them."),
                List.of(
                        new WhyNot.NotForThem("Jonas", new Because.Takes("a {blood} thinner"), new Warning.InIt()),
                        "Not for Jonas: takes a {blood} thinner. It is in it."),
                List.of(
                        new WhyNot.TooFine(new BigDecimal("500"), Measure.MILLIGRAMS, "24 mg a ml", "0.5 ml"),
                        "The label’s 500 mg cannot be measured out of 24 mg a ml in steps of 0.5 ml."),
                List.of(
                        new WhyNot.TooFine(new BigDecimal("0.3"), Measure.UNITS, "1 g", "1 tablet"),
                        "The label’s 0.3 cannot be measured out of 1 g in steps of 1 tablet."),
                List.of(
                        new WhyNot.NoLabel(Tradition.BRITISH, "Naproxen"),
                        "No label of this kind (" + Tradition.BRITISH.label() + ") is known for Naproxen."),
                List.of(
                        new Warning.PackSays(List.of(
                                new MoreThanUsual.AtOnce(Dose.ofMilligrams(400)),
                                new MoreThanUsual.Sooner(Duration.ofHours(4)))),
                        "It says more than the usual 400 mg at once, sooner than the usual 4 h."),
                List.of(new Warning.AskAfter(1), "The label says to ask after 1 day."),
                List.of(
                        new Reckoning.Directed(Dose.ofMilligrams(435), "the harbour practice", DAY),
                        "Directed: 435 mg at once, by the harbour practice on 2026-05-01."),
                List.of(
                        new MixUp.Strengths(
                                "paracetamol", 2, List.of(Dose.ofMilligrams(24), Dose.ofMilligrams(50)), "ml"),
                        "paracetamol comes in 2 strengths (24 mg and 50 mg a ml): label both, and reckon each on its own sheet."),
                List.of(
                        new MixUp.Products("paracetamol", 2, List.of("Syrup", "Cold tablets")),
                        "paracetamol is in 2 products: Syrup, Cold tablets. Count them together."));
    }

    @ParameterizedTest
    @MethodSource("saidSo")
    void componentsAreSaidAsPeopleSayThem(List<Object> findingAndWords) {
        assertThat(FindingWords.say((Finding) findingAndWords.getFirst())).isEqualTo(findingAndWords.getLast());
    }

    @Test
    void everyRefusalSaysWhatToDoInstead() {
        assertThat(FindingWords.remedy(new WhyNot.Dog("Kelp"))).contains("vet");
        assertThat(FindingWords.remedy(new WhyNot.DirectionByMass("Beck"))).contains("Weigh them");
    }
}
