package waypost.core.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Optional;

/**
 * What a patient tells on coming in, as far as it answers the session before.
 *
 * @param on the day on which it is told
 * @param painNow the day's own baseline, 0 to 10
 * @param painAfter worst pain in the hours after the session before
 * @param painMorning pain the morning after it
 */
public record Telling(
        LocalDate on,
        int painNow,
        Optional<Integer> painAfter,
        Optional<Integer> painMorning,
        boolean moreSwollen,
        Response.Soreness soreness) {

    /**
     * How the region answered each session: what is told next after it, against the baseline of the session's own day; where
     * nobody asked on that day no pain at all is the baseline, so that every pain afterwards counts.
     *
     * @param sessions the days on which something was done
     * @param told in the order of the days
     */
    public static List<Response> responses(NavigableSet<LocalDate> sessions, List<Telling> told) {
        Map<LocalDate, Integer> baselines = new HashMap<>();
        List<Response> responses = new ArrayList<>();
        for (Telling telling : told) {
            LocalDate session = sessions.lower(telling.on());
            if (session != null) {
                responses.add(telling.to(session, baselines.getOrDefault(session, 0)));
            }
            baselines.put(telling.on(), telling.painNow());
        }
        return responses;
    }

    private Response to(LocalDate session, int baseline) {
        return new Response(session, baseline, painAfter, painMorning, moreSwollen, soreness);
    }
}
