package ruxel.core.construction;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import ruxel.core.finding.Finding;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;

/** A construction's questions with the maker's answers: each read once, in whatever order the others need it. */
final class Form {
  private final List<Asked> asked;
  private final AnswerReader reader;
  private final Map<String, Object> read = new HashMap<>();
  /** Who wants to know which questions are read, the innermost last. */
  private final Deque<List<String>> noting = new ArrayDeque<>();
  private final Map<String, List<String>> because = new HashMap<>();
  private Making making;

  Form(List<Asked> asked, Answers answers) {
    this.asked = asked;
    reader = new AnswerReader(answers, asked.stream().map(Asked::question).toList());
  }

  int count(Asked question) {
    return (int) number(question);
  }

  double number(Asked question) {
    note(question);
    Object known = read.get(question.key());
    if (known == null) {
      List<String> from = new ArrayList<>();
      double usual = noting(from, () -> question.usualNumber().applyAsDouble(this));
      because.put(question.key(), List.copyOf(from));
      known = question.question().type() == Question.Type.COUNT ? (double) reader.count(question.key(), Math.round(usual)) : reader.number(question.key(), usual);
      read.put(question.key(), known);
    }
    return (double) known;
  }

  String choice(Asked question) {
    Object known = read.get(question.key());
    if (known == null) {
      known = reader.choice(question.key(), question.usualChoice().apply(this));
      read.put(question.key(), known);
    }
    return (String) known;
  }

  /** Whether this construction asks it at all. */
  boolean asks(Asked question) {
    return asked.stream().anyMatch(each -> each == question);
  }

  /** A count that only some constructions ask for; none is 0. */
  int countOrNone(Asked question) {
    return asks(question) ? count(question) : 0;
  }

  boolean is(Asked question, String value) {
    return choice(question).equals(value);
  }

  /** How all pieces are made, read once. */
  Making making() {
    if (making == null) {
      making = noting(new ArrayList<>(), () -> Making.read(this));
    }
    note(Making.STITCHES);
    note(Making.ROWS);
    return making;
  }

  /** Does something and notes the questions it reads, each once; those that only usual values are reckoned from are not among them. */
  <T> T noting(List<String> read, Supplier<T> what) {
    noting.addLast(read);
    try {
      return what.get();
    } finally {
      noting.removeLast();
    }
  }

  private void note(Asked question) {
    List<String> innermost = noting.peekLast();
    if (innermost != null && !innermost.contains(question.key())) {
      innermost.add(question.key());
    }
  }

  /** The other numbers that one does not go with: of those read the ones that were given, else all; the gauge is never to blame. */
  List<String> against(Asked question, List<String> read) {
    Map<String, String> assumed = reader.assumed();
    List<String> others = read.stream().filter(key -> !key.equals(question.key()) && asked(key).filter(other -> other.question().group() != Question.Group.GAUGE).isPresent()).toList();
    List<String> given = others.stream().filter(key -> !assumed.containsKey(key)).toList();
    return given.isEmpty() ? others : given;
  }

  private boolean isAsked(Asked question) {
    return question.question().when().flatMap(when -> asked(when.key()).map(other -> is(other, when.value()))).orElse(true);
  }

  private Optional<Asked> asked(String key) {
    return asked.stream().filter(question -> question.key().equals(key)).findFirst();
  }

  /** All that is wrong: answers that cannot be, whether asked for now or not, and those that do not fit together. */
  List<Finding> findings() {
    asked.stream().filter(this::isAsked).forEach(this::value);
    reader.checkUnread();
    Set<Finding> findings = new LinkedHashSet<>(reader.findings());
    asked.stream().filter(this::isAsked).flatMap(question -> question.checks().stream()).forEach(check -> check.apply(this).ifPresent(findings::add));
    return List.copyOf(findings);
  }

  private void value(Asked question) {
    if (question.question().type() == Question.Type.CHOICE) {
      choice(question);
    } else {
      number(question);
    }
  }

  List<Consequence> consequences() {
    return asked.stream().filter(this::isAsked).flatMap(question -> question.follows().stream()).map(follows -> follows.apply(this)).toList();
  }

  /** The values taken for questions that are asked and have no answer, in the order of the questions. */
  Map<String, String> assumed() {
    Map<String, String> assumed = new LinkedHashMap<>();
    for (Asked question : asked) {
      Optional.ofNullable(reader.assumed().get(question.key())).filter(value -> isAsked(question)).ifPresent(value -> assumed.put(question.key(), value));
    }
    return assumed;
  }

  /** From what each assumed number follows, in words. */
  Map<String, String> because() {
    Map<String, String> words = new LinkedHashMap<>();
    assumed().keySet().stream().filter(because::containsKey).forEach(key -> words.put(key, because(because.get(key))));
    return words;
  }

  private String because(List<String> keys) {
    List<String> from = new ArrayList<>(keys.stream().flatMap(key -> asked(key).stream()).map(Asked::question).filter(question -> question.group() != Question.Group.GAUGE).map(question -> Wording.uncapital(question.label())).toList());
    if (from.size() < keys.size()) {
      from.add("your gauge");
    }
    return from.isEmpty() ? "The usual start." : "Follows from " + Wording.all(from) + ".";
  }

  /** What each number that is asked for measures on the pieces. */
  List<Dimension> dimensions(List<Piece> pieces) {
    return asked.stream().filter(this::isAsked).flatMap(question -> question.drawn().flatMap(drawn -> drawn.on(pieces, this, question.key())).stream()).toList();
  }

  /** Parts whose shape follows from something that is only assumed. */
  List<Part> assumedParts() {
    List<Part> parts = new ArrayList<>();
    Map<String, String> assumed = assumed();
    asked.stream().filter(question -> assumed.containsKey(question.key())).forEach(question -> parts.addAll(question.shapes()));
    return parts.stream().distinct().sorted().toList();
  }
}
