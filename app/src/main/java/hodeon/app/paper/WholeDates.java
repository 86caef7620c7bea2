package hodeon.app.paper;

import com.openhtmltopdf.extend.FSTextBreaker;
import java.text.BreakIterator;
import java.util.Locale;

/** Breaks lines as English is broken, but never a date or a range: “2028-03-31” stays on one line. */
class WholeDates implements FSTextBreaker {

    private final BreakIterator breaks = BreakIterator.getLineInstance(Locale.UK);
    private String text = "";

    @Override
    public void setText(String newText) {
        text = newText;
        breaks.setText(newText);
    }

    @Override
    public int next() {
        int at = breaks.next();
        while (at != BreakIterator.DONE && withinNumbers(at)) {
            at = breaks.next();
        }
        return at;
    }

    private boolean withinNumbers(int at) {
        return at >= 2
                && at < text.length()
                && text.charAt(at - 1) == '-'
                && Character.isDigit(text.charAt(at - 2))
                && Character.isDigit(text.charAt(at));
    }
}
