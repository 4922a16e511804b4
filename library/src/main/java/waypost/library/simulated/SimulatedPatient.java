package waypost.library.simulated;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.progression.PainLimit;
import waypost.core.progression.Proposal;

/** Does the sets that are proposed, in the patient's own way, and answers as the hidden tissue does. */
public final class SimulatedPatient {

    private static final int FLARES_EVERY = 5;
    private static final int MOST_SETS = 20;

    private final Healing healing;
    private final Random random;
    private int sessions;
    private int overdone;

    public SimulatedPatient(Healing healing, Random random) {
        this.healing = healing;
        this.random = random;
    }

    int homePercent() {
        return healing.homePercent();
    }

    /** The sets as this patient does them. */
    public List<SetDone> does(Proposal.Do toDo, LocalDate on, PainLimit pain) {
        int asked = toDo.dose().sets();
        int sets = switch (healing) {
            case OVER_EAGER -> Math.min(MOST_SETS, asked + 2);
            case UNDER_DOING -> random.nextInt(10) < 7 ? Math.max(1, asked - 1) : asked;
            default -> asked;
        };
        overdone += sets > asked ? 1 : 0;
        int most = toDo.dose().aim().most();
        int bottom = toDo.dose().aim().bottom();
        List<SetDone> done = new ArrayList<>();
        for (int nth = 0; nth < sets; nth++) {
            int amount = random.nextInt(10) < 8 ? most : bottom + random.nextInt(Math.max(1, most - bottom + 1));
            int felt = random.nextInt(20) == 0 ? Math.min(1, pain.most()) : 0;
            SetDone.Form form = random.nextInt(40) == 0 ? SetDone.Form.COMPENSATED : SetDone.Form.GOOD;
            done.add(new SetDone(
                    toDo.role(), on, amount, toDo.dose().load(), toDo.dose().setUp(), felt, form));
        }
        return done;
    }

    /** What the tissue says of a session afterwards. */
    public Response answers(LocalDate session, int baseline) {
        sessions++;
        boolean flares = switch (healing) {
            case FLARING -> sessions % FLARES_EVERY == 0;
            case OVER_EAGER -> overdone > 0 && random.nextInt(3) == 0;
            default -> false;
        };
        return new Response(
                session,
                baseline,
                Optional.of(baseline + (flares ? 2 : 0)),
                Optional.of(baseline + (flares ? 3 : 0)),
                flares && random.nextBoolean(),
                flares ? Response.Soreness.DAY_AFTER : Response.Soreness.NONE);
    }
}
