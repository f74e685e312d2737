package ruxel.app.garment;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Garments as one document each, with every version they had. */
@Repository
public class GarmentStore {
  /** A garment's row; the document is garment-file JSON. */
  public record Row(UUID id, int version, String name, String document, OffsetDateTime changedAt) {}

  private static final int FORMAT_VERSION = 1;

  private final JdbcClient jdbc;

  GarmentStore(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  public List<Row> open() {
    return jdbc.sql(
            """
            SELECT id, version, name, document::text AS document, changed_at
            FROM garment
            WHERE state = 'OPEN'
            ORDER BY changed_at DESC, id
            """)
        .query(GarmentStore::row)
        .list();
  }

  public Optional<Row> find(UUID id) {
    return jdbc.sql(
            """
            SELECT id, version, name, document::text AS document, changed_at
            FROM garment
            WHERE id = :id AND state = 'OPEN'
            """)
        .param("id", id)
        .query(GarmentStore::row)
        .optional();
  }

  @Transactional
  public UUID insert(String name, String document, String label) {
    UUID id = UUID.randomUUID();
    jdbc.sql(
            """
            INSERT INTO garment (id, version, name, state, format_version, document, changed_at)
            VALUES (:id, 1, :name, 'OPEN', :format, :document::jsonb, now())
            """)
        .param("id", id)
        .param("name", name)
        .param("format", FORMAT_VERSION)
        .param("document", document)
        .update();
    remember(id, 1, document, "[]", label);
    return id;
  }

  /** Saves the next version; false when {@code version} is no longer the current one. */
  @Transactional
  public boolean save(UUID id, int version, String name, String document, String changes, String label) {
    int updated =
        jdbc.sql(
                """
                UPDATE garment
                SET version = version + 1, name = :name, document = :document::jsonb, changed_at = now()
                WHERE id = :id AND version = :version AND state = 'OPEN'
                """)
            .param("id", id)
            .param("version", version)
            .param("name", name)
            .param("document", document)
            .update();
    if (updated == 1) {
      remember(id, version + 1, document, changes, label);
    }
    return updated == 1;
  }

  private void remember(UUID id, int version, String document, String changes, String label) {
    jdbc.sql(
            """
            INSERT INTO garment_version (garment_id, version, document, change, label, made_at)
            VALUES (:id, :version, :document::jsonb, :change::jsonb, :label, now())
            """)
        .param("id", id)
        .param("version", version)
        .param("document", document)
        .param("change", changes)
        .param("label", label)
        .update();
  }

  /** What was done since a version, oldest first. */
  public List<String> labelsSince(UUID id, int version) {
    return jdbc.sql(
            """
            SELECT label FROM garment_version
            WHERE garment_id = :id AND version > :version
            ORDER BY version
            """)
        .param("id", id)
        .param("version", version)
        .query(String.class)
        .list();
  }

  /** Takes a garment off the shelf or puts it back; false when there is no such garment. */
  public boolean setState(UUID id, String state) {
    return jdbc.sql("UPDATE garment SET state = :state WHERE id = :id")
            .param("id", id)
            .param("state", state)
            .update()
        == 1;
  }

  public boolean isEmpty() {
    return jdbc.sql("SELECT count(*) FROM garment").query(Long.class).single() == 0;
  }

  private static Row row(ResultSet rs, int number) throws SQLException {
    return new Row(
        rs.getObject("id", UUID.class),
        rs.getInt("version"),
        rs.getString("name"),
        rs.getString("document"),
        rs.getObject("changed_at", OffsetDateTime.class));
  }
}
