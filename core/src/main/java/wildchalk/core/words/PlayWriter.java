package wildchalk.core.words;

import static wildchalk.core.words.Rewordings.deed;
import static wildchalk.core.words.SentenceWriter.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Joining;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.PlayEnd;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Zones;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.Numbers;

/** Writes open play: who against whom, where, until what, who comes in. */
final class PlayWriter {

    private static final List<Double> SECONDS = List.of(4.0, 6.0, 8.0, 10.0, 15.0, 20.0, 30.0, 45.0, 60.0);
    private static final List<Integer> POINTS = List.of(1, 2, 3, 5, 0);
    private static final List<Integer> PASSES = List.of(3, 4, 5, 6, 8, 10);

    private final Path path;
    private final Surface surface;

    PlayWriter(Path path, Surface surface) {
        this.path = path;
        this.surface = surface;
    }

    void write(List<Phrase> phrases, Act act, OpenPlay play) {
        phrases.add(new Phrase.Slot(SlotKind.KIND, text("play.plays"), "", () -> List.of()));
        phrases.add(new Phrase.Slot(SlotKind.OTHER, sides(act, play), "", () -> others(act, play)));
        phrases.add(new Phrase.Slot(
                SlotKind.WHERE,
                play.zone().flatMap(this::zone).map(z -> text("play.in", z)).orElse(""),
                text("play.where-prompt"),
                this::zones));
        phrases.add(new Phrase.Slot(SlotKind.ENDING, until(play), "", () -> endings(act, play)));
        phrases.add(new Phrase.Slot(SlotKind.SECONDS, "", text("play.seconds-prompt"), PlayWriter::seconds));
        phrases.add(
                new Phrase.Slot(SlotKind.HOW, joining(play), text("play.joining-prompt"), () -> joinings(act, play)));
    }

    private String sides(Act act, OpenPlay play) {
        Optional<Side> own = path.role(act.role()).map(Role::side);
        List<String> with = new ArrayList<>();
        List<String> against = new ArrayList<>();
        for (RoleId role : play.with()) {
            boolean same = path.role(role).map(Role::side).equals(own);
            (same ? with : against).add(label(role));
        }
        if (with.isEmpty()) {
            return text("play.against", ReadOut.list(against));
        }
        return against.isEmpty()
                ? text("play.with", ReadOut.list(with))
                : text("play.with-against", ReadOut.list(with), ReadOut.list(against));
    }

    private Optional<String> zone(String id) {
        return Zones.find(path, surface, id).map(Zone::name);
    }

    private String until(OpenPlay play) {
        List<String> all = play.endings().stream()
                .map(e -> ending(e, play) + score(play.scores().getOrDefault(e, 0)))
                .toList();
        int last = all.size() - 1;
        String joined =
                last == 0 ? all.get(0) : String.join(", ", all.subList(0, last)) + text("words.or") + all.get(last);
        return text("play.until", joined);
    }

    /** " for 2 points" */
    private static String score(int points) {
        return points == 0 ? "" : text(Math.abs(points) == 1 ? "play.for.one" : "play.for", points);
    }

    private String ending(PlayEnd end, OpenPlay play) {
        return ending(end, play, surface.ballName());
    }

    static String ending(PlayEnd end, OpenPlay play, String ball) {
        return text("play.end." + end, ball, Math.max(1, play.passes()));
    }

    private String joining(OpenPlay play) {
        List<String> all = play.joining().stream().map(this::joins).toList();
        return all.isEmpty() ? "" : String.join(", ", all);
    }

    private String joins(Joining j) {
        return text("play.joins", label(j.who()), label(j.at()));
    }

    // ---- choices ----

    private List<Phrase.Choice> others(Act act, OpenPlay play) {
        List<Phrase.Choice> all = new ArrayList<>();
        for (Role role : path.roles()) {
            if (role.id().equals(act.role())) {
                continue;
            }
            boolean there = play.with().contains(role.id());
            if (!there || play.with().size() > 1) {
                all.add(new Phrase.Choice(
                        text(there ? "words.without" : "words.and-also", role.label()),
                        deed(OpenPlay.class, p -> p.withOthers(toggled(p.with(), role.id())))));
            }
        }
        return all;
    }

