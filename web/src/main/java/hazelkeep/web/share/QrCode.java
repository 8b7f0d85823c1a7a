package hazelkeep.web.share;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import hazelkeep.measure.Refused;

/** A link as a picture that a tablet's camera reads. */
final class QrCode {
  private QrCode() {}

  /** The picture as SVG. */
  static String of(String link) {
    try {
      BitMatrix m = new QRCodeWriter().encode(link, BarcodeFormat.QR_CODE, 0, 0);
      StringBuilder d = new StringBuilder();
      for (int y = 0; y < m.getHeight(); y++) {
        for (int x = 0; x < m.getWidth(); x++) {
          if (m.get(x, y)) {
            d.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
          }
        }
      }
      return "<svg class=\"qr\" role=\"img\" aria-label=\"Code for the tablet's camera\""
          + " shape-rendering=\"crispEdges\" viewBox=\"0 0 "
          + m.getWidth()
          + " "
          + m.getHeight()
          + "\"><rect width=\"100%\" height=\"100%\" fill=\"#fff\"/><path d=\""
          + d
          + "\"/></svg>";
    } catch (WriterException e) {
      throw new Refused("The link is too long for a code", e);
    }
  }
}
