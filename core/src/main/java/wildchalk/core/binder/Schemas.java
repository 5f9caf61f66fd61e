package wildchalk.core.binder;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import wildchalk.core.json.JsonTree;

/** Checks files against the JSON Schemas that come with the project. */
public final class Schemas {

    private static final String NAMES = "urn:wild-chalk:schema:";

    private Schemas() {}

    /** What the schema of a drill, or of a surface by the file's ending, has against a file, a line each; empty when it fits. */
    public static List<String> check(Path file) throws IOException {
        JsonNode node = JsonTree.read(file).toJson();
        String kind = file.getFileName().toString().endsWith(SurfaceFile.SUFFIX) ? "surface" : "drill";
        return Loaded.BY_KIND.get(kind).validate(node).stream()
                .map(m -> m.getInstanceLocation() + ": " + m.getMessage())
                .sorted()
                .toList();
    }

    /** Read when first asked for: most runs check nothing. */
    private static final class Loaded {

        static final Map<String, JsonSchema> BY_KIND = load();

        private static Map<String, JsonSchema> load() {
            Map<String, String> texts = Map.of(NAMES + "drill:1", text("drill"), NAMES + "surface:1", text("surface"));
            JsonSchemaFactory factory = JsonSchemaFactory.getInstance(
                    SpecVersion.VersionFlag.V202012, b -> b.schemaLoaders(l -> l.schemas(texts)));
            return Map.of(
                    "drill", factory.getSchema(SchemaLocation.of(NAMES + "drill:1")),
                    "surface", factory.getSchema(SchemaLocation.of(NAMES + "surface:1")));
        }

        private static String text(String kind) {
            try (InputStream in = Schemas.class.getResourceAsStream(kind + ".schema.json")) {
                return new String(in.readAllBytes(), StandardCharsets.UTF_8);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
