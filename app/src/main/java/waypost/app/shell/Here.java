package waypost.app.shell;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * The page on which somebody stands, as an address from which its parts and neighbours are reached.
 *
 * @param path without a query
 * @param query what the page shows, by parameter
 */
public record Here(String path, Map<String, String> query) {

    public Here {
        query = Map.copyOf(new LinkedHashMap<>(query));
    }

    /** The same page with one thing otherwise. */
    public String with(String name, Object value) {
        Map<String, String> other = new LinkedHashMap<>(query);
        other.put(name, value.toString());
        return address("", other);
    }

    /** The same page with one thing more, its value left to be written behind it. */
    public String ending(String name) {
        Map<String, String> others = new LinkedHashMap<>(query);
        others.remove(name);
        return address("", others) + (others.isEmpty() ? "?" : "&") + name + "=";
    }

    /** A part of this page, showing the same. */
    public String part(String sub) {
        return address(sub, query);
    }

    private String address(String sub, Map<String, String> parameters) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(path + sub);
        parameters.keySet().stream().sorted().forEach(name -> address.queryParam(name, "{" + name + "}"));
        return address.encode().buildAndExpand(parameters).toUriString();
    }
}
