package wildchalk.core.handout;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.reps.Block;
import wildchalk.core.session.Beside;
import wildchalk.core.session.Coach;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.What;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Ordinals;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;

/**
 * An hour for one player: when he is where, where he begins, what he plays, in the second person. As the block is worked out: who
 * stands otherwise plays otherwise.
 *
 * @param name as he is called
 * @param wears "blue bib"; nothing where his group has none
 * @param stretches by the clock; those in which nothing is said to him are left out
 */
public record PlayerPart(
        PlayerId player, String name, String session, String when, Optional<String> wears, List<Stretch> stretches) {

    /**
     * What one does in some minutes.
     *
     * @param from seconds from the start of the session
     * @param title what is on, and with whom
     * @param start where he begins and what he plays, in the second person; nothing where no drill is run
     * @param plays what he has to know of each role that he plays, in the order in which they come
     * @param share what is worked out for him; empty where no drill is run, or he stands aside
     * @param post where; empty where no drill is run
     */
    public record Stretch(
            double from,
            double to,
            String clock,
            String title,
            String start,
            Map<RoleId, List<String>> plays,
            Optional<Block.Share> share,
            Optional<Post> post) {

        public Stretch {
            plays = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(plays));
        }
    }

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    public PlayerPart {
        stretches = List.copyOf(stretches);
    }

    /** One for everybody who is there, in the order of the squad. */
    public static List<PlayerPart> of(Hour hour) {
        return hour.plan().present().stream().map(p -> of(hour, p)).toList();
    }

    public static PlayerPart of(Hour hour, PlayerId player) {
        return new Writer(hour, player).write();
    }

    /** As it is pasted into a message: short lines, nothing that needs a picture. */
    public String message() {
        StringBuilder text = new StringBuilder();
        text.append(session).append("\n").append(when).append("\n");
        text.append(wears.map(w -> text("part.hour.name.wears", name, w)).orElseGet(() -> text("part.hour.name", name)))
                .append("\n");
        for (Stretch s : stretches) {
            text.append("\n").append(s.clock()).append(" ").append(s.title()).append("\n");
            if (!s.start().isEmpty()) {
                text.append(s.start()).append("\n");
            }
            s.plays()
                    .values()
                    .forEach(lines -> lines.forEach(l -> text.append(l).append("\n")));
        }
        return text.toString();
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }

    /** Goes through the hour with one player. */
    private static final class Writer {

        private final Hour hour;
        private final Session session;
        private final PlanWriter writer;
        private final PlayerId player;

        Writer(Hour hour, PlayerId player) {
            this.hour = hour;
            this.session = hour.session();
            this.writer = hour.writer();
            this.player = player;
        }

        PlayerPart write() {
            List<Stretch> all = new ArrayList<>();
            for (Slot slot : hour.plan().slots()) {
                if (slot.change().isEmpty()) {
                    stretches(slot, all);
                }
            }
            session.beside().stream().filter(b -> b.players().contains(player)).forEach(b -> all.add(beside(b)));
            all.sort(java.util.Comparator.comparingDouble(Stretch::from));
            return new PlayerPart(
                    player,
                    writer.name(player.text()),
                    session.title(),
                    text(
                            "part.hour.when",
                            DAY.format(session.date()),
                            writer.clock(0),
                            writer.clock(60.0 * session.minutes()),
                            session.floor().surface().title()),
                    group().flatMap(Group::bib).map(b -> text("part.hour.bib", Texts.CORE.get("chalk." + b))),
                    all);
        }

        private Optional<Group> group() {
            return session.groups().stream()
                    .filter(g -> g.players().contains(player))
                    .findFirst();
        }

        private void stretches(Slot slot, List<Stretch> all) {
            if (slot.block().what() instanceof What.Plain plain) {
                boolean away = session.beside().stream()
                        .anyMatch(b -> b.players().contains(player)
                                && 60 * b.from() <= slot.from() + 1
                                && 60 * (b.from() + b.minutes()) >= slot.to() - 1);
                if (!away) {
                    all.add(plain(slot, plain));
                }
                return;
            }
            for (Post post : Post.of(slot)) {
                for (Post.Visit visit : post.visits()) {
                    if (visit.here().players().contains(player)) {
                        all.add(drilling(post, visit));
                    }
                }
            }
        }

        private Stretch plain(Slot slot, What.Plain plain) {
            String title = PlanWriter.title(slot.block());
            // what is done is for everybody; what is talked about is the coach's
            String start = plain.kind() == What.Kind.TALK ? "" : plain.text().strip();
            return new Stretch(
                    slot.from(),
                    slot.to(),
                    writer.clock(slot.from()),
                    title,
                    start,
                    Map.of(),
                    Optional.empty(),
                    Optional.empty());
        }

        private Stretch beside(Beside b) {
            return new Stretch(
                    60 * b.from(),
                    60 * (b.from() + b.minutes()),
                    writer.clock(60 * b.from()),
                    writer.beside(b),
                    b.text().strip(),
                    Map.of(),
                    Optional.empty(),
                    Optional.empty());
        }

        private Stretch drilling(Post post, Post.Visit visit) {
            Optional<Block.Share> share =
                    Optional.ofNullable(visit.here().cast().get(player));
            Map<RoleId, List<String>> plays = new LinkedHashMap<>();
            share.ifPresent(s ->
                    s.roles().forEach(r -> plays.put(r, part(post, r, s.roles().size() == 1))));
            return new Stretch(
                    visit.round().from(),
                    visit.round().to(),
                    writer.clock(visit.round().from()),
                    title(post, visit),
                    share.map(s -> start(post, s) + otherwise(post, visit)).orElseGet(() -> text("part.hour.aside")),
                    plays,
                    share,
                    Optional.of(post));
        }

        /** Who plays one role knows its name from how he starts. */
        private List<String> part(Post post, RoleId role, boolean one) {
            List<String> lines = hour.part(post, role);
            return one ? lines.subList(1, lines.size()) : lines;
        }

        private String title(Post post, Post.Visit visit) {
            String drill = post.setUp().drill().title();
            String version = visit.here().station().version().isEmpty()
                    ? drill
                    : text("plan.version", drill, post.setUp().path().version().title());
            String mirrored = visit.here().station().place().mirrored() ? text("plan.mirrored", version) : version;
            String where =
                    Post.of(post.slot()).size() > 1 ? text("part.hour.station", mirrored, post.number()) : mirrored;
            return post.coach()
                    .flatMap(session::coach)
                    .map(Coach::name)
                    .map(c -> text("plan.leads", where, c))
                    .orElse(where);
        }

        /** What a part says is as it is to begin with. */
        private static String otherwise(Post post, Post.Visit visit) {
            return post.isOtherwise(visit) ? " " + text("part.hour.mirrored") : "";
        }

        /** "You start third in line B. You play LB. 19 turns." */
        private String start(Post post, Block.Share share) {
            List<String> roles = share.roles().stream().map(r -> label(post, r)).toList();
            List<String> said = new ArrayList<>();
            share.line()
                    .flatMap(l -> post.setUp().path().lines().stream()
                            .filter(x -> x.id().equals(l))
                            .findFirst())
                    .ifPresent(l -> said.add(text("part.hour.line", Ordinals.of(share.place()), l.label())));
            if (share.stays() || share.line().isEmpty() && roles.size() == 1) {
                said.add(text("part.hour.stays", roles.get(0)));
            } else {
                said.add(
                        roles.size() == 1
                                ? text("part.hour.plays", roles.get(0))
                                : text("part.hour.plays.many", String.join(text("part.hour.then"), roles)));
            }
            int turns = share.turns().size();
            if (!share.stays()) {
                said.add(turns == 1 ? text("part.hour.turn") : text("part.hour.turns", turns));
            }
            return String.join(" ", said);
        }

        private static String label(Post post, RoleId role) {
            return post.setUp().path().role(role).map(Role::label).orElse(role.text());
        }
    }
}
