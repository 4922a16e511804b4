package waypost.library.text;

import java.util.List;
import java.util.NoSuchElementException;
import org.snakeyaml.engine.v2.events.Event;
import org.snakeyaml.engine.v2.parser.Parser;

/** Hands events that were read once, and looked at, to what composes a document from them. */
final class ReadEvents implements Parser {

    private final List<Event> events;
    private int at;

    ReadEvents(List<Event> events) {
        this.events = List.copyOf(events);
    }

    @Override
    public boolean checkEvent(Event.ID id) {
        return hasNext() && peekEvent().getEventId() == id;
    }

    @Override
    public Event peekEvent() {
        if (!hasNext()) {
            throw new NoSuchElementException("found the end of the document, allowed: an event");
        }
        return events.get(at);
    }

    @Override
    public Event next() {
        Event next = peekEvent();
        at++;
        return next;
    }

    @Override
    public boolean hasNext() {
        return at < events.size();
    }
}
