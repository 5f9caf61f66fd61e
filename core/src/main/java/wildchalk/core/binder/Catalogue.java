package wildchalk.core.binder;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Step;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/**
 * Finds drills by what is in them: every word that is asked for must begin a word of the drill. Titles, tags, surface, gear,
 * labels, coaching points, head count, minutes and ages are known at once; the talk-through is added when it has been
 * worked out.
 */
public final class Catalogue {

    private static final Pattern NO_WORD = Pattern.compile("[^\\p{L}\\p{N}]+");

    private final Map<Path, String> words = new ConcurrentHashMap<>();

    /** Takes a drill in, without its talk-through. */
    public void add(Path file, Drill drill) {
        words.put(file, known(drill));
    }

    /** Adds what only the worked-out drill says. */
    public void addTalk(Path file, Drill drill) {
        TalkThrough talk = Words.of(RunThrough.of(drill, drill.base()), LengthUnit.METRES);
        StringBuilder text = new StringBuilder(known(drill));
        talk.setUp().forEach(s -> text.append(plain(s)));
        talk.steps().forEach(s -> s.sentences().forEach(w -> text.append(plain(w.text()))));
        words.put(file, text.toString());
    }

    private static String known(Drill drill) {
        StringBuilder text = new StringBuilder(" ");
        text.append(plain(drill.title())).append(plain(drill.notes()));
        drill.themes().forEach(t -> text.append(plain(t)));
        text.append(plain(drill.surface().title()))
                .append(plain(drill.surface().sportName()))
                .append(plain(drill.surfaceUse().view().name()));
        drill.audience().ages().forEach(a -> text.append(plain(a.label())));
        for (int n = drill.audience().players().min();
                n <= drill.audience().players().max();
                n++) {
            text.append(n).append("players ").append(n).append(' ');
        }
        text.append("players ").append(drill.audience().minutes()).append("min minutes ");
        drill.base().roles().forEach(r -> text.append(plain(r.label())));
        drill.base()
                .gear()
                .forEach(g -> text.append(plain(Texts.CORE.get("gear." + g.kind())))
                        .append(plain(Texts.CORE.get("chalk." + g.colour()))));
        for (Step step : drill.base().steps()) {
            step.points().forEach(p -> text.append(plain(p)));
        }
        return text.toString();
    }

    private static String plain(String text) {
        return NO_WORD.matcher(text.toLowerCase(Locale.ROOT)).replaceAll(" ") + " ";
    }

    /** Which of the files hold all the words; all of them when nothing is asked for. */
    public List<Path> find(List<Path> among, String query) {
        List<String> wanted = new ArrayList<>();
        for (String word : plain(query).strip().split(" ")) {
            if (!word.isEmpty()) {
                wanted.add(" " + word);
            }
        }
        return among.stream()
                .filter(f -> {
                    String text = words.getOrDefault(f, "");
                    return wanted.stream().allMatch(text::contains);
                })
                .toList();
    }
}
