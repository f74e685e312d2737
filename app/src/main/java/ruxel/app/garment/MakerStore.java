package ruxel.app.garment;

import java.util.Arrays;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import ruxel.app.web.Problems;
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

  int version() {
    return jdbc.sql("SELECT version FROM maker_version").query(Integer.class).single();
  }

  /**
   * These and no others, in the place of those of a version.
   *
   * @throws Problems.Stale when they were told anew in between
   */
  @Transactional
  void keep(List<School.Way> ways, int baseVersion) {
    int version = jdbc.sql("SELECT version FROM maker_version FOR UPDATE").query(Integer.class).single();
    if (version != baseVersion) {
      throw new Problems.Stale(version, List.of());
    }
    jdbc.sql("UPDATE maker_version SET version = version + 1").update();
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
