package hodeon.app;

import org.junit.jupiter.api.Nested;

/** Walks round every address of one house with the sample household, and tries inputs that nobody means. */
class DemoHouseTest {

    @Nested
    class Foreign extends ForeignDoors {}

    @Nested
    class Roles extends RoleDoors {}

    @Nested
    class Styled extends StyledPages {}

    @Nested
    class Typed extends TypedNames {}

    @Nested
    class Fuzzed extends Fuzz {}
}
