package ruxel.app.garment;

import java.util.Arrays;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.Settings;
import ruxel.core.garment.Garment;
import ruxel.core.measure.School;

/** What holds for all garments of the maker: how they do it, where makers differ (handbook 15). */
@Repository
class MakerStore {
  private final JdbcClient jdbc;

  MakerStore(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** In the order of the questions; a way this program does not know is passed over. */
  List<School.Way> ways() {
    List<String> kept = jdbc.sql("SELECT way FROM maker_way").query(String.class).list();
    return Arrays.stream(School.Way.values()).filter(way -> kept.contains(way.name())).toList();
  }

  /** These and no others; two at once are kept one after the other. */
  @Transactional
  void keep(List<School.Way> ways) {
    jdbc.sql("LOCK TABLE maker_way IN EXCLUSIVE MODE").update();
    jdbc.sql("DELETE FROM maker_way").update();
    for (School.Way way : ways) {
      jdbc.sql("INSERT INTO maker_way (school, way) VALUES (:school, :way) ON CONFLICT (school) DO UPDATE SET way = excluded.way")
          .param("school", way.school().name())
          .param("way", way.name())
          .update();
    }
  }

  /** A new garment as this maker begins it. */
  Garment begun(Garment garment) {
    Settings settings = garment.settings();
    for (School.Way way : ways()) {
      settings = settings.with(new OwnSchool(way));
    }
    return garment.withSettings(settings);
  }
}
