package wildchalk.desktop.whistle;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import wildchalk.core.whistle.Cue;

/** Sounds for what comes. Where the machine has none, the screen alone says it. */
final class Horn {

    private static final float RATE = 44_100;
    private static final int LOUD = 26_000;
    private static final double FADE_SECONDS = 0.01;

    private final ExecutorService player = Executors.newSingleThreadExecutor(task -> {
        Thread t = new Thread(task, "wildchalk-horn");
        t.setDaemon(true);
        return t;
    });
    private volatile boolean silent;

    /** Whether this machine could not make a sound. */
    boolean isSilent() {
        return silent;
    }

    void sound(Cue cue) {
        double[][] tones =
                switch (cue) {
                    case PART, OVER -> new double[][] {{880, 0.25}, {0, 0.08}, {880, 0.25}, {0, 0.08}, {880, 0.6}};
                    case ROUND -> new double[][] {{660, 0.25}, {0, 0.08}, {880, 0.5}};
                    case SHIFT -> new double[][] {{988, 0.35}};
                    case REST -> new double[][] {{494, 0.35}};
                    case LAST_MINUTE -> new double[][] {{587, 0.15}, {0, 0.08}, {587, 0.15}};
                };
        player.execute(() -> play(tones));
    }

    private void play(double[][] tones) {
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        try (SourceDataLine line = AudioSystem.getSourceDataLine(format)) {
            line.open(format);
            line.start();
            for (double[] tone : tones) {
                byte[] samples = samples(tone[0], tone[1]);
                line.write(samples, 0, samples.length);
            }
            line.drain();
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException none) {
            silent = true;
        }
    }

    private static byte[] samples(double hertz, double seconds) {
        int count = (int) (RATE * seconds);
        byte[] bytes = new byte[2 * count];
        for (int i = 0; i < count; i++) {
            double edge = Math.min(1, Math.min(i, count - i) / (FADE_SECONDS * RATE));
            int value = (int) (LOUD * edge * Math.sin(2 * Math.PI * hertz * i / RATE));
            bytes[2 * i] = (byte) value;
            bytes[2 * i + 1] = (byte) (value >> 8);
        }
        return bytes;
    }

    void close() {
        player.shutdownNow();
    }
}
