package hazelkeep.web.problem;

import hazelkeep.measure.Patience;
import hazelkeep.web.config.Callers;
import hazelkeep.web.config.Trouble;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.NotWritten;
import hazelkeep.web.store.Stale;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.apache.catalina.connector.ClientAbortException;
import org.springframework.beans.TypeMismatchException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageConversionException;
import org.springframework.stereotype.Controller;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;

/**
 * Turns errors into pages that say what to do. What asks for a part of a page gets the words alone:
 * the page stays as it is, with what was typed, and shows them.
 */
@ControllerAdvice
@Order(Ordered.LOWEST_PRECEDENCE)
class Problems {
  private static final String STALE = Sentences.of("problems.this-was-changed-in");

  @ExceptionHandler(NotThere.class)
  Object notThere(NotThere e, HttpServletRequest request) {
    return told(
        HttpStatus.NOT_FOUND, Sentences.of("problems.not-on-the-shelf"), e.getMessage(), request);
  }

  @ExceptionHandler(NotWritten.class)
  Object notWritten(HttpServletRequest request) {
    return told(HttpStatus.INSUFFICIENT_STORAGE, "Not saved", NotWritten.WORDS, request);
  }

  @ExceptionHandler(Patience.Lost.class)
  Object tooMuch(Patience.Lost e, HttpServletRequest request) {
    return told(HttpStatus.UNPROCESSABLE_CONTENT, "Given up", e.getMessage(), request);
  }

  @ExceptionHandler(Stale.class)
  Object stale(HttpServletRequest request) {
    return told(HttpStatus.CONFLICT, "Changed elsewhere", STALE, request);
  }

  /** Who asked went away before the answer was out, as streams and impatient pages do. */
  @ExceptionHandler({AsyncRequestNotUsableException.class, ClientAbortException.class})
  void gone() {
    // Nobody is there to be told.
  }

  /** A form that was to carry a file and carries none. */
  @ExceptionHandler(MultipartException.class)
  Object noFile(MultipartException e, HttpServletRequest request) {
    HttpStatus status =
        e instanceof MaxUploadSizeExceededException
            ? HttpStatus.CONTENT_TOO_LARGE
            : HttpStatus.BAD_REQUEST;
    return told(
        status,
        Sentences.of("problems.that-did-not-work"),
        Sentences.of("problems.what-was-sent-could"),
        request);
  }

  /** What nobody expected. What Spring answers itself, with a status of its own, is left to it. */
  @ExceptionHandler(Exception.class)
  Object unexpected(Exception e, HttpServletRequest request) throws Exception {
    if (e instanceof ErrorResponse
        || e instanceof TypeMismatchException
        || e instanceof HttpMessageConversionException) {
      throw e;
    }
    return told(
        HttpStatus.INTERNAL_SERVER_ERROR,
        Sentences.of("problems.something-broke-in-here"),
        broke(e, request),
        request);
  }

  private static String broke(Throwable e, HttpServletRequest request) {
    return Sentences.of("problems.it-is-noted-in", Trouble.logged(where(request), e));
  }

  private static String where(HttpServletRequest request) {
    Object before = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
    return String.valueOf(before == null ? request.getRequestURI() : before);
  }

  private static Object told(
      HttpStatus status, String title, String message, HttpServletRequest request) {
    if (request.getHeader("HX-Request") != null) {
      return ResponseEntity.status(status)
          .contentType(new MediaType(MediaType.TEXT_PLAIN, java.nio.charset.StandardCharsets.UTF_8))
          .body(message);
    }
    ModelAndView page = new ModelAndView("problem", Map.of("title", title, "message", message));
    page.setStatus(status);
    boolean helps = status == HttpStatus.INSUFFICIENT_STORAGE || status == HttpStatus.FORBIDDEN;
    page.addObject("again", helps ? Again.of(request) : Optional.empty());
    return page;
  }

  /** The page for everything else. */
  @Controller
  static class Page implements ErrorController {
    @RequestMapping("/error")
    Object error(HttpServletRequest request, HttpServletResponse response) {
      HttpStatus status = HttpStatus.valueOf(response.getStatus());
      if (status == HttpStatus.FORBIDDEN && !Callers.elsewhere(request)) {
        return told(status, "Not saved", FORGOTTEN, request);
      }
      if (status.is4xxClientError()) {
        boolean missing = status == HttpStatus.NOT_FOUND;
        return told(
            status,
            Sentences.of("problems.that-did-not-work"),
            missing
                ? Sentences.of("problems.there-is-no-such")
                : Sentences.of("problems.what-was-sent-could"),
            request);
      }
      Object cause = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION);
      Throwable e = cause instanceof Throwable t ? t : new IllegalStateException("no cause given");
      return told(
          status, Sentences.of("problems.something-broke-in-here"), broke(e, request), request);
    }

    private static final String FORGOTTEN = Sentences.of("problems.the-browser-no-longer");
  }
}
