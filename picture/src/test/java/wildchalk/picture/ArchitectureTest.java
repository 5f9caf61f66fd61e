package wildchalk.picture;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses PICTURE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wildchalk.picture");

    @Test
    void pictureKnowsNoWindow() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "javax.swing..")
                .check(PICTURE);
    }

    @Test
    void packagesFormNoCircle() {
        slices().matching("wildchalk.picture.(*)..").should().beFreeOfCycles().check(PICTURE);
    }
}
