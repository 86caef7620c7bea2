package hodeon.app.practice;

import hodeon.app.aid.DoNow;
import hodeon.app.aid.FirstAid;
import hodeon.app.aid.KitAtHand;
import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.stock.StockService;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** A case for the whole group, with its roles, for the leader to print. */
@Controller
class GroupController {

    private final Practice practice;
    private final StockService stock;
    private final FirstAid aid;
    private final KitAtHand along;
    private final Random seeds = new Random();

    GroupController(Practice practice, StockService stock, FirstAid aid, KitAtHand along) {
        this.practice = practice;
        this.stock = stock;
        this.aid = aid;
        this.along = along;
    }

    /** Somebody's part in it. */
    record Role(String name, String does) {}

    private static final List<Role> ROLES = List.of(
            new Role(
                    "Leader of the drill",
                    "reads the scene aloud, says what is found when somebody looks, and stops it if it gets real"),
            new Role("Casualty", "lies down, says only what the leader whispers, and nothing else"),
            new Role("First helper", "goes first, decides, and says aloud what they do"),
            new Role("Second helper", "fetches the kit, opens it and hands on what is asked for"),
            new Role("Caller", "makes the call into a hand: place, number hurt, what happened, what is done"),
            new Role("Keeper of time", "writes down when what was done, and what was said to whom"));

    /** @param lines what should happen, in order, each with what the kit has for it */
    record GroupPage(
            UUID kit,
            String kitName,
            Practice.Asked asked,
            List<Role> roles,
            List<DoNow.Line> lines,
            String watch,
            String call) {}

    @GetMapping("/practice/{kit}/group")
    String group(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID kit,
            @RequestParam(required = false) @Nullable Long seed,
            Model model) {
        String name = stock.place(member.householdId(), kit).name();
        long drawn = Optional.ofNullable(seed).orElseGet(() -> (long) seeds.nextInt(1_000_000));
        Practice.Asked asked = practice.draw(member.householdId(), member.getUsername(), kit, drawn);
        DoNow now = aid.of(
                        member.householdId(),
                        asked.problem(),
                        Set.of(),
                        Optional.of(along.of(member.householdId(), kit)))
                .orElseThrow(() -> new NotHere("problem " + asked.problem()));
        return Shown.page(
                "practice/group", new GroupPage(kit, name, asked, ROLES, now.lines(), now.watch(), now.call()), model);
    }
}
