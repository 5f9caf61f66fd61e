package wildchalk.core.json;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.geometry.Point;

/** The text of files reads back as what was written, and a change of one thing changes one line. */
class JsonTextTest {

    private static final ObjectMapper JSON = new ObjectMapper();

    @Test
    void numbersReadBackToTheLastBit() throws IOException {
        Random random = new Random(11);
        for (int i = 0; i < 20_000; i++) {
            double value = i % 3 == 0 ? random.nextInt(2000) - 1000 : (random.nextDouble() - 0.5) * 1000;
            JsonNode read = JSON.readTree(JsonText.number(value).toString());
            assertEquals(value, read.asDouble());
            assertTrue(value != Math.rint(value) || !read.isDouble(), "whole numbers stand without a point: " + read);
        }
    }

    @Test
    void anyTreeReadsBackAsItself() throws IOException {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            JsonNode tree = tree(random, 0);
            assertEquals(tree, JSON.readTree(JsonText.of(tree)));
        }
    }

    private static JsonNode tree(Random random, int depth) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        int kind = depth > 4 ? random.nextInt(4) : random.nextInt(6);
        switch (kind) {
            case 0:
                return make.numberNode(random.nextInt(1000));
            case 1:
                return make.textNode("a\"b\\c\n\u00e9\u4e2d " + random.nextInt(10));
            case 2:
                return make.booleanNode(random.nextBoolean());
            case 3:
                return make.nullNode();
            case 4:
                var array = make.arrayNode();
                for (int i = 0; i < random.nextInt(5); i++) {
                    array.add(tree(random, depth + 1));
                }
                return array;
            default:
                ObjectNode object = make.objectNode();
                for (int i = 0; i < random.nextInt(5); i++) {
                    object.set("key " + i, tree(random, depth + 1));
                }
                return object;
        }
    }

    @Test
    void oneChangeIsOneLineOfADiff() {
        var drill = Demo.read("crossing-backs");
        String[] before = DrillFile.ofNew(drill).toText().split("\n");
        var moved = drill.base().with(drill.base().roles().get(1).withAt(new Point(4.5, -1)));
        String[] after = DrillFile.ofNew(drill.withProgression(moved)).toText().split("\n");
        assertEquals(before.length, after.length);
        int different = 0;
        for (int i = 0; i < before.length; i++) {
            different += before[i].equals(after[i]) ? 0 : 1;
        }
        assertEquals(1, different);
    }
}
