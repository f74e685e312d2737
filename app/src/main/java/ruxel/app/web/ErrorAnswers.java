package ruxel.app.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** No error page of the framework's own: what fails outside the controllers is problem+json as well. */
@Configuration
class ErrorAnswers {
  /** What the servlets below the dispatcher, or exceptions of filters, end in. */
  @Controller
  static class Dispatched implements ErrorController {
    @RequestMapping("/error")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
      Object told = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
      int status = told instanceof Integer code ? code : HttpServletResponse.SC_NOT_FOUND;
      ProblemJson.write(response, status, ProblemJson.detail(status));
    }
  }

  /** What the server itself refuses: request lines and headers that are none. */
  static final class ServerRefusals extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable thrown) {
      int status = response.getStatus();
      if (status < HttpServletResponse.SC_BAD_REQUEST || response.getContentWritten() > 0 || !response.setErrorReported()) {
        return;
      }
      try {
        ProblemJson.write(response, status, ProblemJson.detail(status));
      } catch (IOException gone) {
        // Nobody is there to read it.
      }
    }
  }

  /** Behind the framework's own valve in the line, so that ours is asked first. */
  @Bean
  @Order(Ordered.LOWEST_PRECEDENCE)
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> serverRefusals() {
    return factory -> factory.addContextCustomizers(context -> context.getParent().getPipeline().addValve(new ServerRefusals()));
  }
}
