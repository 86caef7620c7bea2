package hodeon.app.mat.page;

import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.page.MatView.GroupView;
import hodeon.app.mat.page.MatView.Mark;
import hodeon.app.mat.page.MatView.Tile;
import hodeon.app.plan.KitCalculator.Weighing;
import hodeon.app.plan.Recommendation;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.plan.Exclusion;
import hodeon.core.plan.tradeoff.EarningLeast;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Lays the supplies of a mat out in groups, each in its place whatever lies there. */
final class MatTiles {

    /** How many supplies are marked because their last piece earns least for its grams: the first to prune. */
    private static final int MOST_EARNING_LEAST = 6;

    private static final double ROOM_OVER_RECOMMENDED = PlanningAssumption.ROOM_OVER_RECOMMENDED.value();

    private final Mat mat;
    private final MatLook look;
    private final Weighing weighing;
    private final Recommendation best;
    private final Map<String, Exclusion> exclusions;
    private final Set<String> earnLeast;

    MatTiles(Mat mat, MatLook look, Weighing weighing, Recommendation best, Map<String, Exclusion> exclusions) {
        this.mat = mat;
        this.look = look;
        this.weighing = weighing;
        this.best = best;
        this.exclusions = exclusions;
        this.earnLeast = Set.copyOf(EarningLeast.of(
                mat.known().catalogue().supplies().stream()
                        .filter(s -> mat.pieces().containsKey(s.id())
                                && mat.hold(s.id()) != Hold.PINNED
                                && weighing.marginals().containsKey(s.id())
                                && !weighing.floors().containsKey(s.id()))
                        .map(this::last)
                        .toList(),
                MOST_EARNING_LEAST));
    }

    private EarningLeast.Last last(Supply supply) {
        return new EarningLeast.Last(
                supply.id(),
                Objects.requireNonNull(weighing.marginals().get(supply.id())).oneLess(),
                supply.mass().times(mat.pieces(supply.id()) - mat.down(supply.id())));
    }

    List<GroupView> groups(Predicate<Supply> wanted, @Nullable String about) {
        List<GroupView> groups = new ArrayList<>();
        for (Group group : Group.values()) {
            List<Tile> tiles = mat.known().catalogue().supplies().stream()
                    .filter(s -> s.group() == group && hasPlace(s) && wanted.test(s))
                    .map(s -> tile(s, s.id().equals(about)))
                    .toList();
            if (!tiles.isEmpty()) {
                groups.add(GroupView.of(MatFilter.id(group), group.label(), tiles));
            }
        }
        return GroupView.inRows(groups);
    }

    /** What has ever been touched keeps its place, and what is recommended has one even while it is not there. */
    private boolean hasPlace(Supply supply) {
        return look.all() || mat.lines().containsKey(supply.id()) || recommended(supply);
    }

    private boolean recommended(Supply supply) {
        return mat.touched() && !best.searching() && best.pieces().containsKey(supply.id());
    }

    private Tile tile(Supply supply, boolean selected) {
        int pieces = mat.hold(supply.id()) == Hold.BANNED ? 0 : mat.pieces(supply.id());
        String state = state(supply, pieces);
        List<Mark> marks = marks(supply, state, pieces);
        String amount = pieces == 0 || state.equals("elsewhere")
                ? "(" + look.by().says(supply, 1) + ")"
                : look.by().says(supply, pieces);
        StringBuilder label = new StringBuilder(supply.name() + ": " + Figures.pieces(pieces, supply));
        label.append(", ").append(amount);
        marks.forEach(m -> label.append(", ").append(m.word()));
        return new Tile(
                supply.id(),
                supply.name(),
                pieces,
                Figures.unit(pieces, supply.piece()),
                amount,
                state,
                mat.hold(supply.id()) == Hold.PINNED,
                selected,
                marks,
                label.toString(),
                !state.equals("never") && !state.equals("elsewhere"),
                TileDrawing.of(supply, Math.max(1, pieces), room(supply), look.by(), zoom()));
    }

    private String state(Supply supply, int pieces) {
        return switch (mat.hold(supply.id())) {
            case BANNED -> "out";
            case ELSEWHERE -> "elsewhere";
            case PINNED -> "here";
            case NONE -> {
                if (pieces > 0) {
                    yield "here";
                } else if (exclusions.containsKey(supply.id())) {
                    yield "never";
                }
                yield recommended(supply) ? "wanted" : "off";
            }
        };
    }

    private List<Mark> marks(Supply supply, String state, int pieces) {
        List<Mark> marks = new ArrayList<>();
        if (mat.hold(supply.id()) == Hold.PINNED) {
            marks.add(new Mark("pin-angle-fill", "pinned"));
        }
        switch (state) {
            case "out" -> marks.add(new Mark("slash-circle", Wording.says("matTiles.leftOutByYou")));
            case "elsewhere" -> marks.add(new Mark("elsewhere", Wording.says("matTiles.ridesElsewhere")));
            case "wanted" ->
                marks.add(new Mark(
                        "wanted",
                        Wording.says("matTiles.recommended", best.pieces().getOrDefault(supply.id(), 0))));
            case "never" -> {
                Exclusion exclusion = exclusions.get(supply.id());
                marks.add(new Mark(
                        "slash-circle",
                        exclusion == null ? Wording.says("matTiles.staysOut") : Reasons.brief(exclusion)));
            }
            case "off" ->
                marks.add(new Mark(
                        "dash-lg",
                        mat.lines().containsKey(supply.id())
                                ? Wording.says("matTiles.takenOff")
                                : Wording.says("matTiles.notHere")));
            default -> {
                if (earnLeast.contains(supply.id())) {
                    marks.add(new Mark("little", Wording.says("matTiles.earnsLeast")));
                }
            }
        }
        if (mat.learn(supply.id())) {
            marks.add(new Mark("learn", Wording.says("matTiles.learnItFirst")));
        }
        return marks;
    }

    private int room(Supply supply) {
        return (int) Math.ceil(ROOM_OVER_RECOMMENDED * best.first().getOrDefault(supply.id(), 0));
    }

    private double zoom() {
        return switch (look.zoom()) {
            case MatLook.SMALL -> 0.72;
            case MatLook.LARGE -> 1.6;
            default -> 1;
        };
    }
}
