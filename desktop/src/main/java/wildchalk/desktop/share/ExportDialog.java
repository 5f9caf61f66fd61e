package wildchalk.desktop.share;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.stage.Window;
import wildchalk.core.path.Outcomes;
import wildchalk.core.words.Register;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.ui.Aside;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.Export.Choice;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.ExportOptions.Shown;
import wildchalk.picture.export.Paper;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Asks before a file is made what matters for one of its kind, and shows what would come of it. */
final class ExportDialog {

    private static final int NO_STEP = -1;

    private final Export kind;
    private final Told told;
    /** Whether all ways of the version that is open fit in. */
    private final boolean fit;

    private final PreviewPane preview = new PreviewPane();
    private final Asked<ExportOptions> asked;

    private ExportDialog(Export kind, Told told, ExportOptions how, boolean fit) {
        this.fit = fit;
        this.kind = kind;
        this.told = told;
        this.asked = new Asked<>(how, this::look);
    }

    /** @return how it is to be made; empty when somebody would rather not */
    static Optional<ExportOptions> ask(Window owner, Export kind, Told told, ExportOptions usual) throws IOException {
        // counting the ways of a large drill takes a while: the window goes on meanwhile
        boolean fit = Aside.call(() -> fit(kind, told));
        return new ExportDialog(kind, told, usual, fit).ask(owner);
    }

    private static boolean fit(Export kind, Told told) {
        return kind.mostWays() == Integer.MAX_VALUE
                || !kind.asks().contains(Choice.WAYS)
                || !Outcomes.areMoreThan(told.run().version(), kind.mostWays());
    }

    private Optional<ExportOptions> ask(Window owner) {
        for (Choice choice : Choice.values()) {
            if (kind.asks().contains(choice)) {
                field(choice);
            }
        }
        look(asked.how());
        return AskingDialog.ask(owner, kind.title(), asked, preview);
    }

    private void look(ExportOptions wanted) {
        preview.ask(progress -> kind.look(told, wanted, PreviewPane.WIDTH, progress));
    }

    private void field(Choice choice) {
        switch (choice) {
            case VERSIONS -> versions();
            case WAYS -> ways();
            case STEPS -> steps(Choice.STEPS, Ui.text("share.all-steps"));
            case SLOW -> slow();
            case PART -> steps(Choice.PART, Ui.text("share.whole-rep"));
            case SHOWN ->
                asked.choose(
                        choice.name(),
                        List.of(Shown.values()),
                        w -> Ui.text("share.shown." + w),
                        asked.how().shown(),
                        ExportOptions::withShown);
            case WORDS ->
                asked.choose(
                        choice.name(),
                        List.of(Register.values()),
                        w -> Ui.text("share.words." + w),
                        asked.how().words(),
                        ExportOptions::withWords);
            case PAPER ->
                asked.choose(
                        choice.name(),
                        List.of(Paper.values()),
                        Paper::title,
                        asked.how().paper(),
                        ExportOptions::withPaper);
            case WIDTH ->
                asked.choose(
                        choice.name(), kind.widths(), this::width, asked.how().widthPixels(), ExportOptions::withWidth);
            case GROUND ->
                asked.choose(
                        choice.name(),
                        List.of(Ground.values()),
                        g -> Ui.text("share.ground." + g),
                        asked.how().ground(),
                        ExportOptions::withGround);
        }
    }

    private void versions() {
        if (told.drill().progressions().size() > 1) {
            String open = told.run().version().title();
            asked.choose(
                    Choice.VERSIONS.name(),
                    List.of(Reach.ALL, Reach.ONE),
                    r -> r == Reach.ONE ? Ui.text("share.this-version", open) : Ui.text("share.all-versions"),
                    asked.how().versions(),
                    ExportOptions::withVersions);
        }
    }

    private void ways() {
        if (told.drill().progressions().stream().noneMatch(Outcomes::areMany)) {
            return;
        }
        String open = told.run().label();
        asked.choose(
                Choice.WAYS.name(),
                fit ? List.of(Reach.ALL, Reach.ONE) : List.of(Reach.ONE),
                r -> r == Reach.ONE ? Ui.text("share.this-way", open) : Ui.text("share.all-ways"),
                fit ? asked.how().ways() : Reach.ONE,
                ExportOptions::withWays);
        if (!fit) {
            // a version with too many goes one way whatever is wanted: the habit stays as it was
            asked.tell(Ui.text("share.too-many-ways", kind.mostWays()));
        }
    }

    /** All steps, or one of them. @param all what all of them are called */
    private void steps(Choice choice, String all) {
        List<StepWords> steps = told.talk().steps();
        if (steps.size() > 1) {
            asked.choose(
                    choice.name(),
                    stepsAnd(ExportOptions.ALL_STEPS),
                    i -> i < 0 ? all : steps.get(i).title(),
                    asked.how().step(),
                    ExportOptions::withStep);
        }
    }

    private void slow() {
        List<StepWords> steps = told.talk().steps();
        if (steps.size() > 1) {
            asked.choose(
                    Choice.SLOW.name(),
                    stepsAnd(NO_STEP),
                    i -> i < 0 ? Ui.text("share.no-step") : steps.get(i).title(),
                    asked.how().slow().stream().findFirst().orElse(NO_STEP),
                    (how, i) -> how.withSlow(i < 0 ? Set.of() : Set.of(i)));
        }
    }

    private List<Integer> stepsAnd(int other) {
        List<Integer> all = new ArrayList<>(List.of(other));
        for (int i = 0; i < told.talk().steps().size(); i++) {
            all.add(i);
        }
        return all;
    }

    private String width(int pixels) {
        if (kind.asks().contains(Choice.PART)) {
            return Ui.text("share.film." + pixels);
        }
        String use = "share.width." + pixels;
        return Ui.text(use, Ui.text("share.pixels", pixels));
    }
}
