package hodeon.app.household.token;

import hodeon.app.household.Right;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What a program reaches with a token: never more than whoever made it. */
public enum TokenScope {
    TRIPS("outings and plans", EnumSet.of(Right.LOOK, Right.PLAN)),
    KITS("kits, lists and stock", EnumSet.of(Right.LOOK, Right.STOCK, Right.TAKE)),
    PEOPLE("people and doses", EnumSet.of(Right.PEOPLE));

    private final String words;
    private final Set<Right> rights;

    TokenScope(String words, Set<Right> rights) {
        this.words = words;
        this.rights = rights;
    }

    public String words() {
        return words;
    }

    /** As Spring Security knows it. */
    public String authority() {
        return "SCOPE_" + name();
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    static Set<Right> rights(Set<TokenScope> of) {
        return of.stream().flatMap(s -> s.rights.stream()).collect(Collectors.toSet());
    }

    static String written(Set<TokenScope> of) {
        return of.stream().map(TokenScope::name).sorted().collect(Collectors.joining(","));
    }

    static Set<TokenScope> read(String written) {
        return Arrays.stream(written.split(",")).map(TokenScope::valueOf).collect(Collectors.toSet());
    }
}
