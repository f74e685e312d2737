package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Seams and pieces of a construction told anew by hand, over HTTP. */
class ByHandApiTest {
  private final TestServer server = TestServer.shared();
  private final String garment = "/api/garments/" + server.garment();

  @Test
  void aSeamIsTakenOutListedAndPutBack() {
    assertThat(change(1, "{\"kind\":\"SEAM_UNMADE\",\"seam\":\"side.left\"}").statusCode()).isEqualTo(200);
    JsonNode changed = get("/by-hand").path("changed").get(0);
    assertThat(changed.path("seam").asString()).isEqualTo("side.left");
    assertThat(changed.path("name").asString()).isEqualTo("Left side and sleeve");
    assertThat(changed.path("out").asBoolean()).isTrue();
    assertThat(change(2, "{\"kind\":\"SEAM_PUT_BACK\",\"seam\":\"side.left\"}").statusCode()).isEqualTo(200);
    assertThat(get("/by-hand").path("changed")).isEmpty();
    assertThat(get("").path("plan").path("seams")).hasSize(6);
  }

  /** Begun at the bench, a seam is neither parted nor turned nor taken out, by undo either; its name may change. */
  @Test
  void aBegunSeamJoinsWhatItJoined() {
    assertThat(change(1, "{\"kind\":\"SEAM_PARTED\",\"seam\":\"side.left\",\"anchor\":\"underarm\",\"part\":\"own.1\",\"name\":\"Left sleeve\"}").statusCode()).isEqualTo(200);
    assertThat(server.post(garment + "/work", "{\"seam\":\"own.1\"}").statusCode()).isEqualTo(200);
    HttpResponse<String> turned = change(2, "{\"kind\":\"SEAM_TURNED\",\"seam\":\"own.1\"}");
    assertThat(turned.statusCode()).isEqualTo(422);
    assertThat(turned.body()).contains("BEGUN_TOLD_ANEW");
    HttpResponse<String> together = change(2, "{\"kind\":\"SEAMS_TOGETHER\",\"seam\":\"own.1\",\"next\":\"side.left\"}");
    assertThat(together.body()).contains("BEGUN_TOLD_ANEW");
    assertThat(change(2, "{\"kind\":\"SEAM_UNMADE\",\"seam\":\"own.1\"}").body()).contains("BEGUN_WITHOUT_PIECES");
    HttpResponse<String> undone = server.post(garment + "/undo", "{}", "If-Match", "\"2\"");
    assertThat(undone.statusCode()).isEqualTo(422);
    assertThat(change(2, "{\"kind\":\"SEAM_NAMED\",\"seam\":\"own.1\",\"name\":\"Lantern sleeve\",\"role\":\"SLEEVE\"}").statusCode()).isEqualTo(200);
  }

  @Test
  void aPieceIsMadeOnesOwnAndItsOutlineTried() {
    assertThat(change(1, "{\"kind\":\"PIECE_OWNED\",\"piece\":\"back\"}").statusCode()).isEqualTo(200);
    String told = server.get(garment + "/outlines/back").body();
    JsonNode tried = TestServer.json(server.post(garment + "/outlines/back", told));
    assertThat(tried.path("findings")).isEmpty();
    assertThat(tried.path("piece").path("edges")).hasSameSizeAs(List.of("hem", "right", "shoulder.right", "neck", "shoulder.left", "left"));
    assertThat(change(2, "{\"kind\":\"PIECE_OUTLINED\",\"piece\":\"back\",\"outline\":" + told + "}").statusCode()).isEqualTo(200);
    assertThat(get("/by-hand").path("pieces").get(0).asString()).isEqualTo("back");
    assertThat(server.get(garment + "/outlines/hat").statusCode()).isEqualTo(422);
    HttpResponse<String> open = server.post(garment + "/outlines/back", told.replaceFirst("\"turn\":90.0", "\"turn\":80.0"));
    assertThat(open.body()).contains("WALK_OPEN");
  }

  private HttpResponse<String> change(int version, String change) {
    return server.post(garment + "/changes", "{\"changes\":[" + change + "]}", "If-Match", "\"" + version + "\"");
  }

  private JsonNode get(String path) {
    return TestServer.json(server.get(garment + path));
  }
}
