package ruxel.cluster;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** One running server per home directory. The operating system lets go of the lock of a killed one. */
public final class HomeLock implements AutoCloseable {
  private final FileChannel channel;
  private final Path note;

  private HomeLock(FileChannel channel, Path note) {
    this.channel = channel;
    this.note = note;
  }

  /**
   * @throws ClusterException naming who runs and where, if another server holds {@code home}
   */
  public static HomeLock take(Path home) {
    Path note = home.resolve("running");
    try {
      Files.createDirectories(home);
      FileChannel channel =
          FileChannel.open(home.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      FileLock lock = tryLock(channel);
      if (lock == null) {
        channel.close();
        throw new ClusterException(
            "Ruxel is running already with the data in %s (%s). Open that address, or stop it with Ctrl-C first."
                .formatted(home, Ownership.read(note).map(String::strip).orElse("still starting")));
      }
      Files.deleteIfExists(note);
      return new HomeLock(channel, note);
    } catch (IOException e) {
      throw new ClusterException("The data cannot be kept in %s (%s). RUXEL_HOME has to name a directory that you may write into.".formatted(home, e), e);
    }
  }

  private static FileLock tryLock(FileChannel channel) throws IOException {
    try {
      return channel.tryLock();
    } catch (OverlappingFileLockException e) {
      return null;
    }
  }

  /** Tells a second start where the first one is. */
  public void announce(String address) {
    try {
      Files.writeString(note, "process %d, %s%n".formatted(ProcessHandle.current().pid(), address));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void close() {
    try {
      Files.deleteIfExists(note);
      channel.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
