package wildchalk.core.binder;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;

/** Checks files against the JSON Schemas that come with the project. */
public final class Schemas {

    private static JsonSchema drillSchema;

    private Schemas() {}

    /** What the drill schema has against a file, a line each; empty when it fits. */
    public static List<String> check(Path file) throws IOException {
        JsonNode node = JsonTree.read(file).toJson();
        return drill().validate(node).stream()
                .map(m -> m.getInstanceLocation() + ": " + m.getMessage())
                .sorted()
                .toList();
    }

    private static synchronized JsonSchema drill() throws IOException {
        if (drillSchema == null) {
            try (InputStream in = Schemas.class.getResourceAsStream("drill.schema.json")) {
                drillSchema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(in);
            }
        }
        return drillSchema;
    }
}
