package hodeon.app.tradeoff;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.plan.Plan;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * How far a pass through the pieces has come. It stands in the address, so that a reload goes on where it was.
 *
 * @param startMilligrams what lay on the mat when the pass began; missing before it did
 * @param startMet share of what could be needed that was met then
 * @param keep ids of supplies decided to be kept, with commas between
 * @param learnt the same for those kept and to be learnt first
 * @param finish anything when the pass is over
 */
record PrunePass(
        @Nullable Long startMilligrams,
        @Nullable Double startMet,
        @Nullable String keep,
        @Nullable String learnt,
        @Nullable String finish) {

    PrunePass beginning(Plan plan) {
        return new PrunePass(plan.mass().milligrams(), plan.coverage(), keep, learnt, finish);
    }

    boolean begun() {
        return startMilligrams != null && startMet != null;
    }

    double metAtStart() {
        return startMet == null ? 0 : startMet;
    }

    boolean over() {
        return finish != null;
    }

    List<String> kept() {
        return ids(keep);
    }

    List<String> learn() {
        return ids(learnt);
    }

    boolean isDecided(String supply) {
        return kept().contains(supply) || learn().contains(supply);
    }

    double gramsSaved(Plan now) {
        return startMilligrams == null
                ? 0
                : startMilligrams / 1000.0 - now.mass().grams();
    }

    PrunePass with(String decision, String supply) {
        return switch (decision) {
            case "keep" -> new PrunePass(startMilligrams, startMet, joined(keep, supply), learnt, finish);
            case "learn" -> new PrunePass(startMilligrams, startMet, keep, joined(learnt, supply), finish);
            default -> this;
        };
    }

    void put(RedirectAttributes next) {
        next.addAttribute("startMilligrams", startMilligrams);
        next.addAttribute("startMet", startMet);
        if (keep != null) {
            next.addAttribute("keep", keep);
        }
        if (learnt != null) {
            next.addAttribute("learnt", learnt);
        }
    }

    List<String> names(Catalogue catalogue, List<String> ids) {
        return ids.stream()
                .flatMap(id -> catalogue.supply(id).stream())
                .map(Supply::name)
                .toList();
    }

    private static List<String> ids(@Nullable String joined) {
        return joined == null || joined.isEmpty() ? List.of() : Arrays.asList(joined.split(","));
    }

    private static String joined(@Nullable String before, String more) {
        return String.join(
                ",",
                Stream.concat(ids(before).stream(), Stream.of(more)).distinct().toList());
    }
}
