package hodeon.app.catalogue;

import hodeon.app.catalogue.ReadLine.Guess;
import hodeon.app.shell.LastAnswer;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Crossing;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.words.LineReader;
import hodeon.core.catalogue.words.Named;
import hodeon.core.catalogue.words.WrittenLine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads lists as people write them, one supply a line, or a contents list that this product wrote. The one place where that is done; what
 * a household chose once is remembered.
 */
@Service
@Transactional
public class Understanding {

    public static final int MOST_LINES = 500;

    /** A line of the contents list this product writes: pieces in the third column, the supply's id in the last. */
    private static final Pattern OUR_LIST =
            Pattern.compile(".*,(\\d{1,6}),[^,]*,[\\d.]+,[\\d.]+(?:,\\d{1,6},.*)?,([a-z0-9-]+)");

    private static final String OUR_HEAD = "group,supply,";

    private final OwnCatalogue catalogues;
    private final OwnWordRepository words;
    private final LastAnswer<List<Supply>, LineReader> readers = new LastAnswer<>();

    Understanding(OwnCatalogue catalogues, OwnWordRepository words) {
        this.catalogues = catalogues;
        this.words = words;
    }

    /** The first {@value #MOST_LINES} lines that are not blank. */
    @Transactional(readOnly = true)
    public List<ReadLine> read(UUID household, String text) {
        Map<String, String> own = ownById(household);
        Map<String, Supply> byId = byId(household);
        LineReader reader = reader(household);
        return lines(text)
                .limit(MOST_LINES)
                .map(line -> ours(line, byId).orElseGet(() -> said(reader.read(line), own, byId)))
                .toList();
    }

    /** Lines that are something, without the head of our own list. */
    public static Stream<String> lines(String text) {
        return text.lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty() && !l.toLowerCase(Locale.ROOT).startsWith(OUR_HEAD));
    }

    /** Whether these headings are those of a contents list that this product wrote. */
    public static boolean isOurs(List<String> headings) {
        return String.join(",", headings).toLowerCase(Locale.ROOT).startsWith(OUR_HEAD);
    }

    /** A word of the household's own and the name of the supply that it calls so. */
    public record Called(String words, String supply) {}

    /** The household's own words. */
    @Transactional(readOnly = true)
    public List<Called> own(UUID household) {
        Map<String, Supply> byId = byId(household);
        return words.findByHouseholdIdOrderById(household).stream()
                .flatMap(w -> Optional.ofNullable(byId.get(w.supplyId)).map(s -> new Called(w.id, s.name())).stream())
                .toList();
    }

    /**
     * What lines were said to be is understood from then on. Nothing is kept where it would have been understood so anyway, and nothing
     * that is prescribed: a word that somebody once meant a prescription by is asked for again.
     *
     * @param meant ids by line; anything else for lines that are nothing
     */
    public void learn(UUID household, Map<String, String> meant) {
        Map<String, Supply> byId = byId(household);
        LineReader reader = reader(household);
        Map<String, String> own = ownById(household);
        meant.forEach((line, id) -> {
            Supply supply = byId.get(id);
            if (supply == null || ours(line, byId).isPresent()) {
                return;
            }
            WrittenLine read = reader.read(line);
            boolean anyway = read.name().supply().filter(id::equals).isPresent();
            if (anyway && own.containsKey(read.called())) {
                words.deleteById(new OwnKey(household, read.called()));
            } else if (!anyway
                    && supply.crossing().border() == Crossing.Border.FREE
                    && supply.prescribed().isEmpty()
                    && !read.called().isEmpty()
                    && read.called().length() <= OwnWord.LONGEST) {
                words.save(new OwnWord(household, read.called(), id));
            }
        });
    }

    public void forget(UUID household, String called) {
        words.deleteById(new OwnKey(household, called));
    }

    private Map<String, String> ownById(UUID household) {
        return words.findByHouseholdIdOrderById(household).stream()
                .collect(Collectors.toMap(w -> w.id, w -> w.supplyId));
    }

    private Map<String, Supply> byId(UUID household) {
        return catalogues.of(household).catalogue().supplies().stream()
                .collect(Collectors.toMap(Supply::id, Function.identity()));
    }

    private LineReader reader(UUID household) {
        return readers.of(household, catalogues.of(household).catalogue().supplies(), LineReader::of);
    }

    /** Lines that somebody looked over, shown once more: what was chosen is among what is likely. */
    @Transactional(readOnly = true)
    public List<ReadLine> again(UUID household, List<ReadLine.Typed> typed) {
        Map<String, Supply> byId = byId(household);
        LineReader reader = reader(household);
        Map<String, String> own = ownById(household);
        return typed.stream()
                .map(t -> {
                    ReadLine read = ours(t.text(), byId).orElseGet(() -> said(reader.read(t.text()), own, byId));
                    Map<String, Guess> likely = new LinkedHashMap<>();
                    read.likely().forEach(g -> likely.put(g.id(), g));
                    Optional.ofNullable(byId.get(t.supply())).ifPresent(s -> likely.putIfAbsent(s.id(), guess(s, "")));
                    return new ReadLine(
                            t.text(),
                            t.supply(),
                            true,
                            "",
                            t.pieces(),
                            t.until(),
                            t.lot(),
                            List.copyOf(likely.values()));
                })
                .toList();
    }

    private static Optional<ReadLine> ours(String line, Map<String, Supply> supplies) {
        Matcher ours = OUR_LIST.matcher(line);
        return ours.matches()
                ? Optional.ofNullable(supplies.get(ours.group(2)))
                        .map(s -> new ReadLine(line, s.id(), true, "", ours.group(1), "", "", List.of(guess(s, ""))))
                : Optional.empty();
    }

    private static ReadLine said(WrittenLine line, Map<String, String> own, Map<String, Supply> supplies) {
        Optional<Supply> called = Optional.ofNullable(own.get(line.called())).map(supplies::get);
        Named name = called.map(s -> new Named(
                        Optional.of(s.id()),
                        List.of(new Named.Likely(s.id(), Wording.says("understanding.asYouCalledItBefore")))))
                .orElseGet(line::name);
        String why = name.supply().isEmpty() ? asked(name) : lookAt(line.doubt());
        return new ReadLine(
                line.text(),
                name.supply().orElse(""),
                why.isEmpty(),
                why,
                String.valueOf(line.pieces()),
                line.until(),
                line.lot(),
                name.likely().stream()
                        .flatMap(l ->
                                Optional.ofNullable(supplies.get(l.supply())).map(s -> guess(s, l.said())).stream())
                        .toList());
    }

    private static String asked(Named name) {
        return name.likely().isEmpty()
                ? Wording.says("understanding.notKnownSearchForItOrIt")
                : Wording.says("understanding.whichOfTheseIsIt");
    }

    private static String lookAt(WrittenLine.Doubt doubt) {
        return switch (doubt) {
            case NONE -> "";
            case DATE -> Wording.says("understanding.dayAndMonthMayStandInEither");
            case PACK -> Wording.says("understanding.countedByTheUsualPackLookAt");
        };
    }

    private static Guess guess(Supply supply, String said) {
        return new Guess(supply.id(), supply.name(), supply.piece(), said);
    }
}
