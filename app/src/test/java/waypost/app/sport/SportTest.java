package waypost.app.sport;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Sport: sessions add up by week, weeks ahead rise slowly, and an event too early is said. Today is Thu 3 Apr 2031. */
@Tag("served")
class SportTest {

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 52);

    private static Map<String, String> form(String... more) {
        Map<String, String> form =
                new HashMap<>(Map.of("sportId", UUID.randomUUID().toString()));
        for (int nth = 0; nth < more.length; nth += 2) {
            form.put(more[nth], more[nth + 1]);
        }
        return form;
    }

    /** 30 minutes at 5 and 50 at 3 in the week of Mon 24 Mar are 300; this week 330 at most, and so on. */
    @Test
    void sessionsAddUpAndTheWeeksAheadRiseSlowly() {
        Map<String, String> session = form("on", "2031-03-25", "minutes", "30", "effort", "5");
        assertThat(visit.post("/sport/sessions", session).status()).isEqualTo(302);
        visit.post("/sport/sessions", session);
        visit.post("/sport/sessions", form("on", "2031-03-28", "minutes", "50", "effort", "3"));
        visit.post("/sport/goal", form("name", "Lake run", "on", "2031-05-04", "load", "1000", "rise", "10"));

        assertThat(visit.get("/sport"))
                .contains("Lake run on Sun 4 May 2031", ">300<", ">330<", ">363<", ">399<", ">199<")
                .contains("The weeks do not suffice: at this rise the load of 1000 is 10 weeks further off.")
                .contains("The event is on Sun 4 May 2031, allowed by the protocol: not before");
        assertThat(visit.get("/record")).contains("Trained for: Lake run");
    }

    @Test
    void nothingIsPlannedFromNothing() {
        visit.post("/sport/goal", form("name", "Lake run", "on", "2031-05-04", "load", "1000", "rise", "10"));

        assertThat(visit.get("/sport")).contains("No sport is known of the last four weeks, so nothing is planned");
    }

    @Test
    void wrongInputIsRefusedByField() {
        assertThat(visit.post("/sport/sessions", form("on", "2031-04-04", "minutes", "30", "effort", "5"))
                        .body())
                .contains("to today, 2031-04-03");
        assertThat(visit.post("/sport/sessions", form("on", "2031-04-01", "minutes", "0", "effort", "5"))
                        .body())
                .contains("Allowed: a whole number from 1 to 600.");
        assertThat(visit.post("/sport/sessions", form("on", "2031-04-01", "minutes", "30", "effort", "11"))
                        .status())
                .isEqualTo(422);
        assertThat(visit.post("/sport/goal", form("name", "Lake run", "on", "2031-05-04", "load", "1000", "rise", "40"))
                        .status())
                .isEqualTo(422);
        assertThat(visit.post("/sport/goal", form("name", "", "on", "2031-05-04", "load", "1000", "rise", "10"))
                        .body())
                .contains("allowed: a name of 1 to 80");
        assertThat(visit.post("/sport/goal", form("name", "Once", "on", "2031-04-01", "load", "1000", "rise", "10"))
                        .body())
                .contains("allowed: from today");
        assertThat(visit.get("/sport")).contains("Nothing is trained for yet.");
    }
}