    private static <T> List<T> toggled(List<T> list, T one) {
        List<T> all = new ArrayList<>(list);
        if (!all.remove(one)) {
            all.add(one);
        }
        return all;
    }

    private List<Phrase.Choice> zones() {
        List<Phrase.Choice> all = new ArrayList<>();
        all.add(new Phrase.Choice(text("play.anywhere"), deed(OpenPlay.class, p -> p.withZone(Optional.empty()))));
        List<Zone> zones = new ArrayList<>();
        path.layout().zones().forEach(z -> zones.add(z.asZone()));
        zones.addAll(surface.zones());
        zones.forEach(z -> all.add(new Phrase.Choice(
                text("play.in", z.name()), deed(OpenPlay.class, p -> p.withZone(Optional.of(z.id()))))));
        return all;
    }

    private List<Phrase.Choice> endings(Act act, OpenPlay play) {
        boolean open = !SentenceWriter.isDecidedByPath(path, act);
        List<Phrase.Choice> all = new ArrayList<>();
        for (PlayEnd end : PlayEnd.values()) {
            boolean there = play.endings().contains(end);
            String ends = ending(end, play);
            if (!there || play.endings().size() > 1) {
                all.add(new Phrase.Choice(
                        text(there ? "play.not-until" : "play.or-until", ends),
                        deed(OpenPlay.class, p -> p.withEndings(toggled(p.endings(), end)))));
            }
            if (there && open && end != play.ending()) {
                all.add(new Phrase.Choice(
                        text("play.ends-group"),
                        text("play.ends-with", ends),
                        deed(OpenPlay.class, p -> p.withEnding(end))));
            }
        }
        for (PlayEnd end : play.endings()) {
            for (int points : POINTS) {
                if (points != play.scores().getOrDefault(end, 0)) {
                    String what = text("play.score." + end, Math.max(1, play.passes()));
                    all.add(new Phrase.Choice(
                            text("play.scores-group"),
                            text(points == 0 ? "play.scores-nothing" : "play.scores", what, points),
                            deed(OpenPlay.class, p -> p.withScore(end, points))));
                }
            }
        }
        if (play.passes() > 0) {
            PASSES.forEach(n -> all.add(new Phrase.Choice(
                    text("play.passes-group"),
                    text("play.end.PASSES", surface.ballName(), n),
                    deed(OpenPlay.class, p -> p.passes() > 0 ? p.withPasses(n) : p))));
        }
        return all;
    }

    private static List<Phrase.Choice> seconds() {
        return SECONDS.stream()
                .map(s -> new Phrase.Choice(
                        text("play.about", Numbers.brief(s, 0), Numbers.brief(2 * s, 0)),
                        deed(OpenPlay.class, p -> p.withSeconds(s, 2 * s))))
                .toList();
    }

    private List<Phrase.Choice> joinings(Act act, OpenPlay play) {
        List<Phrase.Choice> all = new ArrayList<>();
        play.joining()
                .forEach(j -> all.add(new Phrase.Choice(
                        text("play.joins-not", label(j.who())),
                        deed(
                                OpenPlay.class,
                                p -> p.withJoining(p.joining().stream()
                                        .filter(x -> !x.equals(j))
                                        .toList())))));
        for (Role role : path.roles()) {
            boolean plays = role.id().equals(act.role()) || play.with().contains(role.id());
            if (plays || play.joining().stream().anyMatch(j -> j.who().equals(role.id()))) {
                continue;
            }
            Joining joins = new Joining(role.id(), act.role());
            all.add(new Phrase.Choice(
                    joins(joins), deed(OpenPlay.class, p -> p.withJoining(toggled(p.joining(), joins)))));
        }
        return all;
    }

    private String label(RoleId role) {
        return SentenceWriter.label(path, role);
    }
}
