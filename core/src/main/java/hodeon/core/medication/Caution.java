package hodeon.core.medication;

/**
 * Something to know before somebody takes something.
 *
 * @param because what about them makes it hold, such as “takes a blood thinner”; empty if it holds for everybody
 * @param says what to know
 * @param source where it comes from
 */
public record Caution(Rule.Level level, String because, String says, String source) {}
