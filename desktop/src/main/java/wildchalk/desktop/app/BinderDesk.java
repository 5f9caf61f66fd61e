package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.Bundle;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Order;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.binder.BinderActions;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.share.ContactSheets;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.SaveQuestion;
import wildchalk.desktop.ui.Ui;

/** Does for the Binder what needs the window: files are chosen, taken in and handed on. */
final class BinderDesk implements BinderActions {

    private final Shell shell;

    BinderDesk(Shell shell) {
        this.shell = shell;
    }

    @Override
    public Binder binder() {
        return shell.binder();
    }

    @Override
    public ReadOnlyBooleanProperty demo() {
        return shell.demo().isCopyProperty();
    }

    @Override
    public void keepDemo() {
        shell.demo().keep();
    }

    @Override
    public Order order() {
        return shell.settings().order();
    }

    @Override
    public void order(Order order) {
        shell.settings().order(order);
    }

    @Override
    public void open(Path drill) {
        shell.openFile(drill);
    }

    @Override
    public void newDrill() {
        shell.newDrill();
    }

    @Override
    public void takeIn() {
        shell.dialogs().open(shell.stage(), shell.binder().folder()).ifPresent(f -> takeIn(List.of(f)));
    }

    /** What was taken in, and what could not be. */
    private record TakenIn(List<String> taken, List<String> problems) {}

    @Override
    public void takeIn(List<Path> files) {
        Binder binder = shell.binder();
        Errand.run(
                shell.stage(),
                files.size() == 1
                        ? Ui.text("errand.taking-in", files.get(0).getFileName())
                        : Ui.text("errand.taking-in.many", files.size()),
                progress -> takeIn(binder, files, progress),
                this::taken,
                why -> {
                    shell.showBinder();
                    error(Failures.said(why));
                },
                shell::showBinder);
    }

    private static TakenIn takeIn(Binder binder, List<Path> files, Progress progress) {
        TakenIn all = new TakenIn(new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i < files.size(); i++) {
            double before = i;
            try {
                all.taken().addAll(binder.takeIn(files.get(i), part -> progress.at((before + part) / files.size())));
            } catch (IOException e) {
                all.problems().add(e.getMessage());
            }
        }
        return all;
    }

    private void taken(TakenIn all) {
        shell.showBinder();
        if (!all.problems().isEmpty()) {
            error(String.join("\n", all.problems()));
        } else {
            say(
                    all.taken().isEmpty()
                            ? Ui.text("binder.taken-in.none")
                            : Ui.text("binder.taken-in", String.join(", ", all.taken())));
        }
    }

    @Override
    public void handOn(List<Path> drills) {
        Binder binder = shell.binder();
        String name = drills.size() == 1
                ? Binder.stem(drills.get(0))
                : Slugs.of(binder.folder().getFileName().toString());
        SaveQuestion.ask(shell.dialogs(), shell.stage(), binder.folder(), name, Bundle.SUFFIX)
                .ifPresent(target -> Errand.run(
                        shell.stage(),
                        Ui.text("errand.handing-on", target.getFileName()),
                        progress -> {
                            Bundle.pack(target, drills, binder, progress);
                            return target;
                        },
                        made -> say(Ui.text("share.done", made)),
                        why -> error(target + ": " + why.getMessage()),
                        () -> say(Ui.text("share.stopped"))));
    }

    @Override
    public void contactSheet(List<Path> drills) {
        Path folder = shell.binder().folder();
        new ContactSheets(shell.stage(), shell.dialogs())
                .ask(folder.getFileName().toString(), folder, () -> read(drills));
    }

    private static List<Drill> read(List<Path> files) throws IOException {
        List<Drill> drills = new ArrayList<>();
        for (Path file : files) {
            drills.add(DrillFile.KIND.read(file).value());
        }
        return drills;
    }

    @Override
    public void editSurface(Path surface) {
        shell.editSurface(surface);
    }

    @Override
    public void newDrillOn(Surface surface) {
        shell.newDrillOn(surface);
    }

    @Override
    public void error(String message) {
        shell.error(message);
    }

    @Override
    public void found(Optional<? extends Throwable> problem) {
        if (problem.isPresent()) {
            shell.faults().told(Faults.Kind.FOLDER, problem.get());
        } else if (Files.isDirectory(shell.binder().folder())) {
            shell.faults().mended(Faults.Kind.FOLDER);
        }
    }

    @Override
    public void resolve(Path copy, Path original) throws IOException {
        new CopyQuestion(shell).ask(copy, original);
    }

    @Override
    public void moved(Path from, Path to) {
        shell.moved(from, to);
    }

    private void say(String message) {
        shell.say(message);
    }
}
