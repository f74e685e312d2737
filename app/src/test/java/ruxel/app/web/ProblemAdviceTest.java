package ruxel.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.jdbc.BadSqlGrammarException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.web.method.annotation.ExceptionHandlerMethodResolver;

/** What of the database is told as what: only one that does not answer is said not to answer. */
class ProblemAdviceTest {
  private static String handledBy(Exception e) {
    return new ExceptionHandlerMethodResolver(ProblemAdvice.class).resolveMethod(e).getName();
  }

  @Test
  void aWrongQueryIsNoDatabaseThatIsAway() {
    assertThat(handledBy(new BadSqlGrammarException("reading", "SELEC", new SQLException("syntax")))).isEqualTo("wrongQuery");
    assertThat(handledBy(new CannotGetJdbcConnectionException("gone"))).isEqualTo("database");
    assertThat(handledBy(new QueryTimeoutException("slow"))).isEqualTo("database");
    assertThat(handledBy(new DataIntegrityViolationException("twice"))).isEqualTo("unstorable");
  }
}
