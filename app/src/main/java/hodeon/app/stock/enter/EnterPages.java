package hodeon.app.stock.enter;

import hodeon.app.catalogue.ReadLine;
import hodeon.app.catalogue.Understanding;
import hodeon.app.household.Member;
import hodeon.app.shell.Shown;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.ArrivalForm.ReadCode;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The page where things are taken in: the form, what a code said, the lines that are looked over. */
@Component
class EnterPages {

    /** For what is known of a household without what lies anywhere. */
    private static final UUID NOWHERE = new UUID(0, 0);

    /** Open lines shown at once. */
    private static final int MOST_WAITING = 50;

    private final StockService stock;
    private final OpenLines open;
    private final Understanding understanding;

    EnterPages(StockService stock, OpenLines open, Understanding understanding) {
        this.stock = stock;
        this.open = open;
        this.understanding = understanding;
    }

    /** What was sent, in whichever way, and is shown again. */
    record Typed(ArrivalForm form, String code, String told, List<ReadLine> lines, List<String> at, String rest) {

        static Typed code(ArrivalForm form, String code, ReadCode read) {
            return new Typed(form.with(read), code, read.told(), List.of(), List.of(), "");
        }

        /** @param at where each line goes, as somebody wrote it; empty if all of it goes to one place */
        static Typed lines(String place, List<ReadLine> lines, List<String> at, String rest) {
            return new Typed(ArrivalForm.at(place), "", "", lines, at, rest);
        }
    }

    /**
     * The page.
     *
     * @param told what a code said
     * @param units what a piece is called, by id and by name of a supply, and {@code unit} of the one that is chosen
     * @param lines to be looked over: pasted just now, or left open before
     * @param at where each of them goes, if they do not all go to one place; else empty
     * @param waiting how many are left open in all
     * @param rest lines that were too many at once
     */
    record EnterPage(
            ArrivalForm form,
            String code,
            String told,
            Map<String, String> units,
            String unit,
            List<ReadLine> lines,
            List<String> at,
            long waiting,
            String rest,
            List<Fault> faults,
            Collection<Supply> supplies,
            List<String> places) {}

    String answer(Member member, Typed typed, Faults faults, HttpServletResponse response, Model model) {
        if (!faults.none()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        return page(member, typed, faults, model);
    }

    String page(Member member, Typed typed, Faults faults, Model model) {
        Stock all = stock.at(member.householdId(), NOWHERE);
        ArrivalForm form = Optional.ofNullable(all.supplies().get(typed.form().supply()))
                .map(s -> typed.form().of(s.name()))
                .orElse(typed.form());
        Map<String, String> units = new HashMap<>();
        all.supplies().forEach((id, s) -> {
            units.put(id, s.piece());
            units.put(s.name(), s.piece());
        });
        boolean pasted = !typed.lines().isEmpty();
        EnterPage view = new EnterPage(
                form,
                typed.code(),
                typed.told(),
                units,
                units.getOrDefault(form.supply(), ""),
                pasted ? typed.lines() : waiting(member),
                addresses(all, typed.at()),
                pasted ? 0 : open.count(member.householdId()),
                typed.rest(),
                faults.all(),
                all.supplies().values(),
                all.places().keySet().stream().map(all::address).toList());
        return Shown.page("stock/enter", view, model);
    }

    /** Places as people write them, by their address; empty where there is none of that name, or two. */
    private static List<String> addresses(Stock all, List<String> written) {
        Map<String, Set<String>> known = new HashMap<>();
        all.places().forEach((id, place) -> Stream.of(place.name(), all.address(id))
                .forEach(n -> known.computeIfAbsent(n.toLowerCase(Locale.ROOT), k -> new HashSet<>())
                        .add(all.address(id))));
        return written.stream()
                .map(w -> known.getOrDefault(w.strip().toLowerCase(Locale.ROOT), Set.of()))
                .map(found -> found.size() == 1 ? found.iterator().next() : "")
                .toList();
    }

    private List<ReadLine> waiting(Member member) {
        return understanding.read(member.householdId(), String.join("\n", open.of(member.householdId(), MOST_WAITING)));
    }
}
