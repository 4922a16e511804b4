package waypost.library.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Joint;
import waypost.core.exercise.Activity;
import waypost.core.paper.PaperReader;
import waypost.core.paper.Understanding;
import waypost.core.paper.WeekNames;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;

/** What surgeons write is read as a rule, asked about, or left open: never guessed, never dropped. */
@Tag("slow")
class PhrasesTest {

    private static final Path TABLE = Path.of("src/test/resources/paper/phrases.txt");

    private static final Map<Joint, PaperReader> READERS = new ConcurrentHashMap<>();

    /** A line of the table. */
    record Row(Joint joint, String written, String read) {
        Understanding understood(Map<String, String> answers) {
            return READERS.computeIfAbsent(joint, of -> new PaperReader(PaperWords.shipped(), of))
                    .read(written, answers);
        }

        @Override
        public String toString() {
            return joint + ": " + written;
        }
    }

    static List<Row> rows() throws IOException {
        return Files.readAllLines(TABLE).stream()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .map(line -> line.split(" \\| ", 3))
                .map(parts -> new Row(Joint.valueOf(parts[0].toUpperCase(Locale.ROOT)), parts[1], parts[2]))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void isReadSo(Row row) {
        assertThat(Terse.of(row.understood(Map.of()))).isEqualTo(row.read());
    }

    @Test
    void theTableIsAsLongAsItHasToBe() throws IOException {
        assertThat(rows()).hasSizeGreaterThanOrEqualTo(550);
        assertThat(rows().stream().filter(row -> row.read().startsWith("? "))).hasSizeGreaterThanOrEqualTo(150);
    }

    /** Every question leads to a rule, whatever is answered, or to a line that stays open. */
    @Test
    void everyAnswerSettlesItOrLeavesItOpen() throws IOException {
        Random random = new Random(7);
        for (Row row : rows()) {
            for (int time = 0; time < 5; time++) {
                Map<String, String> answers = new HashMap<>();
                Understanding read = row.understood(answers);
                for (int asked = 0; read instanceof Understanding.Asks asks && asked < 6; asked++) {
                    int nth = random.nextInt(asks.question().choices().size());
                    assertThat(answers)
                            .as(row.toString())
                            .doesNotContainKey(asks.question().id());
                    answers.put(
                            asks.question().id(),
                            asks.question().choices().get(nth).id());
                    read = row.understood(answers);
                }
                assertThat(read).as(row + " " + answers).isNotInstanceOf(Understanding.Asks.class);
            }
        }
    }

    /** Seven days lie between the two ways to name a week. */
    @ParameterizedTest
    @CsvSource({
        "NWB until week 6,completed,weight 0 % until completed week 6",
        "NWB until week 6,nth,weight 0 % until nth week 6",
        "weeks 2-6 NWB,completed,weight 0 % from completed week 2 until completed week 6",
        "weeks 2-6 NWB,nth,weight 0 % from nth week 2 until nth week 7",
        "bike wk 4,completed,no stationary bike until completed week 4",
        "bike wk 4,nth,no stationary bike until nth week 4"
    })
    void weeksAreNamedAsTheSurgeonNamesThem(String written, String named, String read) {
        assertThat(Terse.of(new Row(Joint.KNEE, written, "").understood(Map.of(WeekNames.QUESTION, named))))
                .isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource({
        "'sling 4-6 wks, out for hygiene',end-of-two,later,'sling [off for washing] until 6 weeks'",
        "'sling 4-6 wks, out for hygiene',end-of-two,earlier,'sling [off for washing] until 4 weeks'",
        "FF to 120 until 6 weeks,mode,every,'shoulder_flexion all -80..120 until 6 weeks'",
        "FF to 120 until 6 weeks,mode,passive,'shoulder_flexion passive -80..120 until 6 weeks;"
                + " shoulder_flexion active+resisted none toward flexion until 6 weeks'",
        "no ER x 6 weeks,no-motion,alone,'shoulder_rotation active+resisted none toward external rotation until 6 weeks'",
        "no ER x 6 weeks,no-motion,at-all,'shoulder_rotation all -120..0 until 6 weeks'"
    })
    void anAnswerIsTakenAtItsWord(String written, String question, String answer, String read) {
        assertThat(Terse.of(new Row(Joint.SHOULDER, written, "").understood(Map.of(question, answer))))
                .isEqualTo(read);
    }

    /** "then for 4 weeks" behind two weeks is six in all, or four: seven rows of the table hang on it. */
    @ParameterizedTest
    @CsvSource({"more,6 weeks", "in-all,4 weeks"})
    void thenForSoLongIsAsked(String answer, String end) {
        assertThat(Terse.of(new Row(Joint.ANKLE, "NWB x 2 wks, then PWB 50% x 4 wks", "")
                        .understood(Map.of("then-length", answer))))
                .isEqualTo("weight 0 % until 2 weeks; weight 50 % from 2 weeks until " + end);
    }

    /** One word that nobody knows makes a line unreadable, wherever it stands. */
    @Test
    void aWordThatNobodyKnowsIsNeverDropped() throws IOException {
        Random random = new Random(11);
        for (Row row : rows()) {
            List<String> words = new ArrayList<>(List.of(row.written().split(" ")));
            words.add(random.nextInt(words.size() + 1), "quorvex");
            Understanding read = new Row(row.joint(), String.join(" ", words), "").understood(Map.of());
            assertThat(read).as(words.toString()).isNotInstanceOf(Understanding.Understood.class);
        }
    }

    /** Words of the trade thrown together: what is read says back every number that stands in it. */
    @Test
    void wordsThrownTogetherNeverBecomeARuleSilently() throws IOException {
        List<String> words = rows().stream()
                .flatMap(row -> Stream.of(row.written().split(" ")))
                .distinct()
                .sorted()
                .toList();
        Random random = new Random(13);
        int understood = 0;
        for (int time = 0; time < 20_000; time++) {
            String line = Stream.generate(() -> words.get(random.nextInt(words.size())))
                    .limit(1 + random.nextInt(7))
                    .collect(Collectors.joining(" "));
            Joint joint =
                    List.of(Joint.KNEE, Joint.SHOULDER, Joint.HIP, Joint.ANKLE).get(random.nextInt(4));
            Understanding read = new Row(joint, line, "").understood(Map.of());
            if (read instanceof Understanding.Understood) {
                understood++;
                String terse = Terse.of(read);
                Set<String> numbers = numbers(line);
                assertThat(numbers(terse)).as(line + " read as " + terse).containsAll(numbers);
            }
        }
        System.out.println("words thrown together: " + understood + " of 20,000 were read as a rule");
    }

    /** The numbers of a line as far as they are said back as they stand; pounds and shares of a milestone are not. */
    private static Set<String> numbers(String text) {
        if (text.matches("(?i).*(lb|pound|lsi|strength|kg|locked at).*")) {
            return Set.of();
        }
        return Stream.of(text.split("[^0-9]+"))
                .filter(number -> !number.isEmpty() && !number.equals("0"))
                .collect(Collectors.toSet());
    }

    @Test
    void lettersThrownTogetherAreNeverRead() {
        Random random = new Random(17);
        for (int time = 0; time < 20_000; time++) {
            StringBuilder line = new StringBuilder();
            for (int letter = 0; letter < 1 + random.nextInt(40); letter++) {
                line.append((char) (random.nextInt(8) == 0 ? ' ' : 33 + random.nextInt(200)));
            }
            assertThat(new Row(Joint.KNEE, line.toString(), "").understood(Map.of()))
                    .as(line.toString())
                    .isNotInstanceOf(Understanding.Understood.class);
        }
    }

    @Test
    void whatTheWordsNameExists() {
        Bundle bundle = Shipped.BUNDLE;
        Set<String> activities = bundle.activities().stream().map(Activity::id).collect(Collectors.toSet());
        assertThat(PaperWords.shipped().pursuits().values())
                .allSatisfy(exercises -> assertThat(activities).containsAll(exercises));
        Set<String> milestones = bundle.protocols().stream()
                .flatMap(protocol -> protocol.criteria().stream())
                .map(criterion -> criterion.id())
                .collect(Collectors.toSet());
        assertThat(milestones).containsAll(PaperWords.shipped().conditions().values());
    }

    /** Each abbreviation is understood wherever the words that it stands for are. */
    @Test
    void anAbbreviationIsReadAsWhatItStandsFor() {
        PaperWords.shipped()
                .abbreviations()
                .forEach((written, meant) -> Stream.of(" for 6 weeks", " at 6 weeks", "")
                        .forEach(time -> {
                            for (Joint joint : List.of(Joint.KNEE, Joint.SHOULDER)) {
                                Optional<String> full = read(joint, meant + time);
                                Optional<String> brief = read(joint, written + time);
                                assertThat(brief).as(written + time).isEqualTo(full);
                            }
                        }));
    }

    private static Optional<String> read(Joint joint, String written) {
        Understanding read = new Row(joint, written, "").understood(Map.of());
        return read instanceof Understanding.Unread ? Optional.empty() : Optional.of(Terse.of(read));
    }
}
