package waypost.library.plain;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.time.format.TextStyle;
import java.util.Set;
import java.util.function.IntFunction;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.SetAim;
import waypost.core.home.HomeLine;
import waypost.core.home.Rhythm;
import waypost.core.home.Waking;
import waypost.core.prescription.WorkingDose;

/**
 * Tells a patient how much and how often.
 *
 * @param band what the clinic calls a band by its step
 */
public record PlainDose(PlainText words, Waking waking, IntFunction<String> band) implements Rhythm.Visitor<String> {

    /** "2 rounds of 10 times with 2 kg". */
    public String say(WorkingDose dose) {
        String sets = dose.sets() == 1
                ? words.say("dose.sets.1", aim(dose.aim()))
                : words.say("dose.sets", words.number(dose.sets()), aim(dose.aim()));
        return dose.load()
                .filter(load -> load.amount() > 0)
                .map(load -> words.say("dose." + PlainText.key(load.unit()), sets, amount(load)))
                .orElse(sets);
    }

    private String amount(Load load) {
        return load.unit() == LoadUnit.BAND_STEP ? band.apply((int) load.amount()) : words.number(load.amount());
    }

    private String aim(SetAim aim) {
        String number = aim.least() < aim.most()
                ? words.say("dose.range", words.number(aim.least()), words.number(aim.most()))
                : words.number(aim.most());
        String key = "dose." + aim.counted().word();
        String counted = words.find(key + "." + number).orElseGet(() -> words.say(key, number));
        String held = aim.holdSeconds().isPresent()
                ? words.say("dose.hold", counted, words.number(aim.holdSeconds().getAsInt()))
                : counted;
        return aim.each().isEmpty() ? held : words.say("dose.each", held);
    }

    /** "3 times a day, on Monday and Thursday". */
    public String often(HomeLine line) {
        String often = line.rhythm().accept(this);
        return line.days().isEmpty() ? often : words.say("rhythm.days", often, days(line.days()));
    }

    private String days(Set<DayOfWeek> days) {
        return words.all(days.stream()
                .sorted()
                .map(day -> day.getDisplayName(TextStyle.FULL, words.locale()))
                .toList());
    }

    @Override
    public String times(Rhythm.Times rhythm) {
        return rhythm.aDay() == 1
                ? words.say("rhythm.times.1")
                : words.say("rhythm.times", words.number(rhythm.aDay()));
    }

    @Override
    public String hourly(Rhythm.Hourly rhythm) {
        String minutes = words.number(rhythm.everyMinutes());
        return words.find("rhythm.hourly." + minutes, minutes, time(waking.from()), time(waking.to()))
                .orElseGet(() -> words.say("rhythm.hourly", minutes, time(waking.from()), time(waking.to())));
    }

    private String time(LocalTime time) {
        return DateTimeFormatter.ofLocalizedTime(FormatStyle.SHORT)
                .withLocale(words.region())
                .format(time);
    }
}
