package hodeon.app.simulated;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Types the codes of invented packages, one after another, as a scanner would: with its symbology mark and the separators
 * behind open fields. Article numbers begin with 2, which is kept for use within a house.
 */
final class SimulatedScanner {

    private static final DateTimeFormatter SIX_DIGITS = DateTimeFormatter.ofPattern("yyMMdd");

    private final AtomicInteger next = new AtomicInteger();

    String scan(LocalDate today) {
        int number = next.getAndIncrement();
        List<String> codes = List.of(
                "]d201" + article(1) + "17"
                        + YearMonth.from(today.plusMonths(26)).format(DateTimeFormatter.ofPattern("yyMM")) + "00"
                        + "10TW4",
                "]C101" + article(2) + "17" + today.plusMonths(14).format(SIX_DIGITS) + "10K-118<GS>21"
                        + (1000 + number),
                "(01)" + article(3) + "(17)" + today.plusDays(40).format(SIX_DIGITS) + "(10)S7/2");
        return codes.get(number % codes.size());
    }

    /** Fourteen digits, the last of them the check digit. */
    static String article(int number) {
        String digits = String.format(Locale.ROOT, "02%011d", number);
        int sum = 0;
        for (int i = 0; i < digits.length(); i++) {
            sum += (digits.charAt(i) - '0') * (i % 2 == 0 ? 3 : 1);
        }
        return digits + (10 - sum % 10) % 10;
    }
}
