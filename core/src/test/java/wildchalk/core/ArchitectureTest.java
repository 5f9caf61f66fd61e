package wildchalk.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The rooms of core, and who may enter which. */
class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wildchalk.core");

    @Test
    void coreHasNoInterfaceCode() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.awt..", "javax.swing..", "javafx..")
                .check(CORE);
    }

    @Test
    void packagesFormNoCircle() {
        slices().matching("wildchalk.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void onlyTheBinderAndItsJsonTouchFiles() {
        noClasses()
                .that()
                .resideOutsideOfPackages("wildchalk.core.binder", "wildchalk.core.json")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.nio.file..", "com.fasterxml..", "com.networknt..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.io.File")
                .check(CORE);
    }

    @Test
    void eachPackageUsesOnlyThoseBeforeIt() {
        String[] order = {
            "progress",
            "text",
            "geometry",
            "surface",
            "drill",
            "json",
            "path",
            "ladder",
            "arrange",
            "finding",
            "motion",
            "runthrough",
            "reps",
            "inspect",
            "stopwatch",
            "check",
            "turns",
            "telling",
            "edit",
            "squad",
            "session",
            "log",
            "whistle",
            "season",
            "words",
            "handout",
            "binder"
        };
        for (int i = 0; i < order.length; i++) {
            String[] later = new String[order.length - i - 1];
            for (int j = i + 1; j < order.length; j++) {
                later[j - i - 1] = "wildchalk.core." + order[j];
            }
            if (later.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("wildchalk.core." + order[i])
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(later)
                        .check(CORE);
            }
        }
    }

    @Test
    void nothingButTheReportsOfTheSystemUsesAClock() {
        classes()
                .that()
                .resideInAPackage("wildchalk.core.motion")
                .should()
                .onlyDependOnClassesThat()
                .resideOutsideOfPackages("java.time..", "java.util.concurrent..")
                .check(CORE);
    }

    /** {@code Math} may answer otherwise on another machine in the last bit; {@code StrictMath} may not. */
    @Test
    void everyMachineComputesTheSameBits() {
        DescribedPredicate<JavaMethodCall> inexact =
                DescribedPredicate.describe("a function that Math may round as it likes", call -> {
                    boolean ofMath = call.getTargetOwner().isEquivalentTo(Math.class);
                    return ofMath && INEXACT.contains(call.getTarget().getName());
                });
        noClasses().should().callMethodWhere(inexact).check(CORE);
    }

    private static final Set<String> INEXACT = Set.of(
            "sin", "cos", "tan", "asin", "acos", "atan", "atan2", "sinh", "cosh", "tanh", "exp", "expm1", "log",
            "log10", "log1p", "pow", "cbrt", "hypot");
}
