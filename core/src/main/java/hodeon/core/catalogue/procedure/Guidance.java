package hodeon.core.catalogue.procedure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Every word of first aid that the product gives, in file order. Read it with {@link GuidanceReader}.
 *
 * <p>Worked example: for a child pulled out of the water, where five breaths are taught, {@code procedure("drowning")}
 * gives seven lines, the third “No normal breath: five breaths FIRST.”; where two are taught, “two breaths FIRST.”
 *
 * @param procedures by problem id, one for each problem
 * @param handlings by supply id
 */
public record Guidance(
        Map<String, Procedure> procedures,
        List<School> schools,
        Map<String, Handling> handlings,
        List<Guide> guides,
        List<FirstMinute> firstMinutes) {

    public Guidance {
        procedures = Map.copyOf(procedures);
        schools = List.copyOf(schools);
        handlings = Map.copyOf(handlings);
        guides = List.copyOf(guides);
        firstMinutes = List.copyOf(firstMinutes);
    }

    /** Of a problem that is known to exist. */
    public Procedure procedure(String problem) {
        return Optional.ofNullable(procedures.get(problem)).orElseThrow();
    }

    /** The same with what to do about problems of somebody's own, by problem id. */
    public Guidance with(Map<String, Procedure> own) {
        Map<String, Procedure> all = new LinkedHashMap<>(procedures);
        all.putAll(own);
        return new Guidance(all, schools, handlings, guides, firstMinutes);
    }

    public Optional<Handling> handling(String supply) {
        return Optional.ofNullable(handlings.get(supply));
    }

    public Optional<Guide> guide(String id) {
        return guides.stream().filter(g -> g.id().equals(id)).findFirst();
    }

    public Optional<School> school(String topic) {
        return schools.stream().filter(s -> s.id().equals(topic)).findFirst();
    }

    /** What each text rests on, by a name to find it with. */
    public Stream<Map.Entry<String, Reviewed>> reviews() {
        return Stream.of(
                        firstMinutes.stream().map(f -> Map.entry("first-minutes.txt [" + f.id() + "]", f.reviewed())),
                        procedures.values().stream()
                                .map(p -> Map.entry("procedures.txt [" + p.id() + "]", p.reviewed())),
                        schools.stream().map(s -> Map.entry("schools.txt [" + s.id() + "]", s.reviewed())),
                        handlings.values().stream().map(h -> Map.entry("handling.txt [" + h.id() + "]", h.reviewed())),
                        guides.stream().map(g -> Map.entry("guides.txt [" + g.id() + "]", g.reviewed())))
                .flatMap(s -> s);
    }
}
