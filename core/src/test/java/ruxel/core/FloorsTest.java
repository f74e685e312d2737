package ruxel.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The rooms of the core know only what stands below them. */
@AnalyzeClasses(packages = "ruxel.core", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {
  @ArchTest
  static final ArchRule ROOMS =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("measure").definedBy("ruxel.core.measure")
          .layer("finding").definedBy("ruxel.core.finding")
          .layer("piece").definedBy("ruxel.core.piece")
          .layer("seam").definedBy("ruxel.core.seam")
          .layer("match").definedBy("ruxel.core.match")
          .layer("glue").definedBy("ruxel.core.glue")
          .layer("method").definedBy("ruxel.core.method")
          .layer("order").definedBy("ruxel.core.order")
          .layer("lay").definedBy("ruxel.core.lay")
          .layer("construction").definedBy("ruxel.core.construction")
          .layer("garment").definedBy("ruxel.core.garment")
          .layer("plan").definedBy("ruxel.core.plan")
          .layer("repair").definedBy("ruxel.core.repair")
          .layer("bench").definedBy("ruxel.core.bench")
          .layer("sheet").definedBy("ruxel.core.sheet")
          .whereLayer("sheet").mayNotBeAccessedByAnyLayer()
          .whereLayer("repair").mayNotBeAccessedByAnyLayer()
          .whereLayer("bench").mayNotBeAccessedByAnyLayer()
          .whereLayer("plan").mayOnlyBeAccessedByLayers("repair", "bench", "sheet")
          .whereLayer("garment").mayOnlyBeAccessedByLayers("plan", "repair", "bench")
          .whereLayer("construction").mayOnlyBeAccessedByLayers("garment", "plan", "repair", "bench")
          .whereLayer("order").mayOnlyBeAccessedByLayers("garment", "plan")
          .whereLayer("lay").mayOnlyBeAccessedByLayers("garment", "plan", "construction")
          .whereLayer("method").mayOnlyBeAccessedByLayers("garment", "plan", "bench", "sheet")
          .whereLayer("glue").mayOnlyBeAccessedByLayers("order", "garment", "plan")
          .whereLayer("match").mayOnlyBeAccessedByLayers("glue", "method", "garment", "plan", "repair", "bench", "sheet")
          .whereLayer("seam").mayOnlyBeAccessedByLayers("match", "glue", "method", "order", "garment", "plan", "repair", "bench", "construction");

  @ArchTest
  static final ArchRule PLAIN_JAVA =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.springframework..", "tools.jackson..", "com.fasterxml..", "java.sql..", "java.io..", "java.nio..", "java.time..");
}
