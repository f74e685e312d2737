package ruxel.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import ruxel.core.finding.Finding;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.measure.Wording;
import ruxel.core.plan.Planner;
import ruxel.core.plan.Proof;

/**
 * {@code ruxel plan FILE}: reads a garment file ({@code -} for standard input) and prints the whole
 * computed plan as JSON, with its {@link Proof} as {@code proof}, without server or database. Problems go to standard error, one a line: JSON
 * path, what, remedy; then the status is 2.
 */
public final class PlanCommand {
  private static final int REFUSED = 2;

  private PlanCommand() {}

  public static int run(List<String> arguments, InputStream in, PrintStream out, PrintStream err) {
    if (arguments.size() != 1) {
      err.println("Expected one garment file or -, got (" + String.join(" ", arguments) + ").");
      return REFUSED;
    }
    byte[] bytes;
    try {
      bytes = arguments.get(0).equals("-") ? in.readNBytes(GarmentFiles.MOST_BYTES + 1) : Files.readAllBytes(Path.of(arguments.get(0)));
    } catch (IOException e) {
      err.println("Cannot read (" + arguments.get(0) + "): " + e.getMessage() + ". Check the name.");
      return REFUSED;
    }
    Outcome<Garment> garment = GarmentFiles.read(bytes);
    Outcome<String> plan = garment.then(made -> Planner.plan(made).then(computed -> Proof.of(made).then(proof -> Outcome.of(PlanJson.write(computed, proof)))));
    if (plan instanceof Outcome.Good<String> good) {
      out.println(good.value());
      return 0;
    }
    Wording wording = Wording.USUAL;
    for (Finding finding : plan.findings()) {
      err.printf("%s: %s %s%n", finding.where().path().orElse("$"), finding.sentence(wording), finding.remedy(wording));
    }
    return REFUSED;
  }
}
