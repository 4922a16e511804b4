package waypost.core.gait;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import waypost.core.body.Side;

/** Puts down aid and feet one after another. */
final class Steps {

    private static final double HALF_WIDTH = 0.10;
    private static final double AID_ASIDE = 0.30;
    private static final double AID_AHEAD = 0.15;
    private static final double FRAME_AHEAD = 0.30;
    private static final double STEP = 0.25;
    /** A frame that goes ahead of both feet is still to be reached. */
    private static final double STEP_WITH_FRAME_AHEAD = 0.15;

    private static final double BEFORE_A_STAIR = 0.05;
    private static final int CYCLES = 2;
    private static final int STAIRS = 2;
    private static final double TURN_DEGREES = 90;

    private final Walk walk;
    private final int operatedSide;
    private final List<Move> moves = new ArrayList<>();
    private Stand now;

    Steps(Walk walk) {
        this.walk = walk;
        this.operatedSide = walk.operated() == Side.RIGHT ? 1 : -1;
        this.now = begin();
    }

    Stand begin() {
        double tips = walk.way().isStairs() ? BEFORE_A_STAIR : AID_AHEAD;
        Map<Part, Place> places = new EnumMap<>(Part.class);
        places.put(
                Part.OPERATED_FOOT,
                Place.at(operatedSide * HALF_WIDTH, walk.heldAhead()).lifted(walk.isOffTheFloor()));
        places.put(Part.OTHER_FOOT, Place.at(-operatedSide * HALF_WIDTH, 0));
        switch (walk.aid()) {
            case WALKER -> places.put(Part.FRAME, Place.at(0, FRAME_AHEAD));
            case TWO_CRUTCHES -> {
                places.put(Part.AID_OPERATED_SIDE, Place.at(operatedSide * AID_ASIDE, tips));
                places.put(Part.AID_OTHER_SIDE, Place.at(-operatedSide * AID_ASIDE, tips));
            }
            // Across from the operated leg, so that it is held while that leg carries.
            case ONE_CRUTCH, CANE -> places.put(Part.AID_OTHER_SIDE, Place.at(-operatedSide * AID_ASIDE, tips));
            case NONE -> {}
        }
        return new Stand(places);
    }

    List<Move> moves() {
        switch (walk.way()) {
            case LEVEL -> level();
            case STAIRS_UP -> upstairs();
            case STAIRS_DOWN -> downstairs();
            case TURN -> turn();
        }
        return List.copyOf(moves);
    }

    private Set<Part> aids() {
        Set<Part> aids = new HashSet<>(now.places().keySet());
        aids.removeIf(Part::isFoot);
        return aids;
    }

    private void move(Set<Part> parts, UnaryOperator<Place> how) {
        if (parts.isEmpty()) {
            return;
        }
        for (Part part : parts) {
            now = now.with(part, how.apply(now.of(part)));
        }
        moves.add(new Move(parts, now));
    }

    private void level() {
        for (int nth = 0; nth < CYCLES; nth++) {
            if (walk.pattern() == Pattern.TWO_POINT) {
                twoPoint();
            } else {
                threePoint(walk.goesPast());
            }
        }
    }

    /** A leg that takes nothing goes with the aid, and both stay ahead of the leg that stands. */
    private void threePoint(boolean past) {
        double step = past && walk.aid() == Aid.WALKER ? STEP_WITH_FRAME_AHEAD : STEP;
        double to = now.of(Part.OTHER_FOOT).y() + step;
        double aidBy = to - now.of(Part.OPERATED_FOOT).y() + walk.heldAhead();
        if (walk.isOffTheFloor()) {
            Set<Part> together = aids();
            together.add(Part.OPERATED_FOOT);
            move(together, place -> place.ahead(aidBy));
        } else {
            move(aids(), place -> place.ahead(aidBy));
            move(Set.of(Part.OPERATED_FOOT), place -> place.to(to));
        }
        move(Set.of(Part.OTHER_FOOT), place -> place.to(past ? to + step : to));
    }

    private void twoPoint() {
        double to = now.of(Part.OTHER_FOOT).y() + STEP;
        move(across(Part.OPERATED_FOOT, Part.AID_OTHER_SIDE), place -> ahead(place, to));
        move(across(Part.OTHER_FOOT, Part.AID_OPERATED_SIDE), place -> ahead(place, walk.goesPast() ? to + STEP : to));
    }

    private Set<Part> across(Part foot, Part aid) {
        return now.has(aid) ? Set.of(foot, aid) : Set.of(foot);
    }

    /** A foot to a line, the aid as far ahead of it as it always is. */
    private static Place ahead(Place place, double to) {
        boolean isAid = Math.abs(place.x()) > HALF_WIDTH;
        return place.to(isAid ? to + AID_AHEAD : to);
    }

    /** Up with the other leg first; the operated leg and the aid follow on the same step. */
    private void upstairs() {
        for (int step = 1; step <= STAIRS; step++) {
            int level = step;
            double tread = step * Profile.TREAD_METRES;
            move(Set.of(Part.OTHER_FOOT), place -> place.onLevel(level, tread));
            Set<Part> after = aids();
            after.add(Part.OPERATED_FOOT);
            move(after, place -> place.onLevel(level, tread));
        }
    }

    /** Down with the aid and the operated leg first; together where that leg can't give while it stands above. */
    private void downstairs() {
        for (int step = 1; step <= STAIRS; step++) {
            int level = -step;
            double tread = step * Profile.TREAD_METRES;
            if (walk.stepsDownTogether()) {
                Set<Part> together = aids();
                together.add(Part.OPERATED_FOOT);
                move(together, place -> place.onLevel(level, tread));
            } else {
                move(aids(), place -> place.onLevel(level, tread));
                move(Set.of(Part.OPERATED_FOOT), place -> place.onLevel(level, tread));
            }
            move(Set.of(Part.OTHER_FOOT), place -> place.onLevel(level, tread));
        }
    }

    /** Round the middle between the feet, a small step at a time: the aid first, no foot turned while it stands. */
    private void turn() {
        Turning turning = walk.turning();
        int toRight = turning.isTowardTheOtherSide() ? -operatedSide : operatedSide;
        double step = turning.stepDegrees();
        double around = now.midX();
        double aroundY = now.midY();
        for (double turned = 0; turned < TURN_DEGREES; turned += step) {
            double by = toRight * Math.min(step, TURN_DEGREES - turned);
            Part first = turning.isOperatedFirst() ? Part.OPERATED_FOOT : Part.OTHER_FOOT;
            Part second = turning.isOperatedFirst() ? Part.OTHER_FOOT : Part.OPERATED_FOOT;
            move(aids(), place -> place.turned(around, aroundY, by));
            move(Set.of(first), place -> place.turned(around, aroundY, by));
            move(Set.of(second), place -> place.turned(around, aroundY, by));
        }
    }
}
