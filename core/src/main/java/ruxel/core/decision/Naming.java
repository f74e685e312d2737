package ruxel.core.decision;

/** What the things that decisions are about are called, with their article; what is there no more is known by its id alone. */
public interface Naming {
  String piece(String id);

  String edge(String piece, String edge);

  String seam(String id);

  String anchor(String seam, String id);

  String method(String id);

  String strip(String id);
}
