package hodeon.app.practice;

import hodeon.app.kits.KitRemark;
import hodeon.app.shell.Wording;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What nobody has practised with a kit, on the kit's own page. */
@Component
class PracticeRemark implements KitRemark {

    private final Gaps gaps;

    PracticeRemark(Gaps gaps) {
        this.gaps = gaps;
    }

    @Override
    public Optional<Remark> about(UUID household, UUID kit) {
        return gaps.of(household, kit)
                .filter(k -> k.open() > 0)
                .map(k -> new Remark(k.says(), Wording.says("practiceRemark.practiseWithIt"), "/practice/" + kit));
    }
}
