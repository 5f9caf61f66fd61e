package wildchalk.core.text;

/** Numbers as letters: 0 is a, 25 is z, 26 is aa. Sentences of a talk-through are named so. */
public final class Letters {

    private Letters() {}

    public static String of(int number) {
        StringBuilder text = new StringBuilder();
        for (int n = number; n >= 0; n = n / 26 - 1) {
            text.insert(0, (char) ('a' + n % 26));
        }
        return text.toString();
    }
}
