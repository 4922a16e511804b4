package waypost.app.home;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.course.Standing;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeProgram;
import waypost.core.home.Waking;
import waypost.library.plain.PlainText;

/**
 * A program for home as it was typed. The lists go by the places of {@code role}; what is ticked, and the weekdays, name
 * the role.
 *
 * @param seen the program that stood on the page; blank where none did
 * @param goes the roles that go home
 * @param rhythm "3" for so many times a day, "h60" for every hour
 * @param growth "2/7" for two more every seven days; blank where the dose stays
 * @param day "quad-set/operated MONDAY", one for each
 */
public record HomeForm(
        @Nullable String programId,
        @Nullable String seen,
        @Nullable String until,
        @Nullable String wakes,
        @Nullable String sleeps,
        @Nullable String language,
        @Nullable String words,
        @Nullable List<String> goes,
        @Nullable List<String> role,
        @Nullable List<String> sets,
        @Nullable List<String> amount,
        @Nullable List<String> load,
        @Nullable List<String> rhythm,
        @Nullable List<String> growth,
        @Nullable List<String> day,
        @Nullable List<String> say) {

    private static final int WORDS_MOST = 300;

    UUID readId() {
        return Entered.id("programId", Entered.text(programId));
    }

    Optional<UUID> readSeen() {
        return Optional.of(Entered.text(seen)).filter(id -> !id.isBlank()).map(id -> Entered.id("seen", id));
    }

    Locale readLanguage() {
        Locale typed = Locale.forLanguageTag(Entered.text(language));
        if (!PlainText.LANGUAGES.contains(typed)) {
            throw new FormProblem("language", "Found '" + language + "', allowed: en or de.");
        }
        return typed;
    }

    String readWords() {
        return Entered.words("words", words, WORDS_MOST);
    }

    /** As it is judged from today on. */
    HomeProgram read(Standing standing) {
        LocalDate today = standing.date();
        LocalDate last = Entered.date("until", Entered.text(until));
        List<HomeLine> lines = new ArrayList<>();
        for (Typed typed : lines()) {
            if (typed.goes()) {
                lines.add(typed.read(standing.course()));
            }
        }
        try {
            Waking waking = new Waking(
                    Entered.time("wakes", Entered.text(wakes)), Entered.time("sleeps", Entered.text(sleeps)));
            return new HomeProgram(today, last, waking, lines);
        } catch (IllegalArgumentException notAProgram) {
            throw new FormProblem("program", FormWords.sentence(notAProgram));
        }
    }

    /** Its lines as they were typed. */
    List<Typed> lines() {
        List<String> roles = role == null ? List.of() : role;
        return IntStream.range(0, roles.size())
                .mapToObj(nth -> new Typed(
                        roles.get(nth),
                        goes != null && goes.contains(roles.get(nth)),
                        at(sets, nth),
                        at(amount, nth),
                        at(load, nth),
                        at(rhythm, nth),
                        at(growth, nth),
                        days(roles.get(nth)),
                        at(say, nth)))
                .toList();
    }

    /** By role, for a page that shows them again. */
    Map<String, Typed> byRole() {
        Map<String, Typed> typed = new LinkedHashMap<>();
        lines().forEach(line -> typed.put(line.role(), line));
        return typed;
    }

    private static String at(@Nullable List<String> values, int nth) {
        return values == null || nth >= values.size() ? "" : Entered.text(values.get(nth));
    }

    private List<String> days(String of) {
        return day == null
                ? List.of()
                : day.stream()
                        .filter(each -> each.startsWith(of + " "))
                        .map(each -> each.substring(of.length() + 1))
                        .toList();
    }
}
