package wildchalk.desktop.ui;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import javafx.collections.ListChangeListener;
import javafx.scene.Group;
import javafx.scene.Node;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ChildrenTest {

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theBoxHoldsWhatIsWantedAndWhatKeepsItsOrderIsNotTakenOut(long seed) {
        Random random = new Random(seed);
        List<Node> all = IntStream.range(0, 12).<Node>mapToObj(i -> new Group()).toList();
        List<Node> before = all.stream().filter(n -> random.nextBoolean()).toList();
        List<Node> wanted =
                new ArrayList<>(all.stream().filter(n -> random.nextBoolean()).toList());
        boolean mixed = seed % 3 == 0;
        if (mixed) {
            Collections.shuffle(wanted, random);
        }
        Group box = new Group(before);
        Set<Node> taken = new HashSet<>();
        box.getChildren().addListener((ListChangeListener<Node>) c -> {
            while (c.next()) {
                taken.addAll(c.getRemoved());
            }
        });
        Children.put(box.getChildren(), wanted);
        assertEquals(wanted, box.getChildren());
        taken.retainAll(wanted);
        assertEquals(mixed ? taken : Set.of(), taken);
    }
}
