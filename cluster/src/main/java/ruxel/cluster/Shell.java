package ruxel.cluster;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** Runs PostgreSQL's programs as the user who owns the data: root hands over to {@code postgres}. */
final class Shell {
  private static final long LIMIT_SECONDS = 180;
  private static final File NOTHING = new File("/dev/null");
  private static final ThreadLocal<String> lastWords = ThreadLocal.withInitial(() -> "");

  private Shell() {}

  static boolean root() {
    return "root".equals(System.getProperty("user.name"));
  }

  /** Runs a program to its end; its words go into the exception when it fails. */
  static void run(Path program, List<String> arguments) {
    int status = status(program, arguments);
    if (status != 0) {
      throw new ClusterException(
          "%s failed with status %d%s".formatted(program.getFileName(), status, lastWords.get()));
    }
  }

  /**
   * Runs one of PostgreSQL's client programs as the user we are, its output into a file.
   *
   * @param environment is added to ours
   */
  static void runAsOurselves(Path program, List<String> server, List<String> arguments, Map<String, String> environment, File out) {
    List<String> command = new ArrayList<>(List.of(program.toString()));
    command.addAll(server);
    command.addAll(arguments);
    ProcessBuilder builder = new ProcessBuilder(command).redirectOutput(out).redirectInput(NOTHING);
    builder.environment().putAll(environment);
    try {
      File words = File.createTempFile("ruxel-pg", ".log");
      try {
        int status = exitOf(builder.redirectError(words), program);
        if (status != 0) {
          throw new ClusterException(
              "%s failed with status %d: %s".formatted(program.getFileName(), status, Files.readString(words.toPath()).strip()));
        }
      } finally {
        words.delete();
      }
    } catch (IOException e) {
      throw new ClusterException("Cannot run " + program, e);
    }
  }

  private static int exitOf(ProcessBuilder builder, Path program) throws IOException {
    try {
      Process process = builder.start();
      if (!process.waitFor(LIMIT_SECONDS, TimeUnit.SECONDS)) {
        process.destroyForcibly();
        throw new ClusterException("%s did not answer within %d s; try again".formatted(program.getFileName(), LIMIT_SECONDS));
      }
      return process.exitValue();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new ClusterException("Interrupted while running " + program, e);
    }
  }

  /** Exit status of a program. */
  static int status(Path program, List<String> arguments) {
    return status(Path.of("/"), program, arguments);
  }

  /**
   * @param directory that it runs in
   */
  static int status(Path directory, Path program, List<String> arguments) {
    List<String> command = new ArrayList<>();
    if (root()) {
      command.addAll(List.of("runuser", "-u", "postgres", "--"));
    }
    command.add(program.toString());
    command.addAll(arguments);
    try {
      // A file, not a pipe: the started server inherits it and would hold a pipe open.
      File words = File.createTempFile("ruxel-pg", ".log");
      try {
        ProcessBuilder builder =
            new ProcessBuilder(command)
                .directory(directory.toFile())
                .redirectErrorStream(true)
                .redirectOutput(words)
                .redirectInput(NOTHING);
        int status = exitOf(builder, program);
        lastWords.set(": " + Files.readString(words.toPath()).strip());
        return status;
      } finally {
        words.delete();
      }
    } catch (IOException e) {
      throw new ClusterException("Cannot run " + program, e);
    }
  }
}
