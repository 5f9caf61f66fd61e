package wildchalk.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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
    void theDocumentKnowsNoView() {
        noClasses()
                .that()
                .resideInAPackage("wildchalk.desktop.document")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx.scene..", "wildchalk.desktop.board..", "wildchalk.desktop.talk..")
                .check(DESKTOP);
    }
}
