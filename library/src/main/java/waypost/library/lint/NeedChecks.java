package waypost.library.lint;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.time.Schedule;

/** Clearances and images that the calendar would make up for, clocks that restart nothing, and parts that are silent. */
record NeedChecks(Protocol protocol, Places places) {

    Stream<Finding> findings() {
        return Stream.of(lapsing(), restartingNothing(), silent()).flatMap(found -> found);
    }

    private Stream<Finding> lapsing() {
        return Stream.concat(
                protocol.limits().stream().flatMap(this::lapsing),
                protocol.openings().stream().flatMap(this::lapsing));
    }

    private Stream<Finding> lapsing(Opening opening) {
        return opening.allCases()
                .filter(written -> written.regardless().isPresent())
                .flatMap(written -> written.needs().stream()
                        .filter(need -> protocol.criterion(need).neverLapses())
                        .map(need -> places.rule(
                                Check.NEED_LAPSES,
                                protocol.id(),
                                opening.role().toString(),
                                "it needs " + need + " regardless from "
                                        + written.regardless().orElseThrow() + ", which no day makes up for",
                                "Leave 'regardless-from' out, or the need where it does not belong")));
    }

    private <T> Stream<Finding> lapsing(Limit<T> limit) {
        List<Schedule.Entry<Allowed<T>>> steps = limit.schedule().entries();
        return IntStream.range(1, steps.size())
                .boxed()
                .flatMap(i -> steps.get(i - 1).needs().stream()
                        .filter(need -> protocol.criterion(need).neverLapses()
                                && !steps.get(i).needs().contains(need))
                        .map(need -> places.rule(
                                Check.NEED_LAPSES,
                                protocol.id(),
                                limit.head().id(),
                                "from " + steps.get(i - 1).from() + " it needs " + need + ", from "
                                        + steps.get(i).from() + " no longer: the calendar makes up for it",
                                "Name it in every later step too; an order may still loosen the limit")));
    }

    private Stream<Finding> restartingNothing() {
        return protocol.scope().clocks().stream()
                .filter(clock -> clocksNamed().noneMatch(clock::equals))
                .map(clock -> places.rule(
                        Check.EVENT_RESTARTS_NOTHING,
                        protocol.id(),
                        protocol.id(),
                        "it names the clock " + clock + ", on which no rule counts",
                        "Say what holds anew from that day, or leave the clock out"));
    }

    private Stream<String> clocksNamed() {
        return Stream.of(
                        protocol.parts().stream().flatMap(part -> part.anew().stream()),
                        protocol.limits().stream().map(limit -> limit.head().clock()),
                        protocol.duties().stream().map(duty -> duty.head().clock()),
                        protocol.rules().setUps().stream()
                                .map(setUp -> setUp.head().clock()),
                        protocol.openings().stream().flatMap(Opening::allCases).map(Opening.Case::clock))
                .flatMap(clocks -> clocks);
    }

    private Stream<Finding> silent() {
        return protocol.openings().stream()
                .flatMap(opening -> opening.parts().stream()
                        .filter(said -> said.cases().isEmpty())
                        .map(said -> places.rule(
                                Check.PART_SILENT,
                                protocol.id(),
                                opening.role().toString(),
                                said.part().face() + " does not say when, so it stays closed with that part",
                                "Say it in the part, or leave the role to the protocol under 'leaves'")));
    }
}
