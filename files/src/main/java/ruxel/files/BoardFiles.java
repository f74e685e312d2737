package ruxel.files;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.board.Ring;
import ruxel.core.board.Square.Place;
import ruxel.core.board.Square;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Mirror;
import ruxel.core.piece.Piece;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Boards in a garment file: a list of their own beside the pieces, each told by its motif and its squares; edges, counts and corners
 * follow from these (docs/garment-file.md). In the core a board is a piece, so that they are put among the pieces on reading.
 */
final class BoardFiles {
  private static final String BOARDS = "boards";
  private static final String PIECES = "pieces";

  private final JsonMapper mapper;

  BoardFiles(JsonMapper mapper) {
    this.mapper = mapper;
  }

  /** Takes the boards out from among the pieces of a file that is written. */
  ObjectNode written(ObjectNode file) {
    ArrayNode plain = mapper.createArrayNode();
    ArrayNode boards = mapper.createArrayNode();
    for (JsonNode piece : file.path(PIECES)) {
      if (piece.has("board")) {
        boards.add(board(piece));
      } else {
        plain.add(piece);
      }
    }
    if (!boards.isEmpty()) {
      file.set(PIECES, plain);
      file.set(BOARDS, boards);
      if (plain.isEmpty()) {
        file.remove(PIECES);
      }
    }
    return file;
  }

  private ObjectNode board(JsonNode piece) {
    ObjectNode board = mapper.createObjectNode();
    for (String field : List.of("id", "name", "part", "mirrorOf")) {
      if (piece.has(field)) {
        board.set(field, piece.get(field));
      }
    }
    board.set("colour", piece.path("cloth").path("colour"));
    board.set("motif", piece.path("board").path("motif"));
    board.set("cells", piece.path("board").path("squares"));
    if (piece.path("board").path("mirrored").asBoolean(false)) {
      board.put("mirrored", true);
    }
    ArrayNode edges = board.putArray("edges");
    piece.path("edges").forEach(edge -> edges.addObject().put("id", edge.path("id").asString()).put("name", edge.path("name").asString()));
    return board;
  }

  /** Adds the boards of a file that is read to its pieces; what cannot be a board is told with its path. */
  JsonNode read(JsonNode tree, List<Finding> findings) {
    if (!tree.has(BOARDS)) {
      return tree;
    }
    int cells = tree.path(BOARDS).valueStream().mapToInt(board -> board.path("cells").size()).sum();
    if (cells > Board.MOST_SQUARES) {
      findings.add(
          Finding.of(FindingCode.TOO_MANY, Where.path("$." + BOARDS), Fact.count("count", cells), Fact.text("what", "squares"), Fact.count("most", Board.MOST_SQUARES)));
      return tree;
    }
    ObjectNode file = (ObjectNode) tree.deepCopy();
    ArrayNode pieces = file.path(PIECES) instanceof ArrayNode given ? given : file.putArray(PIECES);
    for (int i = 0; i < tree.path(BOARDS).size(); i++) {
      piece(tree.path(BOARDS).get(i), "$.boards[" + i + "]", findings).ifPresent(piece -> pieces.add(mapper.<JsonNode>valueToTree(piece)));
    }
    file.remove(BOARDS);
    return file;
  }

  private Optional<Piece> piece(JsonNode told, String path, List<Finding> findings) {
    int before = findings.size();
    List<Square> squares = squares(told, path, findings);
    if (findings.size() > before) {
      return Optional.empty();
    }
    JsonNode motif = told.path("motif");
    Motif square =
        new Motif(motif.path("name").asString("Square"), motif.path("stitches").asInt(), Corner.valueOf(motif.path("corner").asString()), motif.path("sideMm").asDouble());
    Board board = new Board(square, squares, told.path("mirrored").asBoolean(false));
    board.loose().ifPresent(loose -> findings.add(at(FindingCode.BOARD_LOOSE, path, squares, loose)));
    Ring ring = Ring.of(board);
    ring.hole().ifPresent(beside -> findings.add(at(FindingCode.BOARD_HOLE, path, squares, beside)));
    if (findings.size() > before) {
      return Optional.empty();
    }
    Piece.Part part = Piece.Part.valueOf(told.path("part").asString());
    Dye colour = Dye.valueOf(told.path("colour").asString(Dye.WOAD.name()));
    Piece plain = BoardPiece.of(new PieceId(told.path("id").asString()), told.path("name").asString(), part, board, colour);
    List<String[]> names = told.path("edges").valueStream().map(edge -> new String[] {edge.path("id").asString(), edge.path("name").asString()}).toList();
    if (!names.isEmpty() && names.size() != plain.edges().size()) {
      findings.add(Finding.of(FindingCode.BOARD_EDGES, Where.path(path + ".edges"), Fact.count("count", names.size()), Fact.count("edges", plain.edges().size())));
      return Optional.empty();
    }
    return Optional.of(mirrored(names.isEmpty() ? plain : BoardPiece.inTurn(plain.id(), plain.name(), part, board, colour, names), told.path("mirrorOf")));
  }

  private static Piece mirrored(Piece piece, JsonNode mirror) {
    if (mirror.isMissingNode()) {
      return piece;
    }
    Map<String, String> edges = new HashMap<>();
    mirror.path("edges").properties().forEach(pair -> edges.put(pair.getKey(), pair.getValue().asString()));
    return piece.asMirrorOf(new Mirror(new PieceId(mirror.path("piece").asString()), edges));
  }

  private static List<Square> squares(JsonNode told, String path, List<Finding> findings) {
    List<Square> squares = new ArrayList<>();
    Set<Place> seen = new HashSet<>();
    for (int i = 0; i < told.path("cells").size(); i++) {
      JsonNode cell = told.path("cells").get(i);
      Square square =
          new Square(
              cell.path("row").asInt(), cell.path("column").asInt(), cell.path("colourway").asStringOpt(), cell.path("turned").asInt(0),
              cell.path("locked").asBoolean(false), cell.has("stitches") ? Optional.of(cell.path("stitches").asInt()) : Optional.empty());
      if (!seen.add(square.place())) {
        findings.add(Finding.of(FindingCode.SQUARE_TWICE, Where.path(path + ".cells[" + i + "]"), Fact.text("value", square.place().words())));
      }
      squares.add(square);
    }
    return squares;
  }

  private static Finding at(FindingCode code, String path, List<Square> squares, Square square) {
    return Finding.of(code, Where.path(path + ".cells[" + squares.indexOf(square) + "]"), Fact.text("value", square.place().words()));
  }
}
