package hodeon.app.people;

import hodeon.core.notice.Faults;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The single fields of somebody's form, each read with what is wrong with it. */
record ProfileFields(Typed form, LocalDate today, Faults faults) {

    /** “9”, “18 m”; below two years months matter. */
    Optional<Age> age(String field, String what, boolean needed) {
        String typed = form.one(field);
        if (typed.isEmpty() && !needed) {
            return Optional.empty();
        }
        Optional<Age> age = Age.parse(typed);
        if (age.isEmpty()) {
            faults.add(
                    field,
                    typed,
                    what + " is in years from 0 to " + Age.OLDEST_YEARS + ", or in months like “18 m”",
                    "Write 9, or 18 m");
        }
        return age;
    }

    String text(String field, String what, int least, int most) {
        String text = form.one(field);
        if (text.length() < least || text.length() > most) {
            faults.add(
                    field,
                    text,
                    what + " has " + (least > 0 ? least + " to " + most : "at most " + most) + " characters",
                    text.isEmpty() ? "Fill it in" : "Shorten it");
        }
        return text;
    }

    Optional<BigDecimal> milligrams(String field, String what, boolean needed) {
        return number(field, what, new BigDecimal("0.001"), BigDecimal.valueOf(100_000), needed);
    }

    Optional<BigDecimal> number(String field, String what, BigDecimal least, BigDecimal most, boolean needed) {
        String text = form.one(field).replace(',', '.');
        if (text.isEmpty() && !needed) {
            return Optional.empty();
        }
        boolean plain = text.matches("\\d{1,7}(\\.\\d{1,3})?");
        if (!plain || new BigDecimal(text).compareTo(least) < 0 || new BigDecimal(text).compareTo(most) > 0) {
            faults.add(
                    field,
                    form.one(field),
                    what + " is a number from " + least.toPlainString() + " to " + most.toPlainString()
                            + ", to at most three decimals",
                    "Write digits only");
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(text));
    }

    Optional<LocalDate> day(String field, boolean needed) {
        String text = form.one(field);
        if (text.isEmpty() && !needed) {
            return Optional.empty();
        }
        try {
            LocalDate day = LocalDate.parse(text);
            if (!day.isAfter(today) && day.isAfter(today.minusYears(Age.OLDEST_YEARS + 1))) {
                return Optional.of(day);
            }
        } catch (DateTimeException e) {
            // Said below, with what is wrong with other days.
        }
        faults.add(field, text, "the day is written like 2017-03-09 and lies in the past", "Write year, month and day");
        return Optional.empty();
    }

    <E extends Enum<E>> Set<E> constants(String field, Class<E> type) {
        Set<E> chosen = EnumSet.noneOf(type);
        form.all(field).forEach(word -> constant(field, word, type).ifPresent(chosen::add));
        return chosen;
    }

    <E extends Enum<E>> Optional<E> constant(String field, Class<E> type) {
        return form.one(field).isEmpty() ? Optional.empty() : constant(field, form.one(field), type);
    }

    <E extends Enum<E>> Optional<E> constant(String field, @Nullable String word, Class<E> type) {
        for (E constant : type.getEnumConstants()) {
            if (constant.name().equals(word)) {
                return Optional.of(constant);
            }
        }
        faults.add(field, String.valueOf(word), "only what the list offers can be chosen", "Choose from it");
        return Optional.empty();
    }
}
