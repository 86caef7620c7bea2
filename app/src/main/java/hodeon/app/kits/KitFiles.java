package hodeon.app.kits;

import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.Cells;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.Substitution;
import hodeon.core.stock.Held;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Kits as other programs read them: what lies in each, what is missing by its list, and where its modules went. */
@Service
@Transactional(readOnly = true)
public class KitFiles {

    private final StockService stock;
    private final ListService lists;
    private final KitKeeping keeping;
    private final Clock clock;

    KitFiles(StockService stock, ListService lists, KitKeeping keeping, Clock clock) {
        this.stock = stock;
        this.lists = lists;
        this.keeping = keeping;
        this.clock = clock;
    }

    /**
     * A kit; the schema is {@code Kit} of the OpenAPI document.
     *
     * @param format always {@code hodeon-kit}, and {@code formatVersion} always 1
     * @param stands where it stands; who knows that is nobody else's business
     * @param list id of the list that says what belongs in it
     */
    public record KitFile(
            String format,
            int formatVersion,
            UUID id,
            String name,
            String stands,
            String condition,
            @Nullable UUID list,
            @Nullable UUID filledFrom,
            double massGrams,
            List<ModuleFile> modules,
            List<PieceFile> contents) {}

    /** @param inside the kit or module that it lies in */
    public record ModuleFile(UUID id, String name, UUID inside) {}

    /**
     * Pieces of one lot.
     *
     * @param place the kit or module that it lies in
     * @param goodUntil the last day; missing if it does not expire
     */
    public record PieceFile(
            UUID place,
            String supply,
            int pieces,
            String lot,
            @Nullable LocalDate goodUntil) {}

    /** @param lacks pieces that neither lie there nor are covered by others */
    public record LackFile(
            String supply, String module, int target, int least, int there, int lacks, boolean belowLeast) {}

    /** The last time that a module was put in or lifted out. */
    public record MoveFile(
            UUID module,
            String name,
            String at,
            @Nullable UUID inside,
            @Nullable UUID belongsIn) {}

    public List<KitFile> all(UUID household) {
        Stock all = stock.of(household);
        return all.kits().stream().map(k -> file(k, all)).toList();
    }

    public KitFile one(UUID household, UUID id) {
        return file(stock.place(household, id), stock.at(household, id));
    }

    private static KitFile file(Place kit, Stock here) {
        List<UUID> within = here.nesting().within(kit.id());
        return new KitFile(
                "hodeon-kit",
                1,
                kit.id(),
                kit.name(),
                kit.facts().stands(),
                kit.facts().condition(),
                kit.kitId().orElse(null),
                kit.filledFrom().orElse(null),
                here.mass(kit.id()).grams(),
                within.stream()
                        .map(here.places()::get)
                        .flatMap(p -> Optional.ofNullable(p).stream())
                        .filter(p -> !p.id().equals(kit.id()))
                        .map(p -> new ModuleFile(p.id(), p.name(), p.inside().orElse(kit.id())))
                        .toList(),
                here.inKit(kit.id()).stream().map(KitFiles::piece).toList());
    }

    private static PieceFile piece(Held held) {
        return new PieceFile(
                held.place(),
                held.lot().supply(),
                held.pieces(),
                held.lot().code(),
                held.good().map(g -> g.day()).orElse(null));
    }

    /** What its list asks for and is not there, line by line. */
    public List<LackFile> lacking(UUID household, UUID id) {
        Place kit = stock.place(household, id);
        Stock here = stock.at(household, id);
        Optional<StoredList> list =
                kit.kitId().filter(l -> lists.isOne(household, l)).map(l -> lists.find(household, l));
        return list
                .map(l -> l.against(
                                id,
                                here,
                                LocalDate.now(clock).plusDays(here.rules().marginDays()),
                                new Substitution(here.supplies()))
                        .lines())
                .orElse(List.<AgainstList.State>of())
                .stream()
                .filter(s -> s.lacks() > 0)
                .map(s -> new LackFile(
                        s.line().supply(),
                        s.line().module(),
                        s.line().target(),
                        s.line().least(),
                        s.good(),
                        s.lacks(),
                        s.belowLeast()))
                .toList();
    }

    /** Modules that lie in a kit or belong there and were ever moved. */
    public List<MoveFile> moves(UUID household, UUID id) {
        stock.place(household, id);
        Stock all = stock.of(household);
        Map<UUID, KitKeeping.Move> last = keeping.lastMoves(household);
        return all.places().values().stream()
                .filter(p -> p.inside().filter(id::equals).isPresent()
                        || p.belongsIn().filter(id::equals).isPresent())
                .flatMap(p -> Optional.ofNullable(last.get(p.id()))
                        .map(move -> new MoveFile(
                                p.id(),
                                p.name(),
                                move.at().toString(),
                                p.inside().orElse(null),
                                p.belongsIn().orElse(null)))
                        .stream())
                .toList();
    }

    /** What lies in a kit as CSV; the columns are those of docs/formats/kit-csv.md. */
    public String csv(UUID household, UUID id) {
        Stock here = stock.at(household, id);
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord("place", "supply", "pieces", "unit", "good_until", "lot", "supply_id");
            for (Held held : here.inKit(id)) {
                String supply = held.lot().supply();
                csv.printRecord(
                        Cells.write(here.address(held.place())),
                        Cells.write(here.nameOf(supply)),
                        held.pieces(),
                        Cells.write(here.piece(supply)),
                        held.good().map(g -> g.day().toString()).orElse(""),
                        Cells.write(held.lot().code()),
                        supply);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
