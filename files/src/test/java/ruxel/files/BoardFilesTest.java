package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;

/** Boards in a garment file: told by their squares, read back the same, refused at the square. */
class BoardFilesTest {
  @Test
  void aBoardAlone() {
    Garment garment = good(file("[{\"row\":1,\"column\":1},{\"row\":1,\"column\":2,\"colourway\":\"dusk\",\"turned\":1,\"locked\":true},{\"row\":2,\"column\":1,\"stitches\":15}]", ""));
    BoardPlan board = plan(garment).boards().get(0);
    assertThat(board.joins()).hasSize(2);
    assertThat(board.cells().get(1)).isEqualTo(new BoardPlan.SquarePlan(1, 2, Optional.of("dusk"), 1, true, 14, 100, 0));
    assertThat(board.cells().get(2).stitches()).isEqualTo(15);
    assertThat(plan(garment).pieces().get(0).edges()).extracting(edge -> edge.id()).containsExactly("lower", "right", "upper", "right.2", "upper.2", "left");
    readBack(garment);
  }

  /** What a construction makes of squares, taken in hand as the maker's own, comes back the same, mirror images too. */
  @Test
  void boardsOfAConstructionAreReadBack() {
    Construct construct = ((Outcome.Good<Construct>) Templates.of("squares").orElseThrow().build(new Answers(Map.of()))).value();
    Garment own = Garment.of("Own", construct.pieces().get(0)).withOwn(construct.pieces(), construct.seams());
    readBack(own);
    String file = GarmentFiles.write(own);
    assertThat(file).contains("\"boards\"").doesNotContain("\"pieces\"");
    assertThat(plan(own).gluing().openings()).hasSize(3);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1.1 3.1|BOARD_LOOSE|$.boards[0].cells[1]|3.1",
        "1.1 2.2|BOARD_LOOSE|$.boards[0].cells[1]|2.2",
        "1.1 1.2 1.1|SQUARE_TWICE|$.boards[0].cells[2]|1.1",
      })
  void whatIsNoBoardIsNamedAtTheSquare(String squares, FindingCode code, String path, String value) {
    Finding finding = read(file(cells(squares), "")).findings().get(0);
    assertThat(finding.code()).isEqualTo(code);
    assertThat(finding.where().path()).contains(path);
    assertThat(finding.toString()).contains(value);
  }

  @Test
  void aHoleAndEdgesThatAreNotThere() {
    assertThat(read(file(cells("1.1 1.2 1.3 2.1 2.3 3.1 3.2 3.3"), "")).findings()).extracting(Finding::code).containsExactly(FindingCode.BOARD_HOLE);
    assertThat(read(file(cells("1.1"), ", \"edges\": [{\"id\": \"hem\", \"name\": \"hem\"}]")).findings()).extracting(Finding::code).containsExactly(FindingCode.BOARD_EDGES);
    assertThat(read(file("[]", "")).findings()).extracting(Finding::code).containsExactly(FindingCode.SCHEMA);
    assertThat(read(file("[{\"row\":0,\"column\":1}]", "")).findings()).extracting(Finding::code).containsExactly(FindingCode.SCHEMA);
  }

  /** Before anything is computed: no more squares than a garment may have, in one board or in several. */
  @Test
  void tooManySquaresAreRefusedAtOnce() {
    String row = IntStream.rangeClosed(1, 1300).mapToObj(column -> "{\"row\":1,\"column\":%d}".formatted(column)).collect(Collectors.joining(",", "[", "]"));
    String one = "{\"id\": \"%s\", \"name\": \"B\", \"part\": \"OTHER\", \"motif\": {\"stitches\": 1, \"corner\": \"SPACE\", \"sideMm\": 10}, \"cells\": %s}";
    String file = "{\"format\": \"ruxel-garment\", \"version\": 1, \"name\": \"Many\", \"boards\": [%s, %s]}".formatted(one.formatted("a", row), one.formatted("b", row));
    assertThat(read(file).findings()).extracting(Finding::code).containsExactly(FindingCode.TOO_MANY);
  }

  /** The picture tells each square by its colourway's name, for black and white. */
  @Test
  void thePictureNamesTheColourways() {
    String file = file("[{\"row\":1,\"column\":1,\"colourway\":\"dusk\"},{\"row\":1,\"column\":2}]", "").replace("]}]}", "]}], \"settings\": {\"colourways\": [{\"id\": \"dusk\", \"name\": \"Dusk & foam\", \"colour\": \"WOAD\"}]}}");
    String svg = GarmentSvg.of(plan(good(file)));
    assertThat(svg.split("<rect", -1)).hasSize(3);
    assertThat(svg).contains("Dusk &amp; foam");
  }

  private static String cells(String squares) {
    return List.of(squares.split(" ")).stream().map(square -> "{\"row\":%s,\"column\":%s}".formatted((Object[]) square.split("\\."))).toList().toString();
  }

  private static String file(String cells, String more) {
    return """
        {"format": "ruxel-garment", "version": 1, "name": "Squares", "boards": [
          {"id": "board", "name": "Board", "part": "OTHER", "motif": {"stitches": 14, "corner": "CHAIN_2_BOTH", "sideMm": 100}, "cells": %s%s}]}
        """.formatted(cells, more);
  }

  private static void readBack(Garment garment) {
    String file = GarmentFiles.write(garment);
    assertThat(good(file)).isEqualTo(garment);
    assertThat(GarmentFiles.write(good(file))).isEqualTo(file);
  }

  private static Outcome<Garment> read(String file) {
    return GarmentFiles.read(file.getBytes(StandardCharsets.UTF_8));
  }

  private static Garment good(String file) {
    Outcome<Garment> read = read(file);
    assertThat(read.findings()).isEmpty();
    return ((Outcome.Good<Garment>) read).value();
  }

  private static GarmentPlan plan(Garment garment) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }
}
