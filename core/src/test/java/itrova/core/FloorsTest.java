package itrova.core;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The core is a house: what is, what follows from it, what is judged of it, what is done. Nothing leans on a floor above. */
class FloorsTest {
    private static final String ROOT = "itrova.core.";

    /** From the ground up; a package uses only those named before it. */
    private static final List<String> FLOORS = List.of(
            "quantity",
            "phrase",
            "table",
            "geometry",
            "settings",
            "fastener",
            "vehicle",
            "kit",
            "measure",
            "around",
            "identity",
            "clearance",
            "bearing",
            "lines",
            "hydraulics",
            "stopping",
            "placed",
            "remedy",
            "receive",
            "finding",
            "bench",
            "part",
            "brakes",
            "check",
            "check.mounting",
            "check.clearance",
            "check.load",
            "check.completeness",
            "judge",
            "guide",
            "search",
            "choice",
            "work",
            "road",
            "schedule",
            "order",
            "record",
            "wording");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("itrova.core");

    @Test
    void everyPackageUsesOnlyFloorsBelowIt() {
        List<String> leaning = new ArrayList<>();
        for (JavaClass from : CORE) {
            int at = floor(from);
            from.getDirectDependenciesFromSelf().stream()
                    .filter(d -> d.getTargetClass().getPackageName().startsWith(ROOT))
                    .filter(d -> floor(d.getTargetClass()) > at)
                    .forEach(d -> leaning.add(
                            from.getName() + " leans on " + d.getTargetClass().getName()));
        }
        Assertions.assertThat(leaning).isEmpty();
    }

    @Test
    void nothingGoesRoundInCircles() {
        slices().matching(ROOT + "(**)").should().beFreeOfCycles().check(CORE);
    }

    private static int floor(JavaClass type) {
        String name = type.getPackageName().substring(ROOT.length());
        int floor = FLOORS.indexOf(name);
        if (floor < 0) {
            throw new AssertionError("“" + name + "” stands on no floor: name it in FLOORS");
        }
        return floor;
    }
}
