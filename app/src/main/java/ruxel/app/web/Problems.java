package ruxel.app.web;

import java.util.List;
import ruxel.core.finding.Finding;
import ruxel.core.finding.Outcome;
import ruxel.core.measure.Wording;
import ruxel.core.plan.FindingView;

/** What a request can be refused for; one advice turns each into application/problem+json. */
public final class Problems {
  private Problems() {}

  /** The input has findings. */
  public static final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<Finding> findings;
    private final transient Wording wording;

    public Refused(List<Finding> findings, Wording wording) {
      super("Refused with %d findings".formatted(findings.size()));
      this.findings = findings;
      this.wording = wording;
    }

    List<Finding> findings() {
      return findings;
    }

    /** The first finding as a sentence. */
    public String words() {
      return findings.stream().findFirst().map(finding -> finding.sentence(wording)).orElse(getMessage());
    }

    Wording wording() {
      return wording;
    }
  }

  /** Something is to be decided first: mended, or left so with a reason. */
  public static final class Undecided extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<FindingView> findings;

    public Undecided(List<FindingView> findings) {
      super("Decide first: " + findings.get(0).sentence());
      this.findings = findings;
    }

    List<FindingView> findings() {
      return findings;
    }
  }

  /** There is nothing under this address. */
  public static final class NotFound extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotFound(String what) {
      super(what);
    }
  }

  /** More at once than is taken. */
  public static final class TooMuch extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public TooMuch(String what) {
      super(what);
    }
  }

  /** Somebody else changed the garment in between. */
  public static final class Stale extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final int currentVersion;
    private final transient List<String> labels;

    public Stale(int currentVersion, List<String> labels) {
      super("The garment was changed in between.");
      this.currentVersion = currentVersion;
      this.labels = labels;
    }

    int currentVersion() {
      return currentVersion;
    }

    List<String> labels() {
      return labels;
    }
  }

  /** An event that cannot follow; with the position the server has. */
  public static final class WrongEvent extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final int position;
    private final int nextSeq;

    public WrongEvent(String message, int position, int nextSeq) {
      super(message);
      this.position = position;
      this.nextSeq = nextSeq;
    }

    int position() {
      return position;
    }

    int nextSeq() {
      return nextSeq;
    }
  }

  /** A change without If-Match. */
  public static final class NoVersion extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NoVersion() {
      super("A change needs If-Match with the version it is based on.");
    }
  }

  /** The value of an outcome, or {@link Refused}. */
  public static <T> T valueOf(Outcome<T> outcome, Wording wording) {
    if (outcome instanceof Outcome.Good<T> good) {
      return good.value();
    }
    throw new Refused(outcome.findings(), wording);
  }
}
