package ruxel.cluster;

/** The private cluster cannot be made, started or stopped; the message names the remedy. */
public final class ClusterException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public ClusterException(String message) {
    super(message);
  }

  ClusterException(String message, Throwable cause) {
    super(message, cause);
  }
}
