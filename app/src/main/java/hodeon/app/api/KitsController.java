package hodeon.app.api;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.household.Member;
import hodeon.app.kits.KitFiles;
import hodeon.app.kits.list.ListFile;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.KitKeeping;
import hodeon.core.notice.Fault;
import hodeon.core.readiness.KitList;
import java.net.URI;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Kits as they stand in the world, the lists of what belongs in them, what is missing, and modules that move. */
@RestController
@RequestMapping("/api/v1")
class KitsController {

    private final BodySchemas schemas;
    private final KitFiles kits;
    private final ListService lists;
    private final StockService stock;
    private final KitKeeping keeping;
    private final OwnCatalogue catalogues;

    KitsController(
            BodySchemas schemas,
            KitFiles kits,
            ListService lists,
            StockService stock,
            KitKeeping keeping,
            OwnCatalogue catalogues) {
        this.schemas = schemas;
        this.kits = kits;
        this.lists = lists;
        this.stock = stock;
        this.keeping = keeping;
        this.catalogues = catalogues;
    }

    @GetMapping("/kits")
    List<KitFiles.KitFile> kits(@AuthenticationPrincipal Member member) {
        return kits.all(member.householdId());
    }

    @GetMapping("/kits/{id}")
    KitFiles.KitFile kit(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return kits.one(member.householdId(), id);
    }

    @GetMapping("/kits/{id}/lacking")
    List<KitFiles.LackFile> lacking(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return kits.lacking(member.householdId(), id);
    }

    @GetMapping("/kits/{id}/moves")
    List<KitFiles.MoveFile> moves(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return kits.moves(member.householdId(), id);
    }

    /** Lifts a module out of what it lies in, or puts it into this kit. */
    @PostMapping("/kits/{id}/moves")
    List<KitFiles.MoveFile> move(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody JsonNode body) {
        UUID household = member.householdId();
        JsonFields fields = schemas.check("/api/v1/kits/{id}/moves", body);
        NotValid.unlessNone(fields.faults());
        stock.place(household, id);
        UUID module = UUID.fromString(fields.text("module"));
        stock.place(household, module);
        boolean out = fields.yes("out", false);
        Optional<Fault> fault =
                keeping.put(household, module, out ? Optional.empty() : Optional.of(id), member.getUsername());
        if (fault.isPresent()) {
            throw new NotValid(List.of(fault.get()));
        }
        return kits.moves(household, id);
    }

    @GetMapping("/lists")
    List<ListFile> lists(@AuthenticationPrincipal Member member) {
        return lists.all(member.householdId()).stream().map(ListFile::of).toList();
    }

    @GetMapping("/lists/{id}")
    ListFile list(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return ListFile.of(lists.find(member.householdId(), id));
    }

    /** Makes a list, or with an id writes a new version of one. */
    @PostMapping("/lists")
    ResponseEntity<ListFile> write(@AuthenticationPrincipal Member member, @RequestBody JsonNode body) {
        UUID household = member.householdId();
        JsonFields fields = schemas.check("/api/v1/lists", body);
        NotValid.unlessNone(fields.faults());
        KitList list = ListFile.read(
                fields.objects("lines").stream()
                        .map(l -> new ListFile.LineFile(
                                l.text("supply"),
                                l.whole("target", 1),
                                l.whole("least", 0),
                                l.text("module"),
                                l.text("why")))
                        .toList(),
                catalogues.of(household).catalogue(),
                fields.faults());
        NotValid.unlessNone(fields.faults());
        boolean made = !fields.has("id");
        UUID id = made ? lists.save(household, fields.text("name"), list) : UUID.fromString(fields.text("id"));
        if (!made) {
            try {
                lists.write(household, id, fields.whole("version", 0), list, member.getUsername(), "by a program");
            } catch (OptimisticLockingFailureException quicker) {
                fields.fault("version", "is not the latest", "Read the list again and make your change over that");
                throw new NotValid(fields.faults().all());
            }
        }
        return ResponseEntity.status(made ? HttpStatus.CREATED : HttpStatus.OK)
                .location(URI.create("/api/v1/lists/" + id))
                .body(ListFile.of(lists.find(household, id)));
    }
}
