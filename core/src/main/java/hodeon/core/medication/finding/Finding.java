package hodeon.core.medication.finding;

/** One thing that is told about a dose. Each is a record; its components are what the sentence about it names. */
public sealed interface Finding
        permits Because, Warning, WhyNot, OffLabel, OverCeiling, MoreThanUsual, Reckoning, MixUp {}
