package wildchalk.core.handout;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Question;
import wildchalk.core.session.Coach;
import wildchalk.core.session.CoachId;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan.Round;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.What;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.words.Line;
import wildchalk.core.words.PlanWriter;
import wildchalk.core.words.StepWords;
import wildchalk.core.words.TalkThrough;

/**
 * The hour as the head coach would run it, for somebody who stands in: what to say, word for word, what to do, and what gives when it
 * is late.
 *
 * @param first what has to be known before it begins
 * @param parts by the clock
 * @param late what to do with so many minutes less
 */
public record StandInScript(List<Said> first, List<Part> parts, List<String> late) {

    /** What is done with a line. */
    public enum Kind {
        /** Read aloud as it stands. */
        SAY,
        DO,
        WATCH,
        ASK,
        CARE,
        LATE
    }

    /** A line, and what is done with it. */
    public record Said(Kind kind, String text) {}

    /** @param minutes empty for a change-over, whose title has them */
    public record Part(String clock, String title, String minutes, List<Said> lines) {
        public Part {
            lines = List.copyOf(lines);
        }
    }

    /** So many minutes late it is worked out what gives. */
    private static final List<Integer> LATE_MINUTES = List.of(5, 10, 15);

    public StandInScript {
        first = List.copyOf(first);
        parts = List.copyOf(parts);
        late = List.copyOf(late);
    }

    public static StandInScript of(Hour hour) {
        return new Writer(hour).write();
    }

    /** Goes through the hour once. */
    private static final class Writer {

        private final Hour hour;
        private final Session session;
        private final PlanWriter writer;
        /** Who is stood in for: the first of the coaches. */
        private final Optional<CoachId> head;

        private final Set<Post.Which> told = new HashSet<>();

        Writer(Hour hour) {
            this.hour = hour;
            this.session = hour.session();
            this.writer = hour.writer();
            this.head = session.coaches().stream().findFirst().map(Coach::id);
        }

        StandInScript write() {
            List<Part> parts = new ArrayList<>();
            hour.plan().slots().forEach(s -> parts.add(s.change().isPresent() ? change(s) : block(s)));
            return new StandInScript(first(), parts, late());
        }

        private List<Said> first() {
            List<Said> lines = new ArrayList<>();
            if (!session.aims().isEmpty()) {
                lines.add(say(Kind.WATCH, text("script.aims", PlanWriter.list(session.aims()))));
            }
            session.coaches().stream()
                    .map(this::leads)
                    .flatMap(Optional::stream)
                    .forEach(l -> lines.add(say(Kind.DO, l)));
            writer.bring().ifPresent(b -> lines.add(say(Kind.DO, b)));
            writer.setOut().ifPresent(b -> lines.add(say(Kind.DO, b)));
            session.beside().forEach(b -> lines.add(say(Kind.DO, writer.besideLine(b) + ".")));
            if (!session.withoutHelper().isBlank()) {
                lines.add(say(Kind.LATE, text("script.without", session.withoutHelper())));
            }
            return lines;
        }

        /** What somebody who helps has to run, and when. */
        private Optional<String> leads(Coach coach) {
            List<String> stations = hour.posts().stream()
                    .filter(p -> p.coach().equals(Optional.of(coach.id())))
                    .map(p -> text("script.runs.what", p.title(), writer.clock(p.from())))
                    .distinct()
                    .toList();
            boolean you = head.equals(Optional.of(coach.id()));
            return stations.isEmpty()
                    ? Optional.empty()
                    : Optional.of(
                            you
                                    ? text("script.runs.you", PlanWriter.list(stations), coach.name())
                                    : text("script.runs", coach.name(), PlanWriter.list(stations)));
        }

        // ---- by the clock ----

        private Part change(Slot slot) {
            return new Part(
                    writer.clock(slot.from()),
                    text("script.change", PlanWriter.title(slot.block())),
                    "",
                    List.of(say(Kind.DO, writer.changing(slot.change().orElseThrow()) + ".")));
        }

        private Part block(Slot slot) {
            SessionBlock block = slot.block();
            List<Said> lines = new ArrayList<>();
            if (block.what() instanceof What.Plain plain) {
                plain(plain, writer.minutes(block), lines);
            } else {
                drilling(slot, lines);
            }
            if (!block.isWater()) {
                lines.add(say(Kind.LATE, gives(block)));
            }
            return new Part(writer.clock(slot.from()), PlanWriter.title(block), writer.minutes(block), lines);
        }

