package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.path.Path;

/** Random rotations for tests: nobody moves in their reps, everybody goes somewhere after them. */
public final class RandomRotations {

    private RandomRotations() {}

    static LineId line(int i) {
        return new LineId("l" + i);
    }

    static RoleId role(int i) {
        return new RoleId("r" + i);
    }

    /** So many lines, each feeding some of the roles; roles that no line feeds have places of their own. */
    static Path path(List<List<Integer>> feeds, List<Integer> standing, int roles, List<Rotation> rotation) {
        Drills drill = Drills.blank();
        for (int i = 0; i < roles; i++) {
            drill.role("r" + i, Side.ATTACK, i, 0);
        }
        List<WaitingLine> lines = new ArrayList<>();
        for (int i = 0; i < feeds.size(); i++) {
            lines.add(new WaitingLine(
                    line(i),
                    "L" + i,
                    new Point(i, 5),
                    0,
                    feeds.get(i).stream().map(RandomRotations::role).toList(),
                    standing.get(i)));
        }
        Progression p = drill.progression().withLines(lines);
        return Path.usual(p.withCourse(Course.PLAIN.withRotation(rotation)));
    }

    /** Lines, places, and where everybody goes, as chance will have it. */
    public static Path of(long seed) {
        Random random = new Random(seed);
        int lines = 1 + random.nextInt(3);
        int roles = 1 + random.nextInt(5);
        List<List<Integer>> feeds = new ArrayList<>();
        IntStream.range(0, lines).forEach(i -> feeds.add(new ArrayList<>()));
        for (int r = 0; r < roles; r++) {
            if (random.nextInt(4) > 0) {
                feeds.get(random.nextInt(lines)).add(r);
            }
        }
        List<Integer> standing = feeds.stream()
                .map(f -> Math.max(1, f.size() + random.nextInt(4)))
                .toList();
        List<Rotation> rotation = new ArrayList<>();
        if (random.nextBoolean()) {
            // everybody takes somebody's place: nothing can drift
            List<Integer> to = new ArrayList<>(IntStream.range(0, roles).boxed().toList());
            Collections.shuffle(to, random);
            for (int r = 0; r < roles; r++) {
                rotation.add(Rotation.toRole(role(r), role(to.get(r))));
            }
        } else {
            for (int r = 0; r < roles; r++) {
                int how = random.nextInt(4);
                if (how < 2) {
                    rotation.add(Rotation.toLine(role(r), line(random.nextInt(lines))));
                } else if (how == 2) {
                    rotation.add(Rotation.stay(role(r)));
                }
            }
        }
        return path(feeds, standing, roles, rotation);
    }
}
