package waypost.app.message;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.shell.ClinicClock;
import waypost.library.plain.PlainText;

/**
 * Writes to patients who agreed, outside of quiet hours: each occasion once, tried again while the carrier fails, and
 * nothing of who they are or what they are treated for.
 */
@Service
public class Messages {

    private static final Logger LOG = LoggerFactory.getLogger(Messages.class);
    private static final int MOST_AT_ONCE = 200;
    private static final int MOST_TRIES = 8;
    private static final Duration FIRST_WAIT = Duration.ofMinutes(1);
    private static final Duration AHEAD = Duration.ofHours(36);
    private static final String NONE = "NONE";

    private final MessageMapper mapper;
    private final Gateway gateway;
    private final ClinicClock clock;

    Messages(MessageMapper mapper, Gateway gateway, ClinicClock clock) {
        this.mapper = mapper;
        this.gateway = gateway;
        this.clock = clock;
    }

    /** Keeps where a patient wants to be written to; what waits for who withdraws is never sent. */
    @Transactional
    public void agree(Staff staff, UUID courseId, Consent consent) {
        mapper.insertConsent(courseId, consent.channel(), consent.address(), staff.id(), clock.now());
        if (consent.channel().equals(NONE)) {
            mapper.withdraw(courseId, clock.now());
        }
    }

    Consent consent(UUID courseId) {
        MessageMapper.ConsentRow row = mapper.findConsent(courseId);
        return new Consent(row.channel(), row.address());
    }

    List<MessageMapper.StandingRow> last(UUID courseId) {
        return mapper.findLast(courseId);
    }

    /** Those of a clinic among what a carrier took. */
    List<Gateway.Outgoing> ofClinic(UUID clinicId, List<Gateway.Outgoing> taken) {
        Set<UUID> ids = Set.copyOf(mapper.findIds(clinicId));
        return taken.stream().filter(each -> ids.contains(each.id())).toList();
    }

    /** A program was written. Nothing is queued for who did not agree. */
    public void planIsReady(UUID courseId, UUID programId) {
        queue(courseId, "plan " + programId, text(courseId).say("page.message.plan"), clock.now());
    }

    /** Tells of visits the day before; the message says the day, so that it is right whenever it arrives. */
    @Scheduled(fixedDelayString = "PT15M", initialDelayString = "PT2M")
    @Transactional
    public void remind() {
        Instant now = clock.now();
        for (MessageMapper.VisitRow visit : mapper.findToRemind(now, now.plus(AHEAD))) {
            PlainText text = text(visit.courseId());
            ZonedDateTime at = visit.startsAt().atZone(ZoneId.of(visit.zone()));
            String day =
                    DateTimeFormatter.ofPattern(text.say("date"), text.locale()).format(at);
            String time = DateTimeFormatter.ofLocalizedTime(FormatStyle.SHORT)
                    .withLocale(text.region())
                    .format(at);
            queue(
                    visit.courseId(),
                    "visit " + visit.id() + " " + visit.version(),
                    text.say("page.message.visit", day, time),
                    now);
        }
    }

    private PlainText text(UUID courseId) {
        return PlainText.in(
                mapper.language(courseId).map(Locale::forLanguageTag).orElse(PlainText.LANGUAGES.get(0)));
    }

    private void queue(UUID courseId, String occasion, String body, Instant wanted) {
        MessageMapper.ConsentRow consent = mapper.findConsent(courseId);
        if (consent.channel().equals(NONE)) {
            return;
        }
        Instant due = new QuietHours(closed(consent.closedDays()))
                .next(wanted.atZone(ZoneId.of(consent.zone())))
                .toInstant();
        mapper.insert(UUID.randomUUID(), courseId, occasion, consent.channel(), consent.address(), body, due);
    }

    private static Set<DayOfWeek> closed(String days) {
        return Arrays.stream(days.split(","))
                .map(String::strip)
                .filter(day -> !day.isEmpty())
                .map(DayOfWeek::valueOf)
                .collect(Collectors.toSet());
    }

    /** Hands over what is due. */
    @Scheduled(fixedDelayString = "PT1M", initialDelayString = "PT1M")
    @Transactional
    public void sendDue() {
        sendDue(clock.now());
    }

    /** How many were tried. */
    @Transactional
    public int sendDue(Instant now) {
        mapper.withdrawStale(now);
        List<MessageMapper.QueuedRow> due = mapper.takeDue(now, MOST_AT_ONCE);
        due.forEach(each -> send(each, now));
        return due.size();
    }

    private void send(MessageMapper.QueuedRow message, Instant now) {
        try {
            Gateway.Handed handed = gateway.hand(
                    new Gateway.Outgoing(message.id(), message.channel(), message.address(), message.body()));
            mapper.settle(message.id(), handed == Gateway.Handed.TAKEN ? "SENT" : "BOUNCED", now);
        } catch (RuntimeException notKnown) {
            if (message.tries() + 1 >= MOST_TRIES) {
                LOG.warn("message {} was given up after {} tries", message.id(), MOST_TRIES);
                mapper.settle(message.id(), "GIVEN_UP", now);
            } else {
                mapper.later(message.id(), now.plus(FIRST_WAIT.multipliedBy(1L << message.tries())));
            }
        }
    }
}
