package ruxel.app;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import ruxel.cluster.Backup;
import ruxel.cluster.ClusterException;
import ruxel.cluster.HomeLock;
import ruxel.cluster.PrivateCluster;

/**
 * {@code ruxel backup FILE} writes everything into one file, also while the server runs; {@code ruxel restore FILE}
 * puts it back while it does not. With {@code --demo} the demo's data are meant.
 */
final class BackupCommand {
  private static final int REFUSED = 2;

  private BackupCommand() {}

  static int run(List<String> words, Path own, PrintStream out, PrintStream err) {
    List<String> files = new ArrayList<>(words.subList(1, words.size()));
    boolean demo = files.remove("--demo");
    boolean back = "restore".equals(words.get(0));
    if (files.size() != 1 || files.get(0).startsWith("--")) {
      err.printf("Expected one file, for example ./ruxel %s garments.backup, got (%s).%n", words.get(0), String.join(" ", files));
      return REFUSED;
    }
    Path home = demo ? Home.ofDemo(own) : own;
    Path file = Path.of(files.get(0)).toAbsolutePath();
    try {
      out.println(back ? restored(home, file) : written(home, file));
      return 0;
    } catch (ClusterException e) {
      err.println(e.getMessage());
      return 1;
    }
  }

  private static String written(Path home, Path file) {
    String done = "Everything is written to %s.".formatted(file);
    if (PrivateCluster.runs(home)) {
      new Backup(PrivateCluster.start(home, PrivateCluster.Durability.REAL)).write(file);
      return done;
    }
    try (HomeLock lock = HomeLock.take(home);
        PrivateCluster cluster = PrivateCluster.start(home, PrivateCluster.Durability.REAL)) {
      new Backup(cluster).write(file);
      return done;
    }
  }

  private static String restored(Path home, Path file) {
    try (HomeLock lock = HomeLock.take(home);
        PrivateCluster cluster = PrivateCluster.start(home, PrivateCluster.Durability.REAL)) {
      String kept = new Backup(cluster).read(file);
      return "%s is read back. What was there before is kept as the database %s.".formatted(file, kept);
    }
  }
}
