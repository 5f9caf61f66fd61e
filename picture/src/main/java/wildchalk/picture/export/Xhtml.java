package wildchalk.picture.export;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Printable;

/** Pieces of what is read on paper, as XHTML: whatever somebody typed is text in it and nothing else. */
public final class Xhtml {

    /** What follows on a word stays on its line. */
    private static final String STOP = "[.,:;!?]?";

    private static final Pattern MEASURE =
            Pattern.compile("\\b(?:\\d+(?:\\.\\d+)? (?:m|yd|ft|s|min)|\\d{1,2}:\\d\\d)\\b" + STOP);

    private Xhtml() {}

    /** Text as a page may hold it, in an element or in an attribute. */
    public static String escape(String text) {
        return Printable.of(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("'", "&#39;");
    }

    /** Text as it may stand in a quoted CSS string inside XHTML: all but letters and digits by their numbers. */
    public static String cssText(String text) {
        StringBuilder css = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (Character.isLetterOrDigit(c) && c < 128) {
                css.appendCodePoint(c);
            } else {
                css.append('\\').append(Integer.toHexString(c)).append(' ');
            }
        });
        return css.toString();
    }

    /** With some words in bold, so that everybody finds his own. */
    public static String bold(String text, Collection<String> words) {
        String any = words.stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return any.isEmpty()
                ? escape(text)
                : marked(text, Pattern.compile("(?<!\\w)(?:" + any + ")(?!\\w)" + STOP), "<b>%s</b>");
    }

    /** A figure on one line with its unit, a time by the clock likewise. */
    public static String figures(String text) {
        return marked(text, MEASURE, "<span class=\"figure\">%s</span>");
    }

    /** Each piece is an element of its own: what stands outside all elements of a line is painted first, and read first. */
    private static String marked(String text, Pattern what, String as) {
        StringBuilder html = new StringBuilder();
        Matcher matcher = what.matcher(text);
        int end = 0;
        while (matcher.find()) {
            html.append(
                    matcher.start() > end ? "<span>" + escape(text.substring(end, matcher.start())) + "</span>" : "");
            html.append(as.formatted(escape(matcher.group())));
            end = matcher.end();
        }
        return end == 0
                ? escape(text)
                : html.append(end < text.length() ? "<span>" + escape(text.substring(end)) + "</span>" : "")
                        .toString();
    }

    /** A head and a list under it; nothing where there is nothing to list. */
    public static void optional(StringBuilder body, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            section(body, title, list(lines));
        }
    }

    /** A head and what stands under it. @param content as XHTML */
    public static void section(StringBuilder body, String title, String content) {
        body.append("<h2>").append(escape(title)).append("</h2>").append(content);
    }

    public static String paragraph(String text) {
        return "<p>" + figures(capital(text)).replace("\n", "<br/>") + "</p>";
    }

    public static String list(List<String> lines) {
        StringBuilder html = new StringBuilder("<ul>");
        lines.forEach(l -> html.append("<li>").append(figures(capital(l))).append("</li>"));
        return html.append("</ul>").toString();
    }

    /**
     * A place for a picture.
     *
     * @param kind which drawer draws it
     * @param data which of its pictures: {@code data-…} attributes and their values, alternately
     * @param alt what somebody hears who does not see it
     * @param wide mm
     * @param high mm
     */
    public static String object(String kind, String alt, double wide, double high, String... data) {
        StringBuilder attributes = new StringBuilder();
        for (int i = 0; i < data.length; i += 2) {
            attributes.append(" data-%s=\"%s\"".formatted(data[i], escape(data[i + 1])));
        }
        return "<object type=\"%s\"%s alt=\"%s\" style=\"width:%smm;height:%smm\"></object>"
                .formatted(kind, attributes, escape(alt), Numbers.fixed(wide, 1), Numbers.fixed(high, 1));
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
