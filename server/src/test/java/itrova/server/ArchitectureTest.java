package itrova.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** core ← formats ← server; nothing points back. */
@AnalyzeClasses(packages = "itrova", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_ONLY_ITSELF = classes()
            .that()
            .resideInAPackage("itrova.core..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "itrova.core..",
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.time..",
                    "java.io..",
                    "java.nio.charset..",
                    "org.hipparchus..",
                    "com.google.ortools..",
                    "org.jspecify..");

    /** The solver is known where weeks are laid, and nowhere else. */
    @ArchTest
    static final ArchRule THE_SOLVER_STAYS_IN_THE_SCHEDULE = noClasses()
            .that()
            .resideOutsideOfPackage("itrova.core.schedule..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("com.google.ortools..");

    /** The core reads nothing but the tables in its own build. */
    @ArchTest
    static final ArchRule ONLY_TABLES_ARE_READ = noClasses()
            .that()
            .resideInAPackage("itrova.core..")
            .and()
            .resideOutsideOfPackage("itrova.core.table..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio..", "java.net..");

    @ArchTest
    static final ArchRule FORMATS_KNOW_NO_SERVER = noClasses()
            .that()
            .resideInAPackage("itrova.formats..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("itrova.server..", "org.springframework..");

    @ArchTest
    static final ArchRule STORES_KNOW_NO_CONTROLLERS = noClasses()
            .that()
            .resideInAPackage("itrova.server.store..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "itrova.server.api..",
                    "itrova.server.axle..",
                    "itrova.server.match..",
                    "itrova.server.measure..",
                    "itrova.server.choose..",
                    "itrova.server.order..",
                    "itrova.server.work..",
                    "itrova.server.jobs..",
                    "itrova.server.parts..",
                    "itrova.server.shop..",
                    "itrova.server.people..");

    /** A stage may use another, never in a circle. */
    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("itrova.server.(*)..").should().beFreeOfCycles();

    /** The API's description knows records by their bare names: two of one name would be taken for each other. */
    @ArchTest
    static void recordsOfTheApiHaveNamesOfTheirOwn(JavaClasses classes) {
        Map<String, List<String>> byName = classes.stream()
                .filter(c -> c.getPackageName().startsWith("itrova.server") && c.isRecord())
                .filter(c -> c.getModifiers().contains(JavaModifier.PUBLIC) && c.isNestedClass())
                .filter(c -> c.getEnclosingClass().orElseThrow().getSimpleName().endsWith("Controller"))
                .collect(Collectors.groupingBy(
                        JavaClass::getSimpleName, Collectors.mapping(JavaClass::getName, Collectors.toList())));
        assertThat(byName.values()).allSatisfy(names -> assertThat(names).hasSize(1));
    }
}
