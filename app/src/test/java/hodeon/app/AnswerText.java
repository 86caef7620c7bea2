package hodeon.app;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.springframework.mock.web.MockHttpServletResponse;

/** What can be read in an answer: of a page what stands in it, of a PDF its text, of an archive that of its files. */
final class AnswerText {

    private AnswerText() {}

    static String of(MockHttpServletResponse answer) throws IOException {
        byte[] bytes = answer.getContentAsByteArray();
        String type = String.valueOf(answer.getContentType());
        if (type.startsWith("application/pdf")) {
            try (PDDocument pdf = Loader.loadPDF(bytes)) {
                return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            }
        }
        if (bytes.length > 2 && bytes[0] == 'P' && bytes[1] == 'K') {
            return unzipped(bytes);
        }
        return answer.getContentAsString(StandardCharsets.UTF_8);
    }

    private static String unzipped(byte[] bytes) throws IOException {
        StringBuilder text = new StringBuilder();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                text.append(new String(zip.readAllBytes(), StandardCharsets.UTF_8))
                        .append('\n');
            }
        }
        return text.toString();
    }
}
