package hodeon.app.stock.enter;

import hodeon.app.household.Member;
import hodeon.app.stock.StockService;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** Stock as a file: how far one has come that is read, and what there is written out. */
@Controller
class StockFileController {

    private final StockService stock;
    private final Incoming incoming;

    StockFileController(StockService stock, Incoming incoming) {
        this.stock = stock;
        this.incoming = incoming;
    }

    /** How far the file has come that is being written; empty when none is. */
    @GetMapping(path = "/stock/enter/file/progress", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String progress(@AuthenticationPrincipal Member member) {
        return incoming.of(member.householdId())
                .map(lines -> String.format(Locale.ROOT, "%,d of %,d lines written", lines.written(), lines.of()))
                .orElse("");
    }

    @GetMapping("/stock/stock.csv")
    ResponseEntity<byte[]> csv(@AuthenticationPrincipal Member member) {
        String text = StockCsv.write(stock.of(member.householdId()), stock.facts(member.householdId()));
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"stock.csv\"")
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
