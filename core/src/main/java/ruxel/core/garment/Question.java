package ruxel.core.garment;

import java.util.List;

/**
 * A question of a construction: what is asked, in which group it stands, what may be answered. {@code
 * only} names the kinds of garment it is asked for; empty means all.
 */
public record Question(
    String key,
    Group group,
    String label,
    String help,
    Type type,
    double least,
    double most,
    List<Choice> choices,
    List<String> only) {
  /** The parts of the form in the order in which makers count. */
  public enum Group {
    GARMENT,
    GAUGE,
    BODY,
    NECK,
    SLEEVES
  }

  /** A whole count, any number, or one of a few words. */
  public enum Type {
    COUNT,
    NUMBER,
    CHOICE
  }

  /** One of the words to choose from. */
  public record Choice(String value, String label) {}

  public Question {
    choices = List.copyOf(choices);
    only = List.copyOf(only);
  }

  static Question count(String key, Group group, String label, String help, int least, int most) {
    return new Question(key, group, label, help, Type.COUNT, least, most, List.of(), List.of());
  }

  static Question choice(String key, Group group, String label, String help, Choice... choices) {
    return new Question(key, group, label, help, Type.CHOICE, 0, 0, List.of(choices), List.of());
  }

  Question onlyFor(String kind) {
    return new Question(key, group, label, help, type, least, most, choices, List.of(kind));
  }
}
