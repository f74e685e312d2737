package ruxel.app.work;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import ruxel.core.bench.Work;

/** Seams at the bench and what was done to them; events are only ever added. */
@Repository
public class WorkStore {
  /** A seam taken to the bench; the plan is frozen bench-plan JSON. */
  public record Row(UUID id, UUID garment, String seam, int garmentVersion, String plan) {}

  /** The newest work of a seam. */
  public record Latest(UUID garment, UUID id, String seam) {}

  private final JdbcClient jdbc;

  WorkStore(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  public UUID insert(UUID garment, String seam, int garmentVersion, String plan) {
    UUID id = UUID.randomUUID();
    jdbc.sql(
            """
            INSERT INTO work (id, garment_id, seam, garment_version, plan, started_at)
            VALUES (:id, :garment, :seam, :version, :plan::jsonb, clock_timestamp())
            """)
        .param("id", id)
        .param("garment", garment)
        .param("seam", seam)
        .param("version", garmentVersion)
        .param("plan", plan)
        .update();
    return id;
  }

  public Optional<Row> find(UUID id) {
    return jdbc.sql("SELECT id, garment_id, seam, garment_version, plan::text AS plan FROM work WHERE id = :id")
        .param("id", id)
        .query(WorkStore::row)
        .optional();
  }

  /** Holds the work until the transaction ends, so that its events are added one after the other. */
  public void lock(UUID id) {
    jdbc.sql("SELECT id FROM work WHERE id = :id FOR UPDATE").param("id", id).query(UUID.class).single();
  }

  /** The newest work of each seam of the garments. */
  public List<Latest> latest(List<UUID> garments) {
    return jdbc.sql(
            """
            SELECT DISTINCT ON (garment_id, seam) garment_id, id, seam
            FROM work
            WHERE garment_id IN (:garments)
            ORDER BY garment_id, seam, started_at DESC
            """)
        .param("garments", garments)
        .query(
            (rs, n) ->
                new Latest(rs.getObject("garment_id", UUID.class), rs.getObject("id", UUID.class), rs.getString("seam")))
        .list();
  }

  public List<Work.Event> events(UUID work) {
    return jdbc.sql("SELECT seq, kind, joint, note FROM work_event WHERE work_id = :work ORDER BY seq")
        .param("work", work)
        .query((rs, n) -> event(rs))
        .list();
  }

  /** All events of the garments' works in one query, by work. */
  public Map<UUID, List<Work.Event>> eventsOf(List<UUID> garments) {
    Map<UUID, List<Work.Event>> byWork = new LinkedHashMap<>();
    jdbc.sql(
            """
            SELECT e.work_id, e.seq, e.kind, e.joint, e.note
            FROM work_event e JOIN work w ON w.id = e.work_id
            WHERE w.garment_id IN (:garments)
            ORDER BY e.work_id, e.seq
            """)
        .param("garments", garments)
        .query(
            rs -> {
              byWork.computeIfAbsent(rs.getObject("work_id", UUID.class), key -> new ArrayList<>()).add(event(rs));
            });
    return byWork;
  }

  /** When each joint of a work was made, ms since the epoch, in order. */
  public List<Long> jointTimes(UUID work) {
    return jdbc.sql(
            """
            SELECT (extract(epoch FROM at) * 1000)::bigint
            FROM work_event
            WHERE work_id = :work AND kind = 'JOINT'
            ORDER BY seq
            """)
        .param("work", work)
        .query(Long.class)
        .list();
  }

  private static Work.Event event(ResultSet rs) throws SQLException {
    return new Work.Event(
        rs.getInt("seq"), Work.Kind.valueOf(rs.getString("kind")), rs.getInt("joint"), rs.getString("note"));
  }

  /** Adds an event; false when its number is taken. */
  public boolean append(UUID work, Work.Event event, String client) {
    return jdbc.sql(
                """
                INSERT INTO work_event (work_id, seq, kind, joint, note, client, at)
                VALUES (:work, :seq, :kind, :joint, :note, :client, clock_timestamp())
                ON CONFLICT DO NOTHING
                """)
            .param("work", work)
            .param("seq", event.seq())
            .param("kind", event.kind().name())
            .param("joint", event.joint())
            .param("note", event.note())
            .param("client", client)
            .update()
        == 1;
  }

  private static Row row(ResultSet rs, int number) throws SQLException {
    return new Row(
        rs.getObject("id", UUID.class),
        rs.getObject("garment_id", UUID.class),
        rs.getString("seam"),
        rs.getInt("garment_version"),
        rs.getString("plan"));
  }
}
