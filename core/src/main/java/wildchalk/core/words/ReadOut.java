package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.text.Numbers;

/**
 * Tells a step as a coach reads it to the players: in the order of time, what one does in one go as one sentence, what several do
 * alike once, and what starts somebody before what he does. Never more than {@link #MOST_WORDS} words in a breath.
 */
final class ReadOut {

    /** Longer sentences are not followed by somebody who hears them once. */
    static final int MOST_WORDS = 22;

    /** Who sets off within this (s) of each other do so together. */
    private static final double TOGETHER_SECONDS = 1.0;

    private static final String AND = text("words.and", "").strip() + " ";

    private static final String AT = " " + text("words.at-goal", "");

    private static final Pattern NUMBERED = Pattern.compile("(\\p{L}+)(\\d{1,3})");

    /** How landmarks of the home end are told from those of the other. */
    static final String SURFACE_END = text("landmark.own", "").strip();

    private ReadOut() {}

    /** @param clauses what the moves of one step say, in their order on the board */
    static List<Line> lines(List<Clause> clauses) {
        List<Breath> chained = chains(besideEachOther(inOrderOfTime(saidAloud(clauses))));
        List<Breath> together = new ArrayList<>();
        for (Breath next : chained) {
            boolean joined = false;
            for (int i = together.size() - 1; i >= 0 && !joined; i--) {
                Optional<Breath> both = together.get(i).with(next, i + 1 == together.size());
                if (both.isPresent()) {
                    together.set(i, both.get());
                    joined = true;
                }
            }
            if (!joined) {
                together.add(next);
            }
        }
        return said(together);
    }

    /** What one player does, or what others do to him, each move by itself but for what he does in one go. */
    static List<Line> linesAlone(List<Clause> clauses) {
        return said(chains(inOrderOfTime(clauses)));
    }

    private static List<Line> said(List<Breath> breaths) {
        List<Line> lines = new ArrayList<>();
        String before = "";
        for (Breath breath : breaths) {
            String cue = breath.cue();
            boolean again = !cue.isEmpty() && cue.equals(before);
            breath.sayings(again).forEach(lines::add);
            before = cue;
        }
        return lines;
    }

    /** Nobody is told that somebody waits, but where nothing else is done. */
    private static List<Clause> saidAloud(List<Clause> clauses) {
        List<Clause> said = clauses.stream()
                .filter(c -> !(c.move() instanceof Act a && a.deed() instanceof Deed.Waiting))
                .toList();
        return said.isEmpty() ? clauses : said;
    }

    /** Where a whole team goes the same way, that way is told and not where each of them ends. */
    private static List<Clause> besideEachOther(List<Clause> clauses) {
        return clauses.stream()
                .map(c -> goWithHim(c, clauses) ? c.goingStraight() : c)
                .toList();
    }

    private static boolean goWithHim(Clause clause, List<Clause> all) {
        if (clause.straight().isEmpty()) {
            return false;
        }
        Set<RoleId> beside = new HashSet<>();
        all.stream().filter(clause::isBeside).forEach(c -> beside.add(c.move().role()));
        return beside.size() > 1
                && beside.equals(Set.copyOf(clause.team().orElseThrow().roles()));
    }

    private static List<Clause> inOrderOfTime(List<Clause> clauses) {
        return clauses.stream()
                .sorted(Comparator.comparing(
                        c -> c.span().happens() ? Math.round(c.span().start() * 20) / 20.0 : Double.MAX_VALUE))
                .toList();
    }

    /** Each player's moves that belong together become one breath. */
    private static List<Breath> chains(List<Clause> clauses) {
        List<Breath> breaths = new ArrayList<>();
        Map<RoleId, Integer> last = new HashMap<>();
        for (Clause clause : clauses) {
            Integer at = last.get(clause.move().role());
            Optional<Breath> longer =
                    at == null ? Optional.empty() : breaths.get(at).then(clause);
            if (longer.isPresent()) {
                breaths.set(at, longer.get());
            } else {
                last.put(clause.move().role(), breaths.size());
                breaths.add(Breath.of(clause));
            }
            // what somebody does with a ball that came meanwhile is not told before it comes
            if (clause.move() instanceof Pass pass) {
                pass.receiver().ifPresent(last::remove);
            }
        }
        return breaths;
    }

    private static int words(String text) {
        return text.split(" ").length;
    }

    private static String text(String key, Object... arguments) {
        return SentenceWriter.text(key, arguments);
    }

    /** "A, B and C"; "A1 to A4" where they are numbered. */
    static String list(List<String> all) {
        if (all.size() > 2 && areNumbered(all)) {
            return text("aloud.from-to", all.get(0), all.get(all.size() - 1));
        }
        return all.size() == 1
                ? all.get(0)
                : text("aloud.list", String.join(", ", all.subList(0, all.size() - 1)), all.get(all.size() - 1));
    }

