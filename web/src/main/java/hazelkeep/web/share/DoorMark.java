package hazelkeep.web.share;

import hazelkeep.web.config.Callers;
import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Marks each request by the connector that took it, before anything else is asked: what did not
 * come over this machine's own came from outside, whatever is opened or closed meanwhile.
 */
@Component
class DoorMark implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private volatile Connector home;

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addConnectorCustomizers(c -> home = c);
    factory.addEngineValves(new Mark());
  }

  private final class Mark extends ValveBase {
    Mark() {
      super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
      request.setAttribute(Callers.DOOR, request.getConnector() != home);
      getNext().invoke(request, response);
    }
  }
}
