package waypost.core.paper;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;

/** How far a joint goes, in which mode, and which muscle rests. */
record MotionSubjects(Joint joint, Asking asking) {

    private static final Map<String, Mode> MODES = Map.of(
            "passive",
            Mode.PASSIVE,
            "active assisted",
            Mode.ASSISTED,
            "active",
            Mode.ACTIVE,
            "resisted",
            Mode.RESISTED);
    private static final Set<Mode> ALL = EnumSet.allOf(Mode.class);
    private static final String MODE = "(passive|active assisted|active|resisted)";
    private static final String BOUND = "(neutral|-?\\d{1,3})";
    private static final Map<String, Tissue> MUSCLES = Map.of(
            "biceps", Tissue.BICEPS,
            "quadriceps", Tissue.QUADRICEPS,
            "hamstring", Tissue.HAMSTRING,
            "deltoid", Tissue.DELTOID,
            "subscapularis", Tissue.SUBSCAPULARIS,
            "calf", Tissue.CALF,
            "triceps", Tissue.TRICEPS,
            "adductor", Tissue.ADDUCTORS,
            "abductor", Tissue.HIP_ABDUCTORS);

    Optional<Subject> of(String rest) {
        Matcher muscle = Pattern.compile("no " + MODE + " (" + String.join("|", MUSCLES.keySet()) + ")s?")
                .matcher(rest);
        if (muscle.matches()) {
            return Optional.of(
                    Subject.holding(new What.Rests(muscle(muscle.group(2)), atLeast(mode(muscle.group(1))))));
        }
        String names = String.join("|", MotionNames.of(joint).keySet());
        if (names.isEmpty()) {
            return Optional.empty();
        }
        return barred(rest, names).or(() -> within(rest, names)).or(() -> whole(rest));
    }

    private static Tissue muscle(String name) {
        return Optional.ofNullable(MUSCLES.get(name)).orElseThrow();
    }

    private static Mode mode(String name) {
        return Optional.ofNullable(MODES.get(name)).orElseThrow();
    }

    /** Who may not work actively may not work against resistance; who may not be led may not move at all. */
    private static Set<Mode> atLeast(Mode mode) {
        return mode == Mode.PASSIVE ? ALL : EnumSet.range(mode, Mode.RESISTED);
    }

    /** "no active er", "no flexion past 90", "no er". */
    private Optional<Subject> barred(String rest, String names) {
        Matcher past = Pattern.compile("no (?:" + MODE + " )?(" + names + ") (?:past|beyond|over|more than) " + BOUND)
                .matcher(rest);
        if (past.matches()) {
            MotionNames.Named named = named(past.group(2));
            Set<Mode> modes = past.group(1) == null ? ALL : EnumSet.of(mode(past.group(1)));
            return upTo(named, bound(past.group(3)))
                    .map(arc ->
                            Subject.holding(new What.Reach(named.motion(), modes, Optional.of(arc), Optional.empty())));
        }
        Matcher none = Pattern.compile("no (?:" + MODE + " )?(" + names + ")(?: " + MODE + ")?")
                .matcher(rest);
        if (!none.matches()) {
            return Optional.empty();
        }
        MotionNames.Named named = named(none.group(2));
        String said = none.group(1) == null ? none.group(3) : none.group(1);
        if (said != null) {
            return Optional.of(Subject.holding(without(named, mode(said))));
        }
        PaperQuestion howFar = PaperQuestion.of(
                "no-motion",
                "No " + none.group(2) + ": in which sense?",
                "at-all",
                "None at all, by whomever it is moved",
                "alone",
                "None by the patient's own strength; it may be led");
        return asking.answer(howFar)
                .map(id -> Subject.holding(without(named, id.equals("at-all") ? Mode.PASSIVE : Mode.ACTIVE)));
    }

    /** Who may not be led that way does not go there; who may not work that way may be led. */
    private What without(MotionNames.Named named, Mode mode) {
        return mode == Mode.PASSIVE
                ? new What.Reach(named.motion(), ALL, upTo(named, 0), Optional.empty())
                : new What.Reach(named.motion(), atLeast(mode), Optional.empty(), Optional.of(named.toward()));
    }

    /** "passive flexion 0 to 90", "flexion to 120 passive", "er limited to 30". */
    private Optional<Subject> within(String rest, String names) {
        Matcher arc = Pattern.compile(
                        "(?:" + MODE + " )?(?:motion (?=" + names + "))?(?:(" + names + ")|motion)(?: " + MODE + ")?"
                                + "(?: (?:to|limited to|at most|up to|under|less than))?"
                                + " (?:(-?\\d{1,3}) to )?" + BOUND + "(?: " + MODE + ")?(?: (?:at most|only))?")
                .matcher(rest);
        if (!arc.matches()) {
            return Optional.empty();
        }
        Optional<MotionNames.Named> named =
                arc.group(2) == null ? MotionNames.only(joint).or(this::whichMotion) : Optional.of(named(arc.group(2)));
        String mode = arc.group(1) == null ? arc.group(3) == null ? arc.group(6) : arc.group(3) : arc.group(1);
        return named.flatMap(of -> arc(of, arc.group(4), arc.group(5))
                .flatMap(allowed -> mode == null
                        ? unsaidMode(of, allowed)
                        : Optional.of(Subject.holding(new What.Reach(
                                of.motion(), EnumSet.of(mode(mode)), Optional.of(allowed), Optional.empty())))));
    }

