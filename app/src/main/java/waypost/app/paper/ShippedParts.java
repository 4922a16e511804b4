package waypost.app.paper;

import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import waypost.app.store.Bundles;
import waypost.library.desk.DeskParts;

/** The parts that ship, gone through once for every paper and every desk. */
@Component
public class ShippedParts {

    private final SingletonSupplier<DeskParts> parts;

    ShippedParts(Bundles bundles) {
        parts = SingletonSupplier.of(() -> new DeskParts(bundles.shipped()));
    }

    public DeskParts all() {
        return parts.obtain();
    }
}
