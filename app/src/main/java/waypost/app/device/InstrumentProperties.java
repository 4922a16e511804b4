package waypost.app.device;

import java.net.URI;
import java.util.Map;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * The instruments of the house.
 *
 * @param instruments by name, such as "goniometer", the address that describes it; its lines are at "lines" below
 */
@ConfigurationProperties("waypost")
record InstrumentProperties(Map<String, URI> instruments) {

    InstrumentProperties {
        instruments = instruments == null ? Map.of() : Map.copyOf(instruments);
    }
}
