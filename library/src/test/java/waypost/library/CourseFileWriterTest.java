package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.demand.Load;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Event;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.safety.CheckIn;
import waypost.library.coursefile.CheckedIn;
import waypost.library.coursefile.CourseFile;
import waypost.library.coursefile.CourseFileWriter;
import waypost.library.coursefile.CourseFileWriter.OrderText;

class CourseFileWriterTest {

    private static CourseFile read(String name) throws IOException {
        try (var in = Objects.requireNonNull(CourseFileWriterTest.class.getResourceAsStream("/courses/" + name))) {
            return CourseFile.read(name, new String(in.readAllBytes(), StandardCharsets.UTF_8), MeasuredCourse.BUNDLE);
        }
    }

    private static Resolved resolved(CourseFile file) {
        return Resolver.resolve(file.protocol(), file.answers(), file.clocks(), file.decisions());
    }

    @ParameterizedTest
    @ValueSource(strings = {"early-school.yaml", "fresh-shoulder.yaml"})
    void whatIsWrittenIsReadAgain(String name) throws IOException {
        CourseFile file = read(name);
        String written = new CourseFileWriter(
                        file.id(),
                        resolved(file),
                        file.history(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of())
                .write();
        CourseFile again = CourseFile.read("written.yaml", written, MeasuredCourse.BUNDLE);

        assertThat(again.history()).isEqualTo(file.history());
        assertThat(again.answers()).isEqualTo(file.answers());
        assertThat(again.clocks().dayZero()).isEqualTo(file.clocks().dayZero());
    }

    @Test
    void anOrderKeepsItsWordsAndItsChange() throws IOException {
        CourseFile file = read("early-school.yaml");
        OrderText order = new OrderText(
                "order-1",
                "Bend to 70 from Monday: mind the colon",
                "Dr Moss",
                LocalDate.of(2031, 3, 1),
                LocalDate.of(2031, 3, 3),
                Optional.of(LocalDate.of(2031, 4, 1)),
                Optional.empty(),
                "somebody",
                "opens",
                "long-arc-band/operated",
                "");
        String written = new CourseFileWriter(
                        file.id(),
                        resolved(file),
                        file.history(),
                        List.of(order),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of())
                .write();
        CourseFile again = CourseFile.read("written.yaml", written, MeasuredCourse.BUNDLE);

        assertThat(again.decisions().orders()).singleElement().satisfies(found -> {
            assertThat(found.words()).isEqualTo("Bend to 70 from Monday: mind the colon");
            assertThat(found.changes()).hasSize(1);
        });
    }

    @Test
    void eventsAndNarrowingsAreReadAgainAndStartTheirClocks() throws IOException {
        CourseFile file = read("early-school.yaml");
        LocalDate fall = file.clocks().dayZero().plusDays(40);
        Event event = new Event(
                "fall",
                fall,
                "slipped on wet stairs",
                "somebody",
                Optional.of(new Event.LookedAfter(fall.plusDays(1), "Maren Arkwell", "stable, no swelling")));
        var narrowing = new CourseFileWriter.NarrowingText(
                "narrowing-1", "Maren Arkwell", fall, Optional.of(fall.plusDays(7)), "sore", "bars", "box-squat", "");

        String written = new CourseFileWriter(
                        file.id(),
                        resolved(file),
                        file.history().with(List.of(event)),
                        List.of(),
                        List.of(narrowing),
                        List.of(),
                        List.of(),
                        List.of())
                .write();
        CourseFile again = CourseFile.read("written.yaml", written, MeasuredCourse.BUNDLE);

        assertThat(again.history().events()).containsExactly(event);
        assertThat(again.clocks().startsOf("fall")).containsExactly(fall);
        assertThat(again.decisions().narrowings()).singleElement().satisfies(found -> {
            assertThat(found.lastDay()).contains(fall.plusDays(7));
            assertThat(found.why()).isEqualTo("sore");
        });
    }

    @Test
    void anEventThatTheProtocolDoesNotKnowIsRefusedWithWhatIsAllowed() throws IOException {
        CourseFile file = read("early-school.yaml");
        Event event = new Event("tumble", file.clocks().dayZero(), "fell", "somebody", Optional.empty());
        String written = new CourseFileWriter(
                        file.id(),
                        resolved(file),
                        file.history().with(List.of(event)),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of())
                .write();

        assertThatThrownBy(() -> CourseFile.read("written.yaml", written, MeasuredCourse.BUNDLE))
                .hasMessageContaining("found 'tumble', allowed: fall, manipulation, injection");
    }

    /** Sets, check-ins and notes go along, and answer each other as they were read. */
    @Test
    void whatWasDoneAndWrittenGoesAlong() throws IOException {
        CourseFile file = read("early-school.yaml");
        SetDone set = new SetDone(
                RoleKey.of("box-squat/both"),
                LocalDate.of(2031, 3, 3),
                10,
                Optional.of(Load.parse("band 2")),
                1,
                SetDone.Form.GOOD);
        CheckedIn told = new CheckedIn(
                set.on().plusDays(2),
                new CheckIn(1, Optional.of(3), Optional.of(4), CheckIn.Swelling.AS_BEFORE, Set.of()),
                Response.Soreness.DAY_AFTER);
        String note = "Subjective\nPain now 2: less.\n";

        String written = new CourseFileWriter(
                        file.id(),
                        resolved(file),
                        file.history(),
                        List.of(),
                        List.of(),
                        List.of(told),
                        List.of(set),
                        List.of(new CourseFileWriter.NoteText(set.on(), note)))
                .write();

        assertThat(written).contains("role: box-squat/both", "load: band 2", "form: good", "Pain now 2: less.");
        CourseFile again = CourseFile.read("written.yaml", written, MeasuredCourse.BUNDLE);
        assertThat(again.history()).isEqualTo(file.history());
        assertThat(again.work().sets()).containsExactly(set);
        assertThat(again.checkIns()).containsExactly(told);
        assertThat(again.work().responses())
                .singleElement()
                .satisfies(response -> assertThat(response.flared()).isTrue());
    }
}
