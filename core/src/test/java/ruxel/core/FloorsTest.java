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
          .layer("identity").definedBy("ruxel.core.identity")
          .layer("measure").definedBy("ruxel.core.measure")
          .layer("finding").definedBy("ruxel.core.finding")
          .layer("board").definedBy("ruxel.core.board")
          .layer("colour").definedBy("ruxel.core.colour")
          .layer("piece").definedBy("ruxel.core.piece")
          .layer("seam").definedBy("ruxel.core.seam")
          .layer("match").definedBy("ruxel.core.match")
          .layer("hold").definedBy("ruxel.core.hold")
          .layer("glue").definedBy("ruxel.core.glue")
          .layer("strip").definedBy("ruxel.core.strip")
          .layer("method").definedBy("ruxel.core.method")
          .layer("yarn").definedBy("ruxel.core.yarn")
          .layer("wearer").definedBy("ruxel.core.wearer")
          .layer("strand").definedBy("ruxel.core.strand")
          .layer("advice").definedBy("ruxel.core.advice")
          .layer("order").definedBy("ruxel.core.order")
          .layer("lay").definedBy("ruxel.core.lay")
          .layer("construction").definedBy("ruxel.core.construction")
          .layer("decision").definedBy("ruxel.core.decision")
          .layer("garment").definedBy("ruxel.core.garment")
          .layer("layout").definedBy("ruxel.core.layout")
          .layer("change").definedBy("ruxel.core.change")
          .layer("plan").definedBy("ruxel.core.plan")
          .layer("repair").definedBy("ruxel.core.repair")
          .layer("bench").definedBy("ruxel.core.bench")
          .layer("sheet").definedBy("ruxel.core.sheet")
          .whereLayer("sheet").mayNotBeAccessedByAnyLayer()
          .whereLayer("repair").mayNotBeAccessedByAnyLayer()
          .whereLayer("bench").mayNotBeAccessedByAnyLayer()
          .whereLayer("plan").mayOnlyBeAccessedByLayers("repair", "bench", "sheet")
          .whereLayer("change").mayOnlyBeAccessedByLayers("plan", "repair")
          .whereLayer("layout").mayOnlyBeAccessedByLayers("change", "plan", "repair", "bench")
          .whereLayer("garment").mayOnlyBeAccessedByLayers("layout", "change", "plan", "repair", "bench")
          .whereLayer("decision").mayOnlyBeAccessedByLayers("order", "garment", "layout", "change", "plan", "repair", "bench")
          .whereLayer("construction").mayOnlyBeAccessedByLayers("garment", "layout", "change", "plan", "repair", "bench")
          .whereLayer("order").mayOnlyBeAccessedByLayers("change", "plan")
          .whereLayer("lay").mayOnlyBeAccessedByLayers("layout", "plan", "construction")
          .whereLayer("method").mayOnlyBeAccessedByLayers("decision", "layout", "strand", "advice", "change", "plan", "repair", "bench", "sheet")
          .whereLayer("advice").mayOnlyBeAccessedByLayers("plan")
          .whereLayer("strand").mayOnlyBeAccessedByLayers("advice", "plan")
          .whereLayer("yarn").mayOnlyBeAccessedByLayers("decision", "change", "strand", "advice", "plan")
          .whereLayer("wearer").mayOnlyBeAccessedByLayers("decision", "change", "plan")
          .whereLayer("strip").mayOnlyBeAccessedByLayers("decision", "layout", "change", "plan", "bench")
          .whereLayer("glue").mayOnlyBeAccessedByLayers("strip", "order", "change", "plan")
          .whereLayer("match").mayOnlyBeAccessedByLayers("glue", "method", "strand", "layout", "change", "plan", "repair", "bench", "sheet")
          .whereLayer("hold").mayOnlyBeAccessedByLayers("method", "decision", "layout", "change", "plan", "bench", "sheet")
          .whereLayer("colour").mayOnlyBeAccessedByLayers("change", "plan")
          .whereLayer("piece")
          .mayOnlyBeAccessedByLayers(
              "seam", "match", "hold", "glue", "strip", "method", "strand", "advice", "lay", "order", "decision", "garment", "layout", "change", "plan", "repair", "bench", "sheet", "construction")
          .whereLayer("seam")
          .mayOnlyBeAccessedByLayers("match", "hold", "glue", "strip", "method", "strand", "advice", "lay", "order", "decision", "garment", "layout", "change", "plan", "repair", "bench", "construction");

  @ArchTest
  static final ArchRule PLAIN_JAVA =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.springframework..", "tools.jackson..", "com.fasterxml..", "java.sql..", "java.io..", "java.nio..", "java.time..");
}
