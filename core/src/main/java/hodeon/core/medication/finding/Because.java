package hodeon.core.medication.finding;

import hodeon.core.party.Age;
import hodeon.core.party.Condition;
import java.math.BigDecimal;
import java.time.LocalDate;

/** What about somebody makes a caution hold. */
public sealed interface Because extends Finding {

    /** It holds for whoever takes it. */
    record Everybody() implements Because {}

    record Having(Condition condition) implements Because {}

    /** @param name of a medicine or a kind of them */
    record ReactsTo(String name) implements Because {}

    /** @param age they are younger than */
    record Under(Age age) implements Because {}

    /** @param years of age or more */
    record OrOver(int years) implements Because {}

    record LighterThan(int kilograms) implements Because {}

    /** Something else, every day. */
    record Takes(String name) implements Because {}

    /** Something else, within a day. */
    record Had(String name) implements Because {}

    /** @param other that they take or had beside it */
    record Also(Because other) implements Because {}

    /** @param name of what is in it */
    record Holds(String name) implements Because {}

    /** @param on the day of the direction */
    record Directed(String by, LocalDate on) implements Because {}

    /** The dose itself follows a direction. */
    record AsDirected(String by, LocalDate on) implements Because {}

    record MassFrom(LocalDate on) implements Because {}

    record MassUndated() implements Because {}

    record MassAtAge(BigDecimal kilograms, Age age) implements Because {}

    record LightForLine(BigDecimal kilograms) implements Because {}

    record PackSaysMore() implements Because {}

    record OwnPack() implements Because {}

    record Above(OverCeiling ceiling) implements Because {}

    /** @param day which it would be of taking it without a day between, from 1 */
    record DayRunning(int day) implements Because {}
}
