package hodeon.app.paper.pouch;

import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.packing.carrier.Carriers;
import hodeon.app.packing.carrier.Carriers.Shared;
import hodeon.app.paper.Card.ContentsCard;
import hodeon.app.paper.Card.Pocket;
import hodeon.app.paper.PaperSize;
import hodeon.app.paper.Pdf;
import hodeon.app.shell.Figures;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** What one carrier has, on paper. */
@Controller
class LoadController {

    private final Carriers carriers;
    private final MatService mats;
    private final Pdf pdf;

    LoadController(Carriers carriers, MatService mats, Pdf pdf) {
        this.carriers = carriers;
        this.mats = mats;
        this.pdf = pdf;
    }

    @GetMapping("/trips/{id}/carriers/{carrier}.pdf")
    ResponseEntity<byte[]> card(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable String carrier,
            @RequestParam(defaultValue = "a6") String size) {
        Mat mat = mats.mat(member.householdId(), id);
        Shared shared = carriers.share(mat);
        int index = IntStream.range(0, shared.carriers().size())
                .filter(i -> shared.carriers().get(i).key().equals(carrier))
                .findFirst()
                .orElseThrow(() -> new NotHere("carrier " + carrier));
        return Pdf.shown(pdf.of(List.of(card(mat, shared, index)), PaperSize.of(size)), "load");
    }

    private static ContentsCard card(Mat mat, Shared shared, int index) {
        Map<String, Integer> load = shared.carry().carriers().get(index);
        Carriers.Carrier carrier = shared.carriers().get(index);
        Map<Group, List<Supply>> byGroup = new EnumMap<>(Group.class);
        mat.known().catalogue().supplies().stream()
                .filter(s -> load.getOrDefault(s.id(), 0) > 0)
                .forEach(s -> byGroup.computeIfAbsent(s.group(), g -> new ArrayList<>())
                        .add(s));
        return new ContentsCard(
                Wording.says(
                        "loadController.carries",
                        carrier.name(),
                        (carrier.place().isEmpty() ? "" : ", " + carrier.place())),
                byGroup.entrySet().stream()
                        .map(e -> new Pocket(
                                e.getKey().label(),
                                e.getValue().stream()
                                        .map(s -> Figures.named(load.getOrDefault(s.id(), 0), s))
                                        .toList()))
                        .toList(),
                Figures.grams(byGroup.values().stream()
                                .flatMap(List::stream)
                                .mapToDouble(s -> s.mass().grams() * load.getOrDefault(s.id(), 0))
                                .sum())
                        + ", " + mat.trip().trip().name());
    }
}
