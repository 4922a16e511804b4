package waypost.app.transfer;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.app.figure.Shape;
import waypost.app.figure.SideView;
import waypost.app.store.NotFoundException;
import waypost.app.work.DayOfVisit;
import waypost.core.body.Degrees;
import waypost.core.body.Side;
import waypost.core.exercise.RoleKey;
import waypost.core.function.Seat;
import waypost.core.gate.Verdict;
import waypost.core.measure.Plain;
import waypost.core.progression.PainLimit;
import waypost.core.safety.CheckIn;
import waypost.core.transfer.Circumstance;
import waypost.core.transfer.Transfer;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/** Lays out the script of a way from place to place as the course has it today. */
record TransferPages(DayOfVisit day) {

    TransferPage page(String what, SeatForm seat) {
        List<Transfer> all = day.course().bundle().transfers();
        Transfer chosen = all.stream()
                .filter(each -> each.id().equals(what))
                .findFirst()
                .or(() -> all.stream().findFirst())
                .orElseThrow(NotFoundException::new);
        Optional<RoleKey> role = chosen.loggedAs().filter(day.signs()::knows);
        PainLimit pain = role.map(day.visit()::pain).orElseGet(day.visit()::pain);
        Optional<Degrees> ceiling = Circumstance.hipCeiling(day.standing());
        return new TransferPage(
                all.stream()
                        .map(each -> new TransferPage.Choice(each.id(), each.title(), each.equals(chosen)))
                        .toList(),
                chosen.id(),
                chosen.title(),
                role.map(RoleKey::toString).orElse(""),
                role.map(this::closed).orElse(""),
                chosen.steps(Circumstance.of(day.standing())).stream()
                        .map(this::line)
                        .toList(),
                day.said().map(CheckIn::painNow).orElse(0),
                pain.most(),
                ProgressionWords.pain(pain),
                ceiling.map(most -> "The hip bends to " + degrees(most) + " at most.")
                        .orElse(""),
                seat.isBlank() ? "" : sitting(seat, ceiling));
    }

    private String closed(RoleKey role) {
        Verdict verdict = day.standing().verdict(role);
        return verdict.kind().isOpen()
                ? ""
                : day.signs().title(role) + " is not open today. "
                        + Words.of(day.standing().course().resolved()).why(verdict);
    }

    private TransferPage.Line line(Transfer.Step step) {
        List<Shape> shows = step.shows()
                .map(moment -> MomentDrawn.of(moment, day.standing()))
                .orElse(List.of());
        return new TransferPage.Line(
                sided(step.say()), sided(step.guard()), sided(step.watch()), shows, SideView.box(shows));
    }

    private String sided(String text) {
        Side operated = day.standing().facts().side();
        return text.replace("{operated}", named(operated)).replace("{other}", named(operated.other()));
    }

    private static String named(Side side) {
        return side.name().toLowerCase(Locale.ROOT);
    }

    /** Never more than an estimate at rest: getting up and reaching bend more. */
    private static String sitting(SeatForm form, Optional<Degrees> ceiling) {
        Optional<Seat> seat = form.read();
        if (seat.isEmpty()) {
            return "Found lengths that can't be a person's, allowed in centimetres: hollow of the knee 20 to 80, thigh 20 to 70,"
                    + " seat 10 to 120.";
        }
        Seat sat = seat.get();
        try {
            Degrees upright = sat.hipFlexion(0);
            String bends = "Sitting upright bends the hip about " + degrees(upright) + ", getting up more. ";
            double advised = ceiling.map(sat::leastAdvised).orElseGet(sat::leastAdvised);
            boolean over = ceiling.map(most -> upright.compareTo(most) > 0).orElse(false);
            return bends
                    + (over ? "That is over the ceiling. " : "")
                    + "At least " + Plain.number(Math.ceil(advised))
                    + " cm high, better five more, measured on the cushion as it is sat on.";
        } catch (IllegalArgumentException impossible) {
            return impossible.getMessage() + ".";
        }
    }

    private static String degrees(Degrees degrees) {
        return Math.round(degrees.value()) + "°";
    }
}
