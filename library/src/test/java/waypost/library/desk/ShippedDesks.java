package waypost.library.desk;

import waypost.core.time.CourseDay;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.SourceText;

/** Protocols that ship, on the desk. */
final class ShippedDesks {

    static final Bundle SHIPPED = Shipped.BUNDLE;
    private static final DeskParts PARTS = new DeskParts(SHIPPED);

    private ShippedDesks() {}

    static Desk desk(String protocol) {
        return Desk.of(PARTS, text(protocol), OwnFiles.NONE);
    }

    private static String text(String protocol) {
        return SHIPPED.sources().stream()
                .filter(source -> source.file().equals("protocols/" + protocol + ".yaml"))
                .map(SourceText::text)
                .findFirst()
                .orElseThrow();
    }

    static Post post(Desk desk, String key) {
        return desk.post(key).orElseThrow();
    }

    static Desk moved(Desk desk, String key, int day) {
        return desk.with(new Change.ToDay(key, new CourseDay(day)));
    }
}
