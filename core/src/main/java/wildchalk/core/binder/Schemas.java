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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.json.JsonTree;

/** Checks files against the JSON Schemas that come with the project. */
public final class Schemas {

    private static final String NAMES = "urn:wild-chalk:schema:";

    private Schemas() {}

    private static final List<String> KINDS = List.of("drill", "surface", "squad", "session", "log");

    /** What the schema of a file's kind has against a file, a line each; empty when it fits. */
    public static List<String> check(Path file) throws IOException {
        JsonNode node = JsonTree.read(file).toJson();
        return Loaded.BY_KIND.get(kind(file.getFileName().toString())).validate(node).stream()
                .map(m -> m.getInstanceLocation() + ": " + m.getMessage())
                .sorted()
                .toList();
    }

    private static String kind(String name) {
        return name.endsWith(SurfaceFile.SUFFIX)
                ? "surface"
                : name.endsWith(SquadFile.SUFFIX)
                        ? "squad"
                        : name.endsWith(SessionFile.NAME) ? "session" : name.endsWith(LogFile.NAME) ? "log" : "drill";
    }

    /** Read when first asked for: most runs check nothing. */
    private static final class Loaded {

        static final Map<String, JsonSchema> BY_KIND = load();

        private static Map<String, JsonSchema> load() {
            Map<String, String> texts = new HashMap<>();
            KINDS.forEach(k -> texts.put(NAMES + k + ":1", text(k)));
            JsonSchemaFactory factory = JsonSchemaFactory.getInstance(
                    SpecVersion.VersionFlag.V202012, b -> b.schemaLoaders(l -> l.schemas(texts)));
            Map<String, JsonSchema> all = new HashMap<>();
            KINDS.forEach(k -> all.put(k, factory.getSchema(SchemaLocation.of(NAMES + k + ":1"))));
            return all;
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