    /** Whether each label is the one before with the next number. */
    private static boolean areNumbered(List<String> labels) {
        for (int i = 0; i < labels.size(); i++) {
            Matcher matcher = NUMBERED.matcher(labels.get(i));
            boolean next = matcher.matches()
                    && (i == 0
                            || labels.get(i - 1).equals(matcher.group(1) + (Integer.parseInt(matcher.group(2)) - 1)));
            if (!next) {
                return false;
            }
        }
        return true;
    }

    /**
     * A sentence in the making.
     *
     * @param chain what its first player does, in order
     * @param others who does exactly the same
     * @param gapped who does the same somewhere else
     */
    private record Breath(List<Clause> chain, List<Breath> others, List<Clause> gapped, boolean swap) {

        static Breath of(Clause clause) {
            return new Breath(List.of(clause), List.of(), List.of(), false);
        }

        private Clause first() {
            return chain.get(0);
        }

        /** What starts it, if that is somebody else's doing. */
        String cue() {
            Clause.Whose whose = first().cue().whose();
            return whose == Clause.Whose.OTHERS || whose == Clause.Whose.WHISTLE
                    ? first().cue().text()
                    : "";
        }

        /** The same player goes on, if it can be told in one breath. */
        Optional<Breath> then(Clause next) {
            if (chain.size() > 2 || !follows(next)) {
                return Optional.empty();
            }
            Breath longer = new Breath(with(chain, next), others, gapped, false);
            return Optional.of(longer).filter(b -> words(b.saying(false)) <= MOST_WORDS);
        }

        private boolean follows(Clause next) {
            Clause end = chain.get(chain.size() - 1);
            return next.cue().whose() == Clause.Whose.NOBODY && next.goesOn()
                    || next.cue().own().equals(Optional.of(end.move().id()));
        }

        /** Somebody else does the same, or changes places with the first, or goes elsewhere in the same way. */
        Optional<Breath> with(Breath other, boolean next) {
            boolean near =
                    Math.abs(first().span().start() - other.first().span().start()) < TOGETHER_SECONDS;
            boolean sameCue = first().cue().text().equals(other.first().cue().text());
            if (!near || !sameCue || swap || first().who().equals(other.first().who())) {
                return Optional.empty();
            }
            Optional<Breath> both = Optional.empty();
            if (gapped.isEmpty() && predicate().equals(other.predicate())) {
                both = Optional.of(new Breath(
                        chain, Stream.concat(others.stream(), Stream.of(other)).toList(), gapped, false));
            } else if (next && others.isEmpty() && isOneRun() && other.isOneRun()) {
                boolean swaps = gapped.isEmpty() && first().changesPlacesWith(other.first());
                boolean alike = first().does().equals(other.first().does())
                        && !first().isMeasured()
                        && !other.first().isMeasured()
                        && Stream.concat(Stream.of(first()), gapped.stream())
                                .noneMatch(c -> c.place().equals(other.first().place()));
                both = swaps
                        ? Optional.of(new Breath(chain, List.of(other), List.of(), true))
                        : alike
                                ? Optional.of(new Breath(chain, others, with(gapped, other.first()), false))
                                : Optional.empty();
            }
            return both.filter(b -> words(b.saying(false)) <= MOST_WORDS);
        }

        /** One run to one place, with nothing behind it. */
        private boolean isOneRun() {
            return chain.size() == 1
                    && first().move() instanceof Travel
                    && !first().where().isEmpty()
                    && first().tail().isEmpty();
        }

        private static List<Clause> with(List<Clause> list, Clause one) {
            return Stream.concat(list.stream(), Stream.of(one)).toList();
        }

        /** What the chain says behind the name. */
        private String predicate() {
            String said = first().predicate();
            for (int i = 1; i < chain.size(); i++) {
                said = join(said, chain.get(i), i > 1);
            }
            return said;
        }

        private static String join(String said, Clause next, boolean again) {
            Clause.Cue cue = next.cue();
            String more = withoutPlace(next.predicate(), said);
            if (cue.whose() == Clause.Whose.NOBODY || cue.atEnd()) {
                return text(again ? "aloud.and" : "aloud.then", said, more);
            } else if (cue.delaySeconds() > Clause.SOON_SECONDS) {
                return text("aloud.later", said, more, Numbers.brief(Math.round(2 * cue.delaySeconds()) / 2.0, 1));
            }
            boolean way = cue.ofTravel() && !(next.move() instanceof Travel) && !again;
            return text(way ? "aloud.on-the-way" : "aloud.and", said, more);
        }

        /** Who goes to the basket shoots, and not "at the basket" once more. */
        private static String withoutPlace(String more, String said) {
            int at = more.indexOf(AT);
            String place = at < 0 ? "" : more.substring(at + AT.length());
            return !place.isEmpty() && said.contains(place) ? more.substring(0, at) : more;
        }

