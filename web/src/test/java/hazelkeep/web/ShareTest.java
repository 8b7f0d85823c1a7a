package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hazelkeep.web.store.DeviceStore;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.cert.CertificateException;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509TrustManager;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The door to the local network, from this machine and from a tablet. */
class ShareTest {
  private static final Pattern PORT = Pattern.compile("http://[0-9.]+:(\\d+)");
  private static final Pattern PHRASE = Pattern.compile(">([a-z2-9]{5}-[a-z2-9]{5})<");

  private App app;
  private App.Visitor home;

  @BeforeEach
  void start() {
    System.setProperty("HAZEL_SHARE_PORT", "0");
    app = App.start("jdbc:h2:mem:share;DB_CLOSE_DELAY=-1", "demo");
    home = app.visitor();
  }

  @AfterEach
  void stop() {
    app.stop();
    System.clearProperty("HAZEL_SHARE_PORT");
  }

  private static String found(Pattern what, String in) {
    Matcher m = what.matcher(in);
    assertThat(m.find()).as(what.pattern()).isTrue();
    return m.group(m.groupCount());
  }

  private String open() {
    home.get("/share");
    home.post("/share/on", "plain", "true");
    return home.get("/share").body();
  }

  private static App.Visitor tablet(String page) {
    return new App.Visitor("http://127.0.0.1:" + found(PORT, page));
  }

  private static HttpResponse<String> pair(App.Visitor who, String... fields) {
    who.get("/pair");
    return who.post("/pair", fields);
  }

  @Test
  void without_the_switch_nobody_pairs_and_nothing_more_listens() {
    assertThat(home.get("/share").body()).contains("only this machine").contains("Open it");
    assertThat(home.get("/pair").statusCode()).isEqualTo(404);
  }

  @Test
  void two_devices_are_paired_and_one_is_revoked() {
    String page = open();
    String phrase = found(PHRASE, page);
    App.Visitor one = tablet(page);
    App.Visitor two = tablet(page);
    HttpResponse<String> before = one.get("/pieces/3/bench");
    assertThat(before.statusCode()).isEqualTo(302);
    assertThat(before.headers().firstValue("Location").orElseThrow()).endsWith("/pair");
    assertThat(one.get("/api/schema").statusCode()).isEqualTo(401);

    HttpResponse<String> paired = pair(one, "name", "Tablet", "passphrase", phrase.toUpperCase());
    assertThat(paired.statusCode()).isEqualTo(302);
    String cookie = paired.headers().allValues("Set-Cookie").toString();
    assertThat(cookie).contains("hazel-device=", "HttpOnly", "SameSite=Strict");
    assertThat(pair(two, "name", "Phone", "passphrase", phrase).statusCode()).isEqualTo(302);

    assertThat(one.get("/pieces/3/bench").body()).contains("Cut the recess");
    assertThat(two.get("/").body()).contains("class=\"card\"").doesNotContain("href=\"/data\"");
    for (String kept : new String[] {"/share", "/data", "/actuator/health"}) {
      assertThat(one.get(kept).statusCode()).as(kept).isEqualTo(404);
    }

    DeviceStore devices = app.bean(DeviceStore.class);
    assertThat(home.get("/share").body()).contains("Tablet", "Phone");
    long id =
        devices.all().stream()
            .filter(d -> d.name().equals("Tablet"))
            .findFirst()
            .orElseThrow()
            .id();
    home.post("/share/revoke", "device", Long.toString(id));
    assertThat(one.get("/").statusCode()).isEqualTo(302);
    assertThat(two.get("/").statusCode()).isEqualTo(200);
  }

  @Test
  void wrong_tries_are_told_slowed_and_let_go_again_from_this_machine() {
    String page = open();
    App.Visitor stranger = tablet(page);
    for (int i = 0; i < 3; i++) {
      HttpResponse<String> r = pair(stranger, "name", "X", "passphrase", "abcde-abcde");
      assertThat(r.statusCode()).isEqualTo(403);
      assertThat(r.body()).contains("not the passphrase");
    }
    HttpResponse<String> r = pair(stranger, "name", "X", "passphrase", found(PHRASE, page));
    assertThat(r.body()).contains("Too many tries. Wait");
    assertThat(home.get("/share").body()).contains("nobody can pair for");
    home.post("/share/unlock");
    assertThat(pair(stranger, "name", "X", "passphrase", found(PHRASE, page)).statusCode())
        .isEqualTo(302);
    assertThat(pair(stranger, "name", "n".repeat(10_000), "passphrase", "x").body())
        .contains("in at most 60 letters");
  }

