package wildchalk.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wildchalk.desktop");

    @Test
    void commandsOpenNoWindow() {
        noClasses()
                .that()
                .resideInAPackage("wildchalk.desktop.command")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "wildchalk.desktop.app..", "wildchalk.desktop.board..")
                .check(DESKTOP);
    }

    @Test
    void whatServesPhonesOpensNoWindow() {
        noClasses()
                .that()
                .resideInAPackage("wildchalk.desktop.serve")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "wildchalk.desktop.ui..", "wildchalk.desktop.document..")
                .check(DESKTOP);
    }

    @Test
    void theDocumentKnowsNoView() {
        noClasses()
                .that()
                .resideInAPackage("wildchalk.desktop.document")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx.scene..", "wildchalk.desktop.board..", "wildchalk.desktop.talk..")
                .check(DESKTOP);
    }

    @Test
    void packagesFormNoCircle() {
        slices().matching("wildchalk.desktop.(*)..").should().beFreeOfCycles().check(DESKTOP);
    }

    /** Places of one group know nothing of each other: whatever two of them need is in {@code ui} or {@code document}. */
    @Test
    void eachPackageUsesOnlyThoseBeforeIt() {
        List<Set<String>> groups = List.of(
                Set.of("ui"),
                Set.of("document"),
                Set.of("talk", "reps", "strip", "ladder", "present", "surface", "share", "serve"),
                Set.of("board"),
                Set.of("binder", "session", "whistle", "log"),
                Set.of("command"),
                Set.of("app"));
        for (int i = 0; i < groups.size(); i++) {
            for (String own : groups.get(i)) {
                String[] others = groups.subList(i, groups.size()).stream()
                        .flatMap(Set::stream)
                        .filter(p -> !p.equals(own))
                        .map(p -> "wildchalk.desktop." + p + "..")
                        .toArray(String[]::new);
                if (others.length > 0) {
                    noClasses()
                            .that()
                            .resideInAPackage("wildchalk.desktop." + own + "..")
                            .should()
                            .dependOnClassesThat()
                            .resideInAnyPackage(others)
                            .check(DESKTOP);
                }
            }
        }
    }
}
