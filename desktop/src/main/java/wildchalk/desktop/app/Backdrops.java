package wildchalk.desktop.app;

import java.util.Optional;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.edit.Wholes;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.Ui;

/** Lays a picture under the drawing, to be traced: in the drill's file, or in this window only. */
final class Backdrops {

    private final Shell shell;

    Backdrops(Shell shell) {
        this.shell = shell;
    }

    /** Asks for a picture and how it lies. */
    void choose() {
        shell.document()
                .ifPresent(document -> shell.dialogs()
                        .open(shell.stage(), shell.binder().folder())
                        .ifPresent(file -> Errand.run(
                                shell.stage(),
                                Ui.text("errand.picture", file.getFileName()),
                                progress -> BackdropFile.read(
                                        file, document.drill().surfaceUse().view(), progress),
                                picture -> shell.document()
                                        .filter(d -> d == document)
                                        .ifPresent(d -> lay(d, picture, false)),
                                why -> shell.error(Ui.text("backdrop.failed", file.getFileName(), Failures.said(why))),
                                () -> {})));
    }

    /** Asks anew how the picture lies that is there. */
    void adjust() {
        shell.document()
                .ifPresent(
                        d -> now().ifPresent(b -> lay(d, b, d.drill().backdrop().isPresent())));
    }

    void remove() {
        shell.document().ifPresent(document -> {
            document.tracingProperty().set(Optional.empty());
            document.edit(Ui.text("edit.backdrop"), Wholes.backdrop(Optional.empty()));
        });
    }

    /** The picture that lies there. */
    Optional<Backdrop> now() {
        return shell.document()
                .flatMap(d -> d.tracingProperty().get().or(() -> d.drill().backdrop()));
    }

    private void lay(DrillDocument document, Backdrop picture, boolean inFile) {
        BackdropDialog.ask(shell.stage(), picture, inFile, shell.reader().unit())
                .ifPresent(answer -> {
                    Optional<Backdrop> laid = Optional.of(answer.picture());
                    document.tracingProperty().set(answer.inFile() ? Optional.empty() : laid);
                    document.edit(Ui.text("edit.backdrop"), Wholes.backdrop(answer.inFile() ? laid : Optional.empty()));
                });
    }
}