    private Optional<Arc> arc(MotionNames.Named named, String from, String to) {
        double end = bound(to);
        if (from == null) {
            return upTo(named, end);
        }
        double begin = Double.parseDouble(from);
        boolean positive = named.toward() == Direction.POSITIVE;
        double least = positive || isHinge() ? Math.min(begin, end) : -end;
        double most = positive || isHinge() ? Math.max(begin, end) : -begin;
        Arc possible = named.motion().possible();
        boolean can = least < most
                && least >= possible.least().value()
                && most <= possible.most().value();
        return can ? Optional.of(Arc.between(least, most)) : Optional.empty();
    }

    /** Which motions a number without a name is about has to be asked. */
    private Optional<MotionNames.Named> whichMotion() {
        List<String> choices = new ArrayList<>();
        MotionNames.of(joint).keySet().stream().sorted().forEach(name -> {
            choices.add(name.replace(' ', '-'));
            choices.add(name);
        });
        return asking.answer(PaperQuestion.of("which-motion", "Which motion is it?", choices.toArray(String[]::new)))
                .map(id -> named(id.replace('-', ' ')));
    }

    private Optional<Subject> unsaidMode(MotionNames.Named named, Arc allowed) {
        PaperQuestion mode = PaperQuestion.of(
                "mode",
                "Moved by whom?",
                "passive",
                "Led alone; not yet by the patient's own strength",
                "every",
                "By whomever, as far as this");
        return asking.answer(mode).map(id -> {
            What every = new What.Reach(named.motion(), ALL, Optional.of(allowed), Optional.empty());
            What led = new What.Reach(named.motion(), EnumSet.of(Mode.PASSIVE), Optional.of(allowed), Optional.empty());
            What own =
                    new What.Reach(named.motion(), atLeast(Mode.ACTIVE), Optional.empty(), Optional.of(named.toward()));
            return id.equals("every") ? Subject.holding(every) : Subject.holding(led, own);
        });
    }

    /** "motion as tolerated", "full passive motion", "no motion". */
    private Optional<Subject> whole(String rest) {
        Matcher free = Pattern.compile("(?:full )?(?:" + MODE + " )?motion(?: as tolerated)?")
                .matcher(rest);
        List<Motion> axes = MotionNames.of(joint).values().stream()
                .map(MotionNames.Named::motion)
                .distinct()
                .sorted()
                .toList();
        if (free.matches() && !rest.equals("motion") && (rest.startsWith("full") || rest.endsWith("tolerated"))) {
            Set<Mode> modes = free.group(1) == null ? ALL : EnumSet.of(mode(free.group(1)));
            return Optional.of(new Subject(
                    axes.stream()
                            .map(axis ->
                                    (What) new What.Reach(axis, modes, Optional.of(axis.possible()), Optional.empty()))
                            .toList(),
                    Subject.How.FREES));
        }
        Matcher none = Pattern.compile("no (?:" + MODE + " )?motion").matcher(rest);
        return none.matches()
                ? Optional.of(new Subject(
                        axes.stream()
                                .map(axis -> (What) new What.Reach(
                                        axis,
                                        none.group(1) == null ? ALL : atLeast(mode(none.group(1))),
                                        Optional.empty(),
                                        Optional.empty()))
                                .toList(),
                        Subject.How.HOLDS))
                : Optional.empty();
    }

    private MotionNames.Named named(String name) {
        return Optional.ofNullable(MotionNames.of(joint).get(name)).orElseThrow();
    }

    /** Of a hinge the degrees of extension are those of flexion that are left. */
    private boolean isHinge() {
        return joint == Joint.KNEE || joint == Joint.ELBOW;
    }

    private static double bound(String text) {
        return text.equals("neutral") ? 0 : Double.parseDouble(text);
    }

    /** From what the joint can do the other way up to so far this way; nothing where no joint goes so far. */
    private Optional<Arc> upTo(MotionNames.Named named, double bound) {
        Arc possible = named.motion().possible();
        boolean positive = named.toward() == Direction.POSITIVE;
        double end = positive || isHinge() ? bound : -bound;
        if (end < possible.least().value() || end > possible.most().value()) {
            return Optional.empty();
        }
        return Optional.of(
                positive
                        ? Arc.between(possible.least().value(), end)
                        : Arc.between(end, possible.most().value()));
    }
}
