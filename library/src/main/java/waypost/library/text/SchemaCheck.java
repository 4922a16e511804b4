package waypost.library.text;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Holds documents against the published JSON Schema and says what is off in our own words. */
public final class SchemaCheck {

    private static final String ID = "https://waypost.invalid/waypost.schema.json";
    private static final String RESOURCE = "/waypost/library/schema/waypost.schema.json";

    private static final SchemaRegistry REGISTRY = SchemaRegistry.withDefaultDialect(
            SpecificationVersion.DRAFT_2020_12, builder -> builder.schemas(Map.of(ID, schemaText())));

    private final Schema schema;

    private SchemaCheck(Schema schema) {
        this.schema = schema;
    }

    /** The check for one kind of file: a name under {@code $defs}. */
    public static SchemaCheck of(String definition) {
        return new SchemaCheck(REGISTRY.getSchema(SchemaLocation.of(ID + "#/$defs/" + definition)));
    }

    private static String schemaText() {
        try (InputStream in = SchemaCheck.class.getResourceAsStream(RESOURCE)) {
            if (in == null) {
                throw new IllegalStateException("schema: found no " + RESOURCE + " in the application");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Notes every deviation in the document and refuses it if there is any. */
    public void check(Document document) {
        for (Error error : schema.validate(document.json())) {
            Entry place = document.top().follow(error.getInstanceLocation().toString());
            place.problem(message(error));
        }
        document.refuseIfAnyProblem();
    }

    private static String message(Error error) {
        JsonNode rule = error.getSchemaNode();
        return switch (error.getKeyword()) {
            case "additionalProperties", "unevaluatedProperties" -> unknownKey(error);
            case "required" -> "found no '" + error.getProperty() + "', allowed: it must be there";
            case "enum" -> Suggestion.oneOf(value(error), strings(rule));
            case "pattern" -> "found '" + value(error) + "', allowed: the form " + rule.stringValue();
            default -> "found " + value(error) + ", " + error.getMessage();
        };
    }

    private static String unknownKey(Error error) {
        JsonNode parent =
                REGISTRY.getSchema(parentOf(error.getSchemaLocation())).getSchemaNode();
        List<String> known = new ArrayList<>(parent.path("properties").propertyNames());
        return Suggestion.key(error.getProperty(), known);
    }

    private static SchemaLocation parentOf(SchemaLocation keyword) {
        String location = keyword.toString();
        return SchemaLocation.of(location.substring(0, location.lastIndexOf('/')));
    }

    private static String value(Error error) {
        JsonNode node = error.getInstanceNode();
        return node.isString() ? node.stringValue() : node.isBoolean() ? node.toString() : "something else";
    }

    private static List<String> strings(JsonNode array) {
        List<String> strings = new ArrayList<>();
        array.forEach(item -> strings.add(item.isString() ? item.stringValue() : item.toString()));
        return strings;
    }
}
