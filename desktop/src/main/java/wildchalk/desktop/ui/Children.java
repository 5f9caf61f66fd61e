package wildchalk.desktop.ui;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.collections.ObservableList;
import javafx.scene.Node;

/** Changes what is in a box without taking out what stays: whatever is put in again is styled again. */
public final class Children {

    private Children() {}

    /** Makes a box hold just these, in this order. */
    public static void put(ObservableList<Node> box, List<Node> wanted) {
        Set<Node> stay = new HashSet<>(wanted);
        box.removeIf(n -> !stay.contains(n));
        for (int i = 0; i < wanted.size(); i++) {
            Node node = wanted.get(i);
            if (i >= box.size() || box.get(i) != node) {
                box.remove(node); // it stood further down
                box.add(i, node);
            }
        }
    }
}
