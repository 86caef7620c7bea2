package hodeon.core.medication;

import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.Cautions.Acting;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Rule;
import hodeon.core.medication.formulary.Tradition;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How much of a product one person may be given: the label's way, or a clinician's direction where one is recorded. The
 * cautious answer wins everywhere: outside the label's ages and masses nothing is said, where mass and age point to
 * different lines the smaller dose is said, everything is rounded down to what can be measured out, and nothing passes an
 * ingredient's hard ceilings without a recorded reason.
 *
 * <p>Worked example: a child of 9 years, 29 kg, paracetamol syrup of 24 mg a ml, bands of age. The line “8 years to
 * under 10 years” says 360 mg, at least 4 h apart, at most 4 times in 24 h. 360 mg ÷ 24 mg a ml = 15 ml, in steps of
 * 0.5 ml 15 ml; at most 60 ml (1,440 mg) in 24 h, which is 49.7 mg for each kilogram and below the ceiling of 75.
 * By a clinician's direction of 15 mg/kg, at most 500 mg: 29 × 15 = 435 mg ÷ 24 = 18.125 ml, rounded down to 18 ml.
 */
public final class DoseSheet {

    private final Formulary formulary;
    private final Tradition tradition;
    private final Cautions cautions;
    private final LabelledDose labelled;
    private final DirectedDose directed;

    public DoseSheet(Formulary formulary, Tradition tradition) {
        this.formulary = formulary;
        this.tradition = tradition;
        this.cautions = new Cautions(formulary);
        this.labelled = new LabelledDose(formulary, tradition);
        this.directed = new DirectedDose(formulary, tradition);
    }

    /** With nothing taken lately but what they take every day. */
    public DoseAnswer of(Product product, Patient patient) {
        return of(product, patient, List.of());
    }

    /**
     * On the day the patient's age holds.
     *
     * @param recently what else they had within a day, or are about to have
     */
    public DoseAnswer of(Product product, Patient patient, List<Acting> recently) {
        if (patient.dog()) {
            return new Refused(product, new WhyNot.Dog(patient.name()), List.of());
        }
        List<Direction> directions = covering(product, patient);
        List<Caution> known = new ArrayList<>(cautions.of(product, patient, recently));
        known.addAll(ofDirections(product, patient, directions));
        known.addAll(ofMass(patient));
        known.sort(gravestFirst());
        Optional<Caution> never =
                known.stream().filter(c -> c.level() == Rule.Level.NEVER).findFirst();
        if (never.isPresent() && directions.isEmpty()) {
            return new Refused(
                    product,
                    new WhyNot.NotForThem(
                            patient.name(), never.get().because(), never.get().warning()),
                    known);
        }
        if (product.prescribed() && directions.isEmpty()) {
            return new Refused(product, new WhyNot.Prescribed(), known);
        }
        if (patient.age().under(product.from()) && !directions.stream().allMatch(Direction::beyondLabel)
                || patient.age().under(product.from()) && directions.isEmpty()) {
            return new Refused(product, new WhyNot.MadeForOlder(product.from(), patient.name(), patient.age()), known);
        }
        return directions.isEmpty()
                ? labelled.of(product, patient, known)
                : directed.of(product, patient, directions, known);
    }

    /** The label's line for somebody and what a product or ingredient is labelled as, if there is one. */
    public Optional<LabelLine.Found> line(String of, Patient patient) {
        return formulary
                .labelOf(of, tradition)
                .filter(l -> l.measure() == Label.Measure.MILLIGRAMS)
                .flatMap(l -> LabelLine.of(l, patient) instanceof LabelLine.Found found
                        ? Optional.of(found)
                        : Optional.empty());
    }

    public static Comparator<Caution> gravestFirst() {
        return Comparator.comparing(Caution::level).reversed();
    }

    /** One direction for each thing it holds, or none at all: what directs one thing of a mixture does not direct the rest. */
    private static List<Direction> covering(Product product, Patient patient) {
        List<Direction> found = new ArrayList<>();
        for (String ingredient : product.strengths().keySet().stream().sorted().toList()) {
            Optional<Direction> direction = patient.directions().stream()
                    .filter(d -> d.ingredient().equals(ingredient) && d.covers(product) && d.holdsAt(patient.age()))
                    .findFirst();
            if (direction.isEmpty()) {
                return List.of();
            }
            found.add(direction.get());
        }
        return found;
    }

    private List<Caution> ofDirections(Product product, Patient patient, List<Direction> covering) {
        List<Caution> found = new ArrayList<>();
        for (Direction d : covering) {
            if (d.stale(patient)) {
                found.add(Caution.ask(
                        Kind.DIRECTION, new Because.Directed(d.by(), d.on()), new Warning.StillHolds(), "the craft"));
            }
        }
        if (covering.isEmpty()) {
            for (Direction d : patient.directions()) {
                String name = formulary.nameOf(d.ingredient());
                if (product.of(d.ingredient()).micrograms() == 0) {
                    continue;
                }
                if (!d.holdsAt(patient.age())) {
                    found.add(Caution.ask(
                            Kind.DIRECTION,
                            new Because.Directed(d.by(), d.on()),
                            new Warning.ForAnotherAge(name),
                            "the direction"));
                } else if (product.mixture() && d.covers(product)) {
                    found.add(new Caution(
                            Kind.DIRECTION,
                            Rule.Level.KNOW,
                            new Because.Directed(d.by(), d.on()),
                            new Warning.DirectsNotTheRest(name),
                            "the direction"));
                }
            }
        }
        return found;
    }

    private static List<Caution> ofMass(Patient patient) {
        List<Caution> found = new ArrayList<>();
        patient.weighed().ifPresent(w -> {
            if (patient.massIsStale()) {
                found.add(Caution.ask(
                        Kind.OLD_MASS,
                        w.on().<Because>map(Because.MassFrom::new).orElseGet(Because.MassUndated::new),
                        new Warning.ChildrenOutgrow(),
                        "the craft"));
            }
            if (!LikelyMass.holds(patient.age(), w.kilograms())) {
                found.add(Caution.ask(
                        Kind.UNLIKELY_MASS,
                        new Because.MassAtAge(w.kilograms(), patient.age()),
                        new Warning.UnlikelyMass(),
                        "arithmetic"));
            }
        });
        return found;
    }
}
