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
  public record Row(UUID id, int version, String name, String document, OffsetDateTime changedAt, String state) {}

  /** What a new version is: its document, what led to it, and the key of the request that asked for it. */
  record Next(String name, String document, String changes, String label, History.Kind kind, Optional<Integer> of, Optional<String> key) {
    static Next change(String name, String document, String changes, String label, Optional<String> key) {
      return new Next(name, document, changes, label, History.Kind.CHANGE, Optional.empty(), key);
    }
  }

  private static final int FORMAT_VERSION = 1;

  private final JdbcClient jdbc;

  GarmentStore(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  public List<Row> all(String state) {
    return jdbc.sql(
            """
            SELECT id, version, name, document::text AS document, changed_at, state
            FROM garment
            WHERE state = :state
            ORDER BY changed_at DESC, id
            """)
        .param("state", state)
        .query(GarmentStore::row)
        .list();
  }

  public Optional<Row> find(UUID id) {
    return jdbc.sql(
            """
            SELECT id, version, name, document::text AS document, changed_at, state
            FROM garment
            WHERE id = :id AND state <> 'DELETED'
            """)
        .param("id", id)
        .query(GarmentStore::row)
        .optional();
  }

  /** The document a garment had at a version. */
  public Optional<String> document(UUID id, int version) {
    return jdbc.sql("SELECT document::text FROM garment_version WHERE garment_id = :id AND version = :version")
        .param("id", id)
        .param("version", version)
        .query(String.class)
        .optional();
  }

  /** All versions of a garment, oldest first. */
  List<History.Entry> versions(UUID id) {
    return jdbc.sql(
            """
            SELECT version, kind, of_version, label, made_at
            FROM garment_version
            WHERE garment_id = :id
            ORDER BY version
            """)
        .param("id", id)
        .query(
            (rs, n) ->
                new History.Entry(
                    rs.getInt("version"),
                    History.Kind.valueOf(rs.getString("kind")),
                    Optional.ofNullable(rs.getObject("of_version", Integer.class)),
                    rs.getString("label"),
                    rs.getObject("made_at", OffsetDateTime.class)))
        .list();
  }

  /** Whether the request with this key was carried out already. */
  public boolean knows(UUID id, String key) {
    return jdbc.sql("SELECT count(*) FROM garment_version WHERE garment_id = :id AND request_key = :key")
            .param("id", id)
            .param("key", key)
            .query(Long.class)
            .single()
        > 0;
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
    remember(id, 1, Next.change(name, document, "[]", label, Optional.empty()));
    return id;
  }

  /** Saves the next version; false when {@code version} is no longer the current one. */
  @Transactional
  boolean save(UUID id, int version, Next next) {
    int updated =
        jdbc.sql(
                """
                UPDATE garment
                SET version = version + 1, name = :name, document = :document::jsonb, changed_at = now()
                WHERE id = :id AND version = :version AND state = 'OPEN'
                """)
            .param("id", id)
            .param("version", version)
            .param("name", next.name())
            .param("document", next.document())
            .update();
    if (updated == 1) {
      remember(id, version + 1, next);
    }
    return updated == 1;
  }

  private void remember(UUID id, int version, Next next) {
    jdbc.sql(
            """
            INSERT INTO garment_version (garment_id, version, document, change, label, made_at, kind, of_version, request_key)
            VALUES (:id, :version, :document::jsonb, :change::jsonb, :label, now(), :kind, :of, :key)
            """)
        .param("id", id)
        .param("version", version)
        .param("document", next.document())
        .param("change", next.changes())
        .param("label", next.label())
        .param("kind", next.kind().name())
        .param("of", next.of().orElse(null), java.sql.Types.INTEGER)
        .param("key", next.key().orElse(null), java.sql.Types.VARCHAR)
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

  private static Row row(ResultSet rs, int number) throws SQLException {
    return new Row(
        rs.getObject("id", UUID.class),
        rs.getInt("version"),
        rs.getString("name"),
        rs.getString("document"),
        rs.getObject("changed_at", OffsetDateTime.class),
        rs.getString("state"));
  }
}
