package waypost.library.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.log.Evidence;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;

/** What a surgeon says of one patient. Today is Wednesday, day 16. */
class OrderReadingTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Standing MENISCUS = standing("knee.meniscus-repair");
    private static final Standing CUFF = standing("shoulder.cuff-repair");

    private static Standing standing(String protocol) {
        LocalDate today = DAY_ZERO.plusDays(16);
        return Course.of(
                        Resolver.resolve(BUNDLE.protocol(protocol), Answers.NONE, DAY_ZERO),
                        BUNDLE.activities(),
                        BUNDLE.measures(),
                        History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()))
                .on(today, today, Outlook.TIME_ONLY);
    }

    private static String said(OrderPart part) {
        if (part instanceof OrderPart.Order order) {
            return order.what().split(":")[0] + " " + order.allow() + " from " + order.from()
                    + order.last().map(day -> " to " + day).orElse("");
        }
        if (part instanceof OrderPart.Asks) {
            return "asks";
        }
        return part instanceof OrderPart.Unread ? "unread" : "nothing";
    }

    private static String read(String said, Standing standing) {
        return OrderReading.of(said, standing, BUNDLE, Map.of()).stream()
                .map(OrderReadingTest::said)
                .distinct()
                .collect(Collectors.joining(" | "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "full weight from Monday ; LIMIT free from 2031-03-03",
                "FWB today ; LIMIT free from 2031-02-26",
                "NWB from tomorrow ; LIMIT none from 2031-02-27",
                "50% weight bearing from Friday ; LIMIT 50 % from 2031-02-28",
                "full weight ; LIMIT free from 2031-02-26",
                "full weight at 6 weeks ; LIMIT free from 2031-03-24",
                "full weight from Wednesday ; asks",
                "full weight from Monday, brace off ; LIMIT free from 2031-03-03 | asks",
                "full weight from Monday, brace off today ; LIMIT free from 2031-03-03 | ENDS  from 2031-02-26",
                "NWB for 6 weeks ; LIMIT none from 2031-02-26 to 2031-03-23",
                "no squats ; BARS  from 2031-02-26",
                "ROM 0-90 from Monday ; asks",
                "PROM 0-90 from Monday ; nothing",
                "TTWB vs PWB from Monday ; unread",
                "let her do what she likes ; unread",
                "full weight from Monday perhaps ; unread",
                "not full weight from Monday ; unread",
                "'' ; ''"
            })
    void isReadAsOrdersOrAsks(String said, String expected) {
        assertThat(read(said, MENISCUS)).as(said).isEqualTo(expected == null ? "" : expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "sling off from Monday ; ENDS  from 2031-03-03",
                "full weight from Monday ; unread",
                "no lifting over 2,5 stones today ; unread",
                "sling off ; ENDS  from 2031-02-26"
            })
    void isReadForTheJoint(String said, String expected) {
        assertThat(read(said, CUFF)).as(said).isEqualTo(expected);
    }

    /** One question at a time, and its answer leads on. */
    @Test
    void whatIsAskedIsAnswered() {
        OrderPart first = OrderReading.of("ROM 0-90 from Monday", MENISCUS, BUNDLE, Map.of())
                .get(0);
        assertThat(first).isInstanceOf(OrderPart.Asks.class);
        OrderPart.Asks asks = (OrderPart.Asks) first;
        assertThat(asks.choices()).hasSizeGreaterThan(1);
        List<String> led = asks.choices().stream()
                .map(choice -> OrderReading.of(
                                "ROM 0-90 from Monday", MENISCUS, BUNDLE, Map.of(asks.key(), choice.id()))
                        .get(0))
                .map(OrderReadingTest::said)
                .toList();
        assertThat(led).contains("LIMIT 0 to 90 from 2031-03-03").doesNotContain("asks", "unread");
    }

    /** What is read can be put on record: it names a rule of the course, and no order begins before the operation. */
    @Test
    void scatteredWordsNeverBecomeAnOrderOfSomethingElse() {
        List<String> words = List.of(
                "full", "weight", "from", "monday", "brace", "off", "no", "not", "0-90", "until", "sling", "today",
                "free", "ROM", "50%", "or", "maybe", "12", "weeks", ",");
        Random random = new Random(11);
        for (int nth = 0; nth < 2000; nth++) {
            String said = random.ints(1 + random.nextInt(6), 0, words.size())
                    .mapToObj(words::get)
                    .collect(Collectors.joining(" "));
            for (OrderPart part : OrderReading.of(said, MENISCUS, BUNDLE, Map.of())) {
                if (part instanceof OrderPart.Order order) {
                    assertThat(order.from()).as(said).isAfterOrEqualTo(DAY_ZERO);
                    assertThat(order.said()).as(said).doesNotContain("not", "maybe", " or ");
                }
            }
        }
    }
}
