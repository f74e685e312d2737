package ruxel.core.construction;

import java.util.List;
import java.util.Optional;

/**
 * A question of a construction: what is asked, in which group it stands, what may be answered; {@code when} says that
 * it is only asked after a certain answer to another.
 */
public record Question(
    String key,
    Group group,
    String groupTitle,
    String label,
    String help,
    Type type,
    double least,
    double most,
    List<Choice> choices,
    Optional<When> when) {
  /** The parts of the form in the order in which makers count. */
  public enum Group {
    GARMENT("The garment"),
    GAUGE("Gauge, on the blocked piece"),
    BODY("Body"),
    ARMHOLE("Armholes"),
    NECK("Shoulders and neck"),
    SLEEVES("Sleeves");

    private final String title;

    Group(String title) {
      this.title = title;
    }
  }

  /** A whole count, any number, or one of a few words. */
  public enum Type {
    COUNT,
    NUMBER,
    CHOICE
  }

  /** One of the words to choose from. */
  public record Choice(String value, String label) {}

  /** The answer to another question after which one is asked; {@code usual} where that is also what is taken without an answer. */
  public record When(String key, String value, boolean usual) {}

  public Question {
    choices = List.copyOf(choices);
  }

  static Question count(String key, Group group, String label, String help, int least, int most) {
    return new Question(key, group, group.title, label, help, Type.COUNT, least, most, List.of(), Optional.empty());
  }

  static Question number(String key, Group group, String label, String help, double least, double most) {
    return new Question(key, group, group.title, label, help, Type.NUMBER, least, most, List.of(), Optional.empty());
  }

  static Question choice(String key, Group group, String label, String help, List<Choice> choices) {
    return new Question(key, group, group.title, label, help, Type.CHOICE, 0, 0, choices, Optional.empty());
  }

  Question asked(When after) {
    return new Question(key, group, groupTitle, label, help, type, least, most, choices, Optional.of(after));
  }
}
