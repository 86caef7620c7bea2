package hodeon.app.taken;

import java.util.UUID;

/**
 * What somebody said they took.
 *
 * @param id made where it was said, so that it counts once however often it is sent
 * @param place the kit or module, and {@code supply} what of it
 * @param problem what for; empty if nobody said
 * @param who their name; empty if they did not say
 */
record TakenForm(UUID id, UUID place, String supply, int pieces, String problem, String who) {

    static final int LONGEST_WHO = 60;

    TakenForm {
        who = who.strip().replaceAll("\\p{Cntrl}", " ");
        who = who.length() > LONGEST_WHO ? who.substring(0, LONGEST_WHO) : who;
    }
}
