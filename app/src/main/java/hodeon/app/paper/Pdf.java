package hodeon.app.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import hodeon.app.shell.style.HouseStyle;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Prints cards as PDF: real text, tagged for whoever has it read aloud, the font inside the file, the size of the paper as asked. */
@Component
public class Pdf {

    private static final String FAMILY = "Atkinson Hyperlegible Next";
    private static final String FONT = "hodeon/app/paper/atkinson-hyperlegible-next-%d.ttf";
    private static final int REGULAR = 400;
    private static final int BOLD = 700;

    private final ITemplateEngine templates;

    Pdf(ITemplateEngine templates) {
        this.templates = templates;
    }

    public byte[] of(List<? extends Card> cards, PaperSize size) {
        return size == PaperSize.SHEET ? of(List.of(), size, cards) : of(cards, size, List.of());
    }

    /** @param sheets of labels, each on a full sheet behind the cards */
    public byte[] of(List<? extends Card> cards, PaperSize size, List<? extends Card> sheets) {
        Context context = new Context(Locale.ENGLISH);
        context.setVariable(
                "cards", Stream.concat(cards.stream(), sheets.stream()).toList());
        context.setVariable("size", size);
        context.setVariable("sheet", HouseStyle.here().paper());
        context.setVariable("pdf", true);
        context.setVariable("css", text("static/css/card.css"));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        for (int weight : new int[] {REGULAR, BOLD}) {
            builder.useFont(() -> stream(FONT.formatted(weight)), FAMILY, weight, FontStyle.NORMAL, true);
        }
        try {
            builder.withHtmlContent(templates.process("paper/print", context), null)
                    .withProducer("Hodeon")
                    .usePdfUaAccessibility(true)
                    .useUnicodeLineBreaker(new WholeDates())
                    .toStream(pdf)
                    .run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return pdf.toByteArray();
    }

    /** Shown in the browser and kept by nobody: what stands on a card is private. */
    public static ResponseEntity<byte[]> shown(byte[] pdf, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(pdf);
    }

    private static InputStream stream(String path) {
        try {
            return new ClassPathResource(path).getInputStream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(String path) {
        try {
            return new ClassPathResource(path).getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