        private static void plain(What.Plain plain, String minutes, List<Said> lines) {
            if (plain.kind() == What.Kind.WATER) {
                lines.add(say(Kind.SAY, text("script.water", minutes)));
            } else if (!plain.text().isBlank()) {
                boolean talk = plain.kind() == What.Kind.TALK || plain.kind() == What.Kind.GAME;
                plain.text()
                        .lines()
                        .filter(l -> !l.isBlank())
                        .forEach(l -> lines.add(say(talk ? Kind.SAY : Kind.DO, l)));
            }
        }

        private void drilling(Slot slot, List<Said> lines) {
            if (!slot.block().aim().isBlank()) {
                lines.add(say(Kind.WATCH, text("script.aim", slot.block().aim())));
            }
            List<Post> posts = Post.of(slot);
            List<Round> rounds = slot.rounds();
            if (!rounds.isEmpty()) {
                send(rounds.get(0), "", lines);
            }
            boolean own = posts.stream()
                    .anyMatch(p -> p.coach().isPresent() && p.coach().equals(head));
            for (Post post : posts) {
                boolean others = own && !post.coach().equals(head);
                if (others) {
                    lines.add(say(Kind.DO, text("script.card", lead(post), post.title())));
                } else {
                    talk(post, posts.size() > 1, lines);
                }
            }
            for (Round round : rounds.subList(Math.min(1, rounds.size()), rounds.size())) {
                send(round, writer.clock(round.from()), lines);
            }
        }

        private String lead(Post post) {
            return post.coach().flatMap(session::coach).map(Coach::name).orElse(text("script.nobody"));
        }

        /** Who goes where: said aloud. */
        private void send(Round round, String clock, List<Said> lines) {
            List<String> where = round.stations().stream()
                    .filter(h -> !h.players().isEmpty())
                    .map(writer::goes)
                    .toList();
            if (where.size() > 1 || !clock.isEmpty()) {
                String said = String.join(" ", where);
                lines.add(say(Kind.SAY, clock.isEmpty() ? said : text("script.at", clock, said)));
            }
        }

        private void talk(Post post, boolean several, List<Said> lines) {
            TalkThrough talk = hour.talk(post);
            if (!told.add(post.which())) {
                lines.add(say(Kind.DO, text("script.before", post.title())));
                return;
            }
            String set = String.join(" ", talk.setUp());
            lines.add(say(Kind.DO, several ? text("script.at-station", post.title(), set) : set));
            if (!talk.gear().isEmpty()) {
                lines.add(say(Kind.DO, text("script.gear", PlanWriter.list(talk.gear()))));
            }
            talk.steps().forEach(s -> step(s, lines));
            talk.rules().forEach(r -> lines.add(say(Kind.SAY, r)));
            talk.rotation().forEach(r -> lines.add(say(Kind.SAY, r)));
            talk.cautions().forEach(c -> lines.add(say(Kind.CARE, c)));
        }

        private static void step(StepWords step, List<Said> lines) {
            String said = String.join(" ", step.lines().stream().map(Line::text).toList());
            if (!said.isBlank()) {
                lines.add(say(Kind.SAY, said));
            }
            step.points().forEach(p -> lines.add(say(Kind.WATCH, p)));
            step.question().map(Writer::asked).ifPresent(q -> lines.add(say(Kind.ASK, q)));
        }

        private static String asked(Question q) {
            return q.answer().isBlank() ? q.ask() : text("script.asked", q.ask(), q.answer());
        }

        // ---- when it is late ----

        private static String gives(SessionBlock block) {
            if (!Replan.mayGive(block)) {
                return text("script.stays");
            }
            double least = Replan.leastMinutes(block);
            return least < block.minutes() ? text("script.gives", Numbers.brief(least, 0)) : text("script.leave-out");
        }

        private List<String> late() {
            return LATE_MINUTES.stream()
                    .filter(m -> m < session.minutes())
                    .map(m -> {
                        List<Replan> ways = Replan.of(session, m, hour.library(), hour.squad());
                        return text(
                                "script.late",
                                m,
                                ways.isEmpty() ? text("replan.none") : writer.replan(ways.get(0)) + ".");
                    })
                    .toList();
        }

        private static Said say(Kind kind, String text) {
            return new Said(kind, text);
        }

        private static String text(String key, Object... arguments) {
            return Texts.CORE.get(key, arguments);
        }
    }
}
