package wildchalk.desktop.whistle;

import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says words with the voice that the machine has. Where it has none they are shown, and nothing else. */
final class Speech {

    private static final List<List<String>> VOICES =
            List.of(List.of("spd-say", "--wait"), List.of("espeak-ng"), List.of("espeak"), List.of("say"));

    private final Optional<List<String>> voice;
    private Process speaking;

    Speech() {
        this(System.getenv().getOrDefault("PATH", ""));
    }

    /** @param path where programs are looked for */
    Speech(String path) {
        voice = VOICES.stream().filter(v -> isThere(path, v.get(0))).findFirst();
    }

    private static boolean isThere(String path, String program) {
        for (String folder : path.split(File.pathSeparator)) {
            if (!folder.isEmpty() && new File(folder, program).canExecute()) {
                return true;
            }
        }
        return false;
    }

    boolean isThere() {
        return voice.isPresent();
    }

    /** What is said before is broken off: the newest call counts. */
    void say(String words) {
        voice.ifPresent(program -> {
            quiet();
            List<String> command = new ArrayList<>(program);
            command.add(words);
            try {
                speaking = new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .start();
            } catch (IOException gone) {
                speaking = null;
            }
        });
    }

    void quiet() {
        if (speaking != null) {
            speaking.destroy();
        }
    }
}
