package ruxel.app.web;

import javax.sql.DataSource;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Transactions that tell a failed commit apart from all that fails before it: only the latter is certain to have saved
 * nothing.
 */
@Component
class Commits extends JdbcTransactionManager {
  private static final long serialVersionUID = 1L;

  /** Whether it was saved is not known. */
  static final class Unknown extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Unknown(Throwable cause) {
      super(cause);
    }
  }

  Commits(DataSource dataSource) {
    super(dataSource);
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    try {
      super.doCommit(status);
    } catch (RuntimeException e) {
      throw new Unknown(e);
    }
  }
}
