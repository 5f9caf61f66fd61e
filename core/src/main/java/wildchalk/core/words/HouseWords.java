package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wildchalk.core.text.Printable;
import wildchalk.core.text.Texts;

/**
 * A club's own names for spots, jobs and skills: what the tool would say, and what is said here. Whole words are put in, the
 * longest first, and none is looked at again.
 *
 * @param ours what is said here, by what the tool would say, both without blanks around them
 */
public record HouseWords(Map<String, String> ours) {

    public static final HouseWords NONE = new HouseWords(Map.of());

    /** Stands before a piece of a sentence. */
    private static final String BEFORE = "\u0001 ";

    private static final int LONGEST = 60;
    private static final int MOST = 300;

    public HouseWords {
        ours = Map.copyOf(ours);
    }

    /**
     * As they are written down, one a line: {@code the slot = the kitchen}. Empty lines, and those that begin with {@code #},
     * are left out.
     *
     * @throws IllegalArgumentException that says which line cannot be used, and why
     */
    public static HouseWords parse(String text) {
        Map<String, String> ours = new LinkedHashMap<>();
        List<String> lines = text.lines().toList();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (!line.isEmpty() && !line.startsWith("#")) {
                int equals = line.indexOf('=');
                String from = equals < 0 ? "" : line.substring(0, equals).strip();
                String to = equals < 0 ? "" : line.substring(equals + 1).strip();
                check(i + 1, line, from, to);
                ours.put(from, to);
            }
        }
        if (ours.size() > MOST) {
            throw new IllegalArgumentException(Texts.CORE.get("house.many", ours.size(), MOST));
        }
        return new HouseWords(ours);
    }

    private static void check(int number, String line, String from, String to) {
        if (from.isEmpty() || to.isEmpty()) {
            throw new IllegalArgumentException(Texts.CORE.get("house.line", number, line));
        }
        if (from.length() > LONGEST || to.length() > LONGEST) {
            throw new IllegalArgumentException(Texts.CORE.get("house.long", number, LONGEST));
        }
        if (!Printable.isPrintable(from) || !Printable.isPrintable(to)) {
            throw new IllegalArgumentException(Texts.CORE.get("house.signs", number));
        }
    }

    /** What is said here. */
    public String said(String text) {
        return put(text, ours);
    }

    /** What the tool would have said, of what somebody types who says it as here. */
    public String understood(String typed) {
        Map<String, String> theirs = new LinkedHashMap<>();
        ours.forEach((from, to) -> theirs.put(to, from));
        return put(typed, theirs);
    }

    private static String put(String text, Map<String, String> words) {
        if (words.isEmpty() || text.isEmpty()) {
            return text;
        }
        String any = words.keySet().stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        Map<String, String> small = new LinkedHashMap<>();
        words.forEach((from, to) -> small.putIfAbsent(from.toLowerCase(Locale.ROOT), to));
        Pattern pattern = Pattern.compile(
                "(?<![\\p{L}\\p{N}])(?:" + any + ")(?![\\p{L}\\p{N}])",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        return pattern.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(
                        capital(small.getOrDefault(m.group().toLowerCase(Locale.ROOT), m.group()), m.start() == 0)));
    }

    private static String capital(String words, boolean first) {
        return first && !words.isEmpty() ? words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) : words;
    }

    /** A talk-through as it is said here. */
    public TalkThrough of(TalkThrough talk) {
        return ours.isEmpty()
                ? talk
                : new TalkThrough(
                        all(talk.gear()),
                        all(talk.setUp()),
                        talk.steps().stream().map(this::of).toList(),
                        all(talk.rules()),
                        all(talk.rotation()),
                        all(talk.changes()),
                        all(talk.cautions()),
                        talk.unit());
    }

    /** Lines as they are said here. */
    public List<String> all(List<String> lines) {
        return lines.stream().map(this::said).toList();
    }

    private StepWords of(StepWords step) {
        return new StepWords(
                step.step(),
                step.title(),
                step.span(),
                step.sentences().stream().map(this::of).toList(),
                step.lines().stream()
                        .map(l -> new Line(l.moves(), said(l.text()), l.measures()))
                        .toList(),
                said(step.brief()),
                step.points(),
                step.numbers(),
                step.question());
    }

    private Sentence of(Sentence sentence) {
        List<Phrase> phrases = new ArrayList<>();
        for (Phrase phrase : sentence.phrases()) {
            phrases.add(phrase.match(
                    plain -> (Phrase) new Phrase.Plain(inside(plain.text()), plain.joins()),
                    slot -> new Phrase.Slot(
                            slot.what(),
                            inside(slot.text()),
                            slot.prompt(),
                            () -> slot.choices().stream()
                                    .map(c -> new Phrase.Choice(c.group(), inside(c.label()), c.change()))
                                    .toList())));
        }
        return new Sentence(sentence.move(), sentence.letter(), phrases, sentence.measures());
    }

    /** Of a piece of a sentence: its first word is not the first of the sentence. */
    private String inside(String piece) {
        return said(BEFORE + piece).substring(BEFORE.length());
    }
}
