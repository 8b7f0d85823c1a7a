package hazelkeep.web;

import com.google.zxing.common.BitMatrix;
import com.google.zxing.common.DecoderResult;
import com.google.zxing.qrcode.decoder.Decoder;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the code of a page's picture, module by module. */
final class QrRead {
  private static final Pattern BOX =
      Pattern.compile("class=\"qr\"[^>]*viewBox=\"0 0 (\\d+) \\d+\"");
  private static final Pattern MODULE = Pattern.compile("M(\\d+) (\\d+)h1v1h-1z");

  private QrRead() {}

  static String link(String page) {
    try {
      Matcher box = BOX.matcher(page);
      if (!box.find()) {
        throw new AssertionError("There is no code on the page");
      }
      int size = Integer.parseInt(box.group(1));
      BitMatrix all = new BitMatrix(size);
      Matcher m = MODULE.matcher(page);
      while (m.find()) {
        all.set(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)));
      }
      int[] in = all.getEnclosingRectangle();
      BitMatrix code = new BitMatrix(in[2]);
      for (int y = 0; y < in[3]; y++) {
        for (int x = 0; x < in[2]; x++) {
          if (all.get(in[0] + x, in[1] + y)) {
            code.set(x, y);
          }
        }
      }
      DecoderResult read = new Decoder().decode(code);
      return read.getText();
    } catch (com.google.zxing.ReaderException e) {
      throw new AssertionError(e);
    }
  }
}