  @Test
  void a_code_is_taken_once_and_a_closed_door_is_shut() {
    String page = open();
    String code = codeOf(page);
    App.Visitor one = tablet(page);
    assertThat(pair(one, "name", "Tablet", "code", code).statusCode()).isEqualTo(302);
    HttpResponse<String> again = pair(tablet(page), "name", "Other", "code", code);
    assertThat(again.statusCode()).isEqualTo(403);
    assertThat(again.body()).contains("has been used or is older than five minutes");
    home.get("/share");
    home.post("/share/off");
    assertThatThrownBy(() -> one.get("/")).isInstanceOf(UncheckedIOException.class);
    int port = Integer.parseInt(found(PORT, page));
    assertThatThrownBy(() -> new Socket("127.0.0.1", port).close())
        .isInstanceOf(java.net.ConnectException.class);
  }

  /** A path may be written so that it looks like another one. */
  @Test
  void no_way_of_writing_a_path_leads_round_the_door() throws IOException {
    String page = open();
    int port = Integer.parseInt(found(PORT, page));
    for (String path :
        new String[] {
          "/pair/../pieces/3",
          "/fonts/../pieces/3",
          "/pair/%2e%2e/pieces/3",
          "/pair;/../pieces/3",
          "//pieces/3",
          "/fonts/..%2fpieces/3",
          "/pair/x"
        }) {
      assertThat(raw(port, path, ""))
          .as(path)
          .doesNotContain("HTTP/1.1 200")
          .doesNotContain("Seed");
    }
    String cookie = cookieOf(page);
    for (String path :
        new String[] {"/%73hare", "/share;x", "/./share", "//share", "/data/../share"}) {
      assertThat(raw(port, path, cookie)).as(path).doesNotContain("HTTP/1.1 200");
    }
    assertThat(raw(port, "/", cookie)).contains("HTTP/1.1 200");
    assertThat(raw(port, "/", "hazel-device=guess")).contains("HTTP/1.1 302");
  }

  private String cookieOf(String page) {
    HttpResponse<String> r =
        pair(tablet(page), "name", "Tablet", "passphrase", found(PHRASE, page));
    return r.headers().allValues("Set-Cookie").stream()
        .filter(c -> c.startsWith("hazel-device="))
        .findFirst()
        .orElseThrow()
        .replaceAll(";.*", "");
  }

  private static String raw(int port, String path, String cookie) throws IOException {
    try (Socket s = new Socket("127.0.0.1", port)) {
      s.getOutputStream()
          .write(
              ("GET "
                      + path
                      + " HTTP/1.1\r\nHost: 127.0.0.1:"
                      + port
                      + "\r\nCookie: "
                      + cookie
                      + "\r\nConnection: close\r\n\r\n")
                  .getBytes(StandardCharsets.US_ASCII));
      return new String(s.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /** Reads the picture as a camera would. */
  private static String codeOf(String page) {
    return QrRead.link(page).replaceAll(".*code=", "");
  }

  /**
   * Without another word the door is sealed, by a certificate whose fingerprint stands on the page.
   */
  @Test
  void the_door_is_sealed_by_a_certificate_made_here() throws Exception {
    home.get("/share");
    home.post("/share/on");
    String page = home.get("/share").body();
    int port = Integer.parseInt(found(Pattern.compile("https://[0-9.]+:(\\d+)"), page));
    Matcher m = Pattern.compile(">([0-9A-F]{2}(?::[0-9A-F]{2}){31})<").matcher(page);
    assertThat(m.find()).isTrue();
    String shown = m.group(1);
    String[] seen = {""};
    SSLContext trusting = SSLContext.getInstance("TLS");
    trusting.init(null, new TrustManager[] {new Seeing(seen)}, null);
    try (Socket s = trusting.getSocketFactory().createSocket("127.0.0.1", port)) {
      s.getOutputStream().write("GET /pieces/3 HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n".getBytes());
      String answer = new String(s.getInputStream().readAllBytes());
      assertThat(answer).startsWith("HTTP/1.1 302").contains("/pair");
    }
    assertThat(seen[0]).isEqualTo(shown);
    assertThat(page).doesNotContain("The door is unsealed");
    assertThat(open()).as("it is open already").doesNotContain("The door is unsealed");
    home.post("/share/off");
    assertThat(open()).contains("The door is unsealed");
  }

  /** Takes any certificate, and keeps its fingerprint. */
  private record Seeing(String[] seen) implements X509TrustManager {
    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type) {}

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type)
        throws CertificateException {
      try {
        byte[] digest = MessageDigest.getInstance("SHA-256").digest(chain[0].getEncoded());
        seen[0] = HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
      } catch (NoSuchAlgorithmException e) {
        throw new CertificateException(e);
      }
    }

    @Override
    public X509Certificate[] getAcceptedIssuers() {
      return new X509Certificate[0];
    }
  }

  /** A stranger who asks all the while the door is opened and closed never passes as the owner. */
  @Test
  void while_the_door_is_closed_a_stranger_stays_outside() throws Exception {
    AtomicInteger port = new AtomicInteger(Integer.parseInt(found(PORT, open())));
    AtomicBoolean over = new AtomicBoolean();
    List<String> let = new CopyOnWriteArrayList<>();
    List<Thread> strangers = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Thread t =
          new Thread(
              () -> {
                while (!over.get()) {
                  try (Socket s = new Socket("127.0.0.1", port.get())) {
                    s.setSoTimeout(5_000);
                    String ask =
                        "GET /share HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n";
                    s.getOutputStream().write(ask.getBytes());
                    String answer = new String(s.getInputStream().readAllBytes());
                    if (answer.startsWith("HTTP/1.1 200")) {
                      let.add(answer);
                    }
                  } catch (IOException e) {
                    // The door is closed just now.
                  }
                }
              });
      t.start();
      strangers.add(t);
    }
    for (int i = 0; i < 12; i++) {
      home.post("/share/off");
      port.set(Integer.parseInt(found(PORT, open())));
    }
    over.set(true);
    for (Thread t : strangers) {
      t.join();
    }
    assertThat(let).isEmpty();
  }

