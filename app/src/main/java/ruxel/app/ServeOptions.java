package ruxel.app;

import java.util.List;
import java.util.Optional;

/** What the maker typed after {@code demo} or {@code start}; the port only where one was asked for. */
record ServeOptions(boolean demo, boolean fresh, Optional<Integer> port) {
  static ServeOptions parse(List<String> words) {
    boolean demo = "demo".equals(words.get(0));
    boolean fresh = false;
    Optional<Integer> port = Optional.empty();
    for (int i = 1; i < words.size(); i++) {
      String word = words.get(i);
      if (word.equals("--port")) {
        port = Optional.of(portAt(words, ++i));
      } else if (word.equals("--fresh") && demo) {
        fresh = true;
      } else {
        throw new IllegalArgumentException("%s takes %s--port N, got (%s). Nothing was started.".formatted(words.get(0), demo ? "--fresh and " : "", word));
      }
    }
    return new ServeOptions(demo, fresh, port);
  }

  private static int portAt(List<String> words, int index) {
    String text = index < words.size() ? words.get(index) : "";
    if (!text.matches("\\d{1,5}") || Integer.parseInt(text) > 65535) {
      throw new IllegalArgumentException("Expected a port after --port, got (" + text + "), for example --port 9000");
    }
    return Integer.parseInt(text);
  }
}