        private String saying(boolean cueAgain) {
            List<String> who = new ArrayList<>(List.of(first().who()));
            others.forEach(o -> who.add(o.first().who()));
            Optional<String> team = team();
            String then = first().isNext() && others.isEmpty() ? text("words.then") + " " : "";
            String does = swap ? text("aloud.swap") : predicate();
            String said = team.orElseGet(() -> list(who)) + " " + then
                    + (others.isEmpty() || swap ? does : Clause.ofMany(does));
            if (!gapped.isEmpty()) {
                List<String> all = new ArrayList<>(List.of(said));
                gapped.forEach(g -> all.add(g.who() + " " + g.where()));
                said = list(all);
            }
            return whole(said, cueAgain);
        }

        /** "All of Blue", where everybody of a team does it and nobody else. */
        private Optional<String> team() {
            Set<RoleId> who = new HashSet<>();
            who.add(first().move().role());
            others.forEach(o -> who.add(o.first().move().role()));
            return first().team()
                    .filter(t -> who.size() > 1 && who.equals(Set.copyOf(t.roles())))
                    .map(t -> text("team.all", t.name()));
        }

        private String whole(String said, boolean cueAgain) {
            Clause.Cue cue = first().cue();
            return switch (cue.whose()) {
                case NOBODY -> said;
                case WHISTLE -> text("aloud.whistle", said, cue.text());
                case OWN_BALL -> text("aloud.own-ball", said, cue.text());
                case OTHERS -> cueAgain ? text("aloud.same-time", said) : text("aloud.cue", said, cue.text());
                case OWN_MOVE -> afterOwn(said, cue);
            };
        }

        private static String afterOwn(String said, Clause.Cue cue) {
            String seconds = Numbers.brief(Math.round(2 * cue.delaySeconds()) / 2.0, 1);
            return cue.delaySeconds() > Clause.SOON_SECONDS
                    ? text("aloud.later-on", said, seconds)
                    : cue.atEnd() && cue.ofTravel() ? text("aloud.once-there", said) : said;
        }

        List<Line> sayings(boolean cueAgain) {
            List<Clause> all = Stream.of(
                            chain.stream(), others.stream().flatMap(o -> o.chain().stream()), gapped.stream())
                    .flatMap(s -> s)
                    .toList();
            List<MoveId> moves = all.stream().map(c -> c.move().id()).toList();
            List<Measure> measures =
                    all.stream().flatMap(c -> c.sentence().measures().stream()).toList();
            List<String> said = all.size() == 1 ? breaths(cueAgain) : List.of(saying(cueAgain));
            List<Line> lines = new ArrayList<>();
            for (String text : said) {
                lines.add(new Line(moves, sentence(text), lines.isEmpty() ? measures : List.of()));
            }
            return lines;
        }

        /** One move in as many breaths as it takes: what is done on the way, where it leads, what is done there. */
        private List<String> breaths(boolean cueAgain) {
            List<String> pieces = Stream.of(
                            Stream.of(first().does().split("(?<=,) |(?= (and|without) )")),
                            Stream.of(first().where()),
                            Stream.of(first().tail().split("(?= and )")))
                    .flatMap(s -> s)
                    .map(p -> p.strip().replaceAll(" +", " "))
                    .filter(p -> !p.isEmpty())
                    .toList();
            List<String> said = new ArrayList<>(List.of(saying(cueAgain)));
            if (words(said.get(0)) <= MOST_WORDS) {
                return said;
            }
            said.clear();
            String now = pieces.get(0);
            for (String piece : pieces.subList(1, pieces.size())) {
                String longer = now + " " + piece;
                if (words(breath(longer, said.isEmpty(), cueAgain)) <= MOST_WORDS) {
                    now = longer;
                } else {
                    said.add(breath(now, said.isEmpty(), cueAgain));
                    now = piece;
                }
            }
            said.add(breath(now, said.isEmpty(), cueAgain));
            return said;
        }

        private String breath(String words, boolean begins, boolean cueAgain) {
            String who = first().who();
            if (begins) {
                return whole(who + " " + words, cueAgain);
            }
            String bare = words.replaceFirst("^" + AND, "");
            if (first().move() instanceof Act act && act.deed() instanceof OpenPlay) {
                return text("aloud.plays-on", bare);
            }
            boolean verb = SecondPerson.isVerb(bare.split(" ")[0]);
            return text(verb ? "aloud.next" : "aloud.goes-on", who, bare);
        }

        private static String sentence(String words) {
            String once = endOnce(words.replaceFirst(",$", "").replaceAll("(?<=\\w) \\([a-z]{1,2}\\)(?= )", ""));
            return Character.toUpperCase(once.charAt(0)) + once.substring(1) + ".";
        }

        /** "At the near end" is heard once, with the last place. */
        private static String endOnce(String words) {
            String end = " " + SURFACE_END;
            int last = words.lastIndexOf(end);
            return last < 0 ? words : words.substring(0, last).replace(end, "") + words.substring(last);
        }
    }
}
