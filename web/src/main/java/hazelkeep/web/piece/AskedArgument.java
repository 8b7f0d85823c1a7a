package hazelkeep.web.piece;

import hazelkeep.web.config.Units;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.ui.Model;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands what an answer needs to the controllers of a piece. */
@Configuration
class AskedArgument implements WebMvcConfigurer {
  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(
        new HandlerMethodArgumentResolver() {
          @Override
          public boolean supportsParameter(MethodParameter parameter) {
            return parameter.getParameterType() == PiecePage.Asked.class;
          }

          @Override
          public Object resolveArgument(
              MethodParameter parameter,
              ModelAndViewContainer container,
              NativeWebRequest request,
              WebDataBinderFactory factory) {
            HttpServletRequest asked = request.getNativeRequest(HttpServletRequest.class);
            return new PiecePage.Asked(
                Units.chosen(asked),
                (Model) container.getModel(),
                asked,
                request.getNativeResponse(HttpServletResponse.class),
                null);
          }
        });
  }
}
