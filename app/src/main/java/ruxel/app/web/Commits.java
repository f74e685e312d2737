package ruxel.app.web;

import jakarta.servlet.http.HttpServletRequest;
import javax.sql.DataSource;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Transactions that tell a failed commit apart from all that fails before it: only the latter is certain to have saved
 * nothing.
 */
@Component
class Commits extends JdbcTransactionManager {
  private static final long serialVersionUID = 1L;
  private static final String SAVED = Commits.class.getName() + ".saved";

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
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (request != null && !status.isReadOnly()) {
      request.setAttribute(SAVED, true, RequestAttributes.SCOPE_REQUEST);
    }
  }

  /** Whether something was saved for a request already, whatever fails after that. */
  static boolean saved(HttpServletRequest request) {
    return request.getAttribute(SAVED) != null;
  }
}
