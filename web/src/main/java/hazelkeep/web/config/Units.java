package hazelkeep.web.config;

import hazelkeep.measure.Unit;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands the chosen unit to controllers; a cookie keeps it. */
@Configuration
public class Units implements WebMvcConfigurer {
  static final String COOKIE = "unit";

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(
        new HandlerMethodArgumentResolver() {
          @Override
          public boolean supportsParameter(MethodParameter parameter) {
            return parameter.getParameterType() == Unit.class;
          }

          @Override
          public Object resolveArgument(
              MethodParameter parameter,
              ModelAndViewContainer container,
              NativeWebRequest request,
              WebDataBinderFactory factory) {
            return chosen(request.getNativeRequest(HttpServletRequest.class));
          }
        });
  }

  /** The unit that a browser shows. */
  public static Unit chosen(HttpServletRequest request) {
    Cookie[] cookies = request.getCookies();
    if (cookies != null) {
      for (Cookie c : cookies) {
        if (c.getName().equals(COOKIE) && c.getValue().equals("INCH")) {
          return Unit.INCH;
        }
      }
    }
    return Unit.MM;
  }
}
