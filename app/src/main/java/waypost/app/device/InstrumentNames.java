package waypost.app.device;

import java.util.List;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The names of the house's instruments, for every page that measures. */
@ControllerAdvice
@EnableConfigurationProperties(InstrumentProperties.class)
class InstrumentNames {

    private final List<String> names;

    InstrumentNames(InstrumentProperties properties) {
        this.names = properties.instruments().keySet().stream().sorted().toList();
    }

    @ModelAttribute("instruments")
    List<String> names() {
        return names;
    }
}
