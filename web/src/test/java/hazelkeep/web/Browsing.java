package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;

/** A browser at the application, closed and searched for errors after each test. */
abstract class Browsing {
  private static final String AXE = axe();
  private static Playwright playwright;
  static Browser browser;

  /** No page may take so long, ms, however busy the machine is: nothing hangs on less. */
  static final int LONG = 180_000;

  final App app = App.shared();
  final PieceStore pieces = app.bean(PieceStore.class);
  final RunStore runs = app.bean(RunStore.class);
  final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final List<String> errors = new ArrayList<>();
  BrowserContext context;
  Page page;

  @BeforeAll
  static void open() {
    PlaywrightAssertions.setDefaultAssertionTimeout(LONG);
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
  }

  @AfterAll
  static void close() {
    playwright.close();
  }

  @BeforeEach
  void visit() {
    context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
    page = context.newPage();
    page.setDefaultTimeout(LONG);
    page.onConsoleMessage(
        m -> {
          // What the server refuses on purpose is logged by the browser too.
          if (m.type().equals("error") && !m.text().contains("status of 4")) {
            errors.add(m.text());
          }
        });
    page.onPageError(errors::add);
  }

  @AfterEach
  void leave() {
    context.close();
    assertThat(errors).as("errors in the browser").isEmpty();
  }

  /** Errors of a connection that a test cut itself. */
  void forgiven() {
    errors.removeIf(e -> e.contains("ERR_INTERNET_DISCONNECTED") || e.contains("ERR_FAILED"));
  }

  void go(String path) {
    page.navigate(app.base() + path);
    page.waitForLoadState();
  }

  /** Errors that a test provokes on purpose. */
  void forgive(String about) {
    errors.removeIf(e -> e.contains(about));
  }

  void accessible() {
    accessible(List.of());
  }

  /**
   * @param rules that are looked at; none for all
   */
  void accessible(List<String> rules) {
    // Put into a page once: its source is as large as ten pages.
    if (page.evaluate("'axe' in window").equals(false)) {
      page.evaluate(AXE);
    }
    Object found =
        page.evaluate(
            """
            (rules) => axe
              .run(document, { resultTypes: ["violations"], ...(rules.length && { runOnly: rules }) })
              .then((r) => r.violations.map((v) => v.id + ": " + v.nodes[0].html).join("\\n"))
            """,
            rules);
    assertThat(found).asString().isEmpty();
  }

  private static String axe() {
    try (InputStream in = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