  /**
   * A minute, so that a busy machine gets there; a stream that went on would stay open for thirty.
   */
  private static final int STREAM_ENDS = 60_000;

  @Test
  void a_stream_of_a_device_ends_with_its_pairing() throws Exception {
    home.get("/instruments");
    home.post("/instruments/on");
    String page = open();
    int port = Integer.parseInt(found(PORT, page));
    String cookie = cookieOf(page);
    try (Socket s = new Socket("127.0.0.1", port)) {
      String ask =
          "GET /instruments/stream HTTP/1.1\r\nHost: 127.0.0.1\r\nAccept: text/event-stream\r\nCookie: "
              + cookie
              + "\r\n\r\n";
      s.getOutputStream().write(ask.getBytes());
      BufferedReader in = new BufferedReader(new InputStreamReader(s.getInputStream()));
      assertThat(in.readLine()).isEqualTo("HTTP/1.1 200 ");
      for (String line = in.readLine(); !line.contains("listening"); line = in.readLine()) {
        assertThat(line).isNotNull();
      }
      home.get("/share");
      Matcher id =
          Pattern.compile("name=\"device\" value=\"(\\d+)\"").matcher(home.get("/share").body());
      assertThat(id.find()).isTrue();
      home.post("/share/revoke", "device", id.group(1));
      s.setSoTimeout(STREAM_ENDS);
      String line = in.readLine();
      while (line != null) {
        line = in.readLine();
      }
    } catch (java.net.SocketTimeoutException e) {
      throw new AssertionError("the stream goes on without its pairing", e);
    } catch (java.net.SocketException ended) {
      // Cut off: it has ended as well.
      assertThat(ended.getMessage()).isNotBlank();
    }
    home.post("/instruments/off");
  }

  /** Forms that are sent by halves fill the door, never the pages of this machine. */
  @Test
  void half_sent_forms_hold_up_no_page_of_this_machine() throws IOException {
    String page = open();
    int port = Integer.parseInt(found(PORT, page));
    List<Socket> halves = new ArrayList<>();
    try {
      for (int i = 0; i < 90; i++) {
        Socket s = new Socket("127.0.0.1", port);
        halves.add(s);
        s.getOutputStream()
            .write(
                "POST /pair HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 99\r\n\r\nname="
                    .getBytes());
      }
      for (int i = 0; i < 20; i++) {
        assertThat(home.get("/words").statusCode()).isEqualTo(200);
      }
    } finally {
      for (Socket s : halves) {
        s.close();
      }
    }
  }
}
